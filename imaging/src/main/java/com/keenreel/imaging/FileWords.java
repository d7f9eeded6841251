package com.keenreel.imaging;

import com.adobe.internal.xmp.XMPConst;
import com.adobe.internal.xmp.XMPException;
import com.adobe.internal.xmp.XMPMeta;
import com.adobe.internal.xmp.properties.XMPProperty;
import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Directory;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import com.drew.metadata.iptc.IptcDirectory;
import com.drew.metadata.xmp.XmpDirectory;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What a file says of itself in EXIF, IPTC and XMP. Texts are empty where nobody wrote any: what cameras and programs put
 * there by themselves is left out.
 *
 * @param alt from IPTC's "alt text (accessibility)", the only field that is meant as one
 * @param credit who it is by
 * @param taken when it was taken, by the camera's clock; null when that is not said
 * @param orientation how it must be turned, as EXIF numbers it, 1 to 8
 */
public record FileWords(
        String title,
        String caption,
        String alt,
        String credit,
        @Nullable LocalDateTime taken,
        int orientation) {
    /** Says nothing. */
    public static final FileWords NONE = new FileWords("", "", "", "", null, 1);

    private static final String IPTC_CORE = "http://iptc.org/std/Iptc4xmpCore/1.0/xmlns/";
    private static final String PHOTOSHOP = "http://ns.adobe.com/photoshop/1.0/";
    /** The most characters that a credit has: it goes into every published file. */
    public static final int CREDIT = 200;

    private static final int MOST = 2000;
    private static final Pattern DATE =
            Pattern.compile("(\\d{4})[-:]?(\\d\\d)[-:]?(\\d\\d)(?:[T ](\\d\\d):?(\\d\\d)(?::?(\\d\\d))?)?.*");

    /** Reads them; what cannot be read is not said. */
    static FileWords of(byte[] file) {
        try {
            return of(ImageMetadataReader.readMetadata(new ByteArrayInputStream(file), file.length));
        } catch (ImageProcessingException | IOException | RuntimeException | StackOverflowError unreadable) {
            return NONE;
        }
    }

    private static FileWords of(Metadata metadata) {
        ExifIFD0Directory exif = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
        ExifSubIFDDirectory shot = metadata.getFirstDirectoryOfType(ExifSubIFDDirectory.class);
        IptcDirectory iptc = metadata.getFirstDirectoryOfType(IptcDirectory.class);
        XmpDirectory packet = metadata.getFirstDirectoryOfType(XmpDirectory.class);
        XMPMeta xmp = packet == null ? null : packet.getXMPMeta();
        ByMachine machine = ByMachine.of(metadata);
        return new FileWords(
                first(
                        machine,
                        local(xmp, XMPConst.NS_DC, "title"),
                        text(iptc, IptcDirectory.TAG_OBJECT_NAME),
                        text(iptc, IptcDirectory.TAG_HEADLINE)),
                first(
                        machine,
                        local(xmp, XMPConst.NS_DC, "description"),
                        text(iptc, IptcDirectory.TAG_CAPTION),
                        text(exif, ExifIFD0Directory.TAG_IMAGE_DESCRIPTION)),
                machine.without(local(xmp, IPTC_CORE, "AltTextAccessibility")),
                credit(first(
                        machine,
                        plain(xmp, PHOTOSHOP, "Credit"),
                        text(iptc, IptcDirectory.TAG_CREDIT),
                        local(xmp, XMPConst.NS_DC, "rights"),
                        text(iptc, IptcDirectory.TAG_COPYRIGHT_NOTICE),
                        text(exif, ExifIFD0Directory.TAG_COPYRIGHT),
                        item(xmp, XMPConst.NS_DC, "creator"),
                        text(iptc, IptcDirectory.TAG_BY_LINE),
                        text(exif, ExifIFD0Directory.TAG_ARTIST))),
                date(first(
                        text(shot, ExifSubIFDDirectory.TAG_DATETIME_ORIGINAL),
                        plain(xmp, PHOTOSHOP, "DateCreated"),
                        (text(iptc, IptcDirectory.TAG_DATE_CREATED) + " " + text(iptc, IptcDirectory.TAG_TIME_CREATED))
                                .strip(),
                        plain(xmp, XMPConst.NS_XMP, "CreateDate"),
                        text(exif, ExifIFD0Directory.TAG_DATETIME))),
                orientation(exif));
    }

    private static String first(String... texts) {
        return Arrays.stream(texts).filter(text -> !text.isEmpty()).findFirst().orElse("");
    }

    /** The first that a person has written. */
    private static String first(ByMachine machine, String... texts) {
        return first(Arrays.stream(texts).map(machine::without).toArray(String[]::new));
    }

    private static String credit(String text) {
        return text.length() > CREDIT ? text.substring(0, CREDIT) : text;
    }

    private static String tidy(@Nullable String text) {
        String plain =
                text == null ? "" : text.replaceAll("[\\p{Cntrl}\\s]+", " ").strip();
        return plain.length() > MOST ? plain.substring(0, MOST) : plain;
    }

    private static String text(@Nullable Directory directory, int tag) {
        return tidy(directory == null ? null : directory.getString(tag));
    }

    private static String local(@Nullable XMPMeta xmp, String space, String name) {
        try {
            XMPProperty found = xmp == null ? null : xmp.getLocalizedText(space, name, null, XMPConst.X_DEFAULT);
            return tidy(found == null ? null : found.getValue());
        } catch (XMPException notText) {
            return "";
        }
    }

    private static String plain(@Nullable XMPMeta xmp, String space, String name) {
        try {
            return tidy(xmp == null ? null : xmp.getPropertyString(space, name));
        } catch (XMPException notText) {
            return "";
        }
    }

    private static String item(@Nullable XMPMeta xmp, String space, String name) {
        try {
            return xmp == null || !xmp.doesArrayItemExist(space, name, 1)
                    ? ""
                    : tidy(xmp.getArrayItem(space, name, 1).getValue());
        } catch (XMPException notText) {
            return "";
        }
    }

    private static @Nullable LocalDateTime date(String text) {
        Matcher parts = DATE.matcher(text);
        if (!parts.matches()) {
            return null;
        }
        try {
            return LocalDateTime.of(
                    number(parts.group(1)),
                    number(parts.group(2)),
                    number(parts.group(3)),
                    number(parts.group(4)),
                    number(parts.group(5)),
                    number(parts.group(6)));
        } catch (DateTimeException nonsense) { // some cameras write noughts
            return null;
        }
    }

    private static int number(@Nullable String digits) {
        return digits == null ? 0 : Integer.parseInt(digits);
    }

    private static int orientation(@Nullable ExifIFD0Directory exif) {
        Integer value = exif == null ? null : exif.getInteger(ExifIFD0Directory.TAG_ORIENTATION);
        return value == null || value < 1 || value > 8 ? 1 : value;
    }
}
