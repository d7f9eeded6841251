package com.keenreel.imaging;

import com.drew.metadata.Directory;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What cameras, phones, scanners and programs write into the text fields of files by themselves. Their makers are not listed
 * here: a file names its own, and what says nothing beyond such names, numbers and words for pictures as such was written by
 * no person.
 */
final class ByMachine {
    /** Of a file that names no machine. */
    static final ByMachine UNNAMED = new ByMachine(Set.of());

    private static final Set<String> PICTURES =
            words("image images img picture pictures pict photo photos photograph pic"
                    + " digital camera cam dsc dcim scan scans scanned scanner scanning document page screenshot screen snapshot"
                    + " capture captured created made taken shot with by using on the a of file default description title caption"
                    + " comment new copy media jpeg jpg png tiff tif webp heic gif bild bilder foto fotos kamera imagen imágenes cámara"
                    + " immagine immagini fotocamera afbeelding imagem imagens câmera obraz zdjęcie billede bilde kuva numérisation"
                    + " scansione escaneo escaneado appareil photographie");

    /** Of those, what is no title even where the file names no machine and nothing is numbered. */
    private static final Set<String> ALONE = words("image img picture pict photo pic scan document screenshot default"
            + " description title caption comment file bild foto imagen immagine afbeelding imagem obraz zdjęcie billede bilde"
            + " kuva");

    /** "Untitled" in the languages that reels are said in, as programs number it. */
    private static final Pattern UNTITLED = Pattern.compile(
            "(?:untitled|no title|unbenannt|ohne titel|sans titre|sin título|senza titolo|zonder titel|naamloos|sem título"
                    + "|bez tytułu|namnlös|utan titel|uden titel|unavngivet|uten tittel|uten navn|nimetön|بدون عنوان|ללא כותרת)"
                    + "(?:[ _-]*\\(?\\d+\\)?)?");

    private static final Pattern FILE = Pattern.compile(
            "(?:[a-z]:)?(?:[^\\s/\\\\]*[/\\\\])*[^/\\\\]{1,80}\\.(?:jpe?g|png|tiff?|webp|hei[cf]|gif|avif|bmp|psd)");

    private static final Pattern BY_PROGRAM = Pattern.compile(
            "(?:Created|Generated|Exported|Processed|Edited|Saved) (?:with|using|in) \\p{Lu}\\S*(?: [\\d.]+)?\\.?");

    private static final Pattern IDENTIFIER = Pattern.compile("[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}");

    /** A running number as devices give it, or an identifier. */
    private static final Pattern COUNTED = Pattern.compile("\\d+|[a-z]{1,4}\\d{4,}|(?=.*\\d)[0-9a-f]{8,}");

    private final Set<String> own;

    private ByMachine(Set<String> own) {
        this.own = own;
    }

    /** What is known of the machines that wrote a file. */
    static ByMachine of(Metadata metadata) {
        ExifIFD0Directory exif = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
        ExifSubIFDDirectory shot = metadata.getFirstDirectoryOfType(ExifSubIFDDirectory.class);
        Set<String> own = new HashSet<>();
        Stream.of(
                        said(exif, ExifIFD0Directory.TAG_MAKE),
                        said(exif, ExifIFD0Directory.TAG_MODEL),
                        said(exif, ExifIFD0Directory.TAG_SOFTWARE),
                        said(exif, ExifIFD0Directory.TAG_HOST_COMPUTER),
                        said(shot, ExifSubIFDDirectory.TAG_LENS_MAKE),
                        said(shot, ExifSubIFDDirectory.TAG_LENS_MODEL),
                        said(shot, ExifSubIFDDirectory.TAG_LENS))
                .flatMap(text -> parts(text).stream())
                .forEach(own::add);
        return new ByMachine(own);
    }

    private static String said(@Nullable Directory directory, int tag) {
        String said = directory == null ? null : directory.getString(tag);
        return said == null ? "" : said;
    }

    /** The text, or nothing where no person wrote it. */
    String without(String text) {
        return wrote(text) ? "" : text;
    }

    private boolean wrote(String text) {
        String small = text.strip().toLowerCase(Locale.ROOT);
        List<String> parts = parts(small);
        if (small.codePoints().noneMatch(Character::isLetter)
                || UNTITLED.matcher(small).matches()
                || FILE.matcher(small).matches()
                || IDENTIFIER.matcher(small).matches()
                || BY_PROGRAM.matcher(text.strip()).matches()) {
            return true;
        }
        return parts.stream().allMatch(part -> isOfMachine(part) || PICTURES.contains(part))
                && (parts.stream().anyMatch(this::isOfMachine) || parts.stream().allMatch(ALONE::contains));
    }

    private boolean isOfMachine(String part) {
        return own.contains(part) || COUNTED.matcher(part).matches();
    }

    private static List<String> parts(String text) {
        return Arrays.stream(text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
                .filter(part -> !part.isEmpty())
                .toList();
    }

    private static Set<String> words(String all) {
        return Set.of(all.split(" "));
    }
}
