package com.keenreel.imaging.video;

import com.keenreel.imaging.Refused;
import com.keenreel.imaging.video.Ebml.Element;
import com.keenreel.imaging.video.VideoFile.Kind;
import java.io.EOFException;
import java.io.IOException;
import java.util.List;
import java.util.Set;

/** What the elements of a WebM file say. Source: RFC 9559, Matroska; the WebM container guidelines, which allow a part of it. */
final class WebM {
    private static final long KIND = 0x4282;
    private static final long SEGMENT = 0x18538067L;
    private static final long INFO = 0x1549A966L;
    private static final long SCALE = 0x2AD7B1;
    private static final long LASTS = 0x4489;
    private static final long TRACKS = 0x1654AE6BL;
    private static final long TRACK = 0xAE;
    private static final long TRACK_KIND = 0x83;
    private static final long CODED = 0x86;
    private static final long PICTURE = 0xE0;
    private static final long WIDTH = 0xB0;
    private static final long HEIGHT = 0xBA;
    private static final long SHOWN_WIDTH = 0x54B0;
    private static final long SHOWN_HEIGHT = 0x54BA;
    private static final long SHOWN_AS = 0x54B2;
    private static final long CLUSTER = 0x1F43B675L;

    private static final long MOVING = 1;
    private static final long MILLISECOND = 1_000_000; // ns
    private static final Set<String> PLAYED = Set.of("V_VP8", "V_VP9", "V_AV1");

    private final Ebml elements;

    private WebM(Ebml elements) {
        this.elements = elements;
    }

    static VideoFile read(Bytes file) throws Refused, IOException {
        return new WebM(new Ebml(file)).read(file.size());
    }

    private VideoFile read(long size) throws Refused, IOException {
        List<Element> all = elements.until(SEGMENT, 0, size);
        Element header = all.get(0);
        if (!elements.text(elements.in(header, KIND).orElseThrow(EOFException::new))
                .equals("webm")) {
            throw VideoFile.asMp4("a Matroska");
        }
        Element segment = Ebml.find(all, SEGMENT).orElseThrow(EOFException::new);
        if (segment.end() > size) {
            throw VideoFile.cutOff();
        }
        List<Element> said = elements.until(CLUSTER, segment.from(), segment.end());
        Element tracks = Ebml.find(said, TRACKS).orElseThrow(EOFException::new);
        for (Element track : elements.inside(tracks)) {
            if (track.id() == TRACK && number(track, TRACK_KIND, 0) == MOVING) {
                return of(track, Ebml.find(said, INFO).orElseThrow(EOFException::new));
            }
        }
        throw VideoFile.onlySound();
    }

    private VideoFile of(Element track, Element info) throws Refused, IOException {
        String coded = elements.text(elements.in(track, CODED).orElseThrow(EOFException::new));
        if (!PLAYED.contains(coded)) {
            throw VideoFile.coded(coded);
        }
        Element picture = elements.in(track, PICTURE).orElseThrow(EOFException::new);
        boolean inPx = number(picture, SHOWN_AS, 0) == 0;
        long width = number(picture, WIDTH, 0);
        long height = number(picture, HEIGHT, 0);
        long shownWidth = inPx ? number(picture, SHOWN_WIDTH, width) : width;
        long shownHeight = inPx ? number(picture, SHOWN_HEIGHT, height) : height;
        if (shownWidth < 1 || shownHeight < 1 || shownWidth > Short.MAX_VALUE || shownHeight > Short.MAX_VALUE) {
            throw new EOFException();
        }
        return new VideoFile(Kind.WEBM, (int) shownWidth, (int) shownHeight, length(info), "");
    }

    private long length(Element info) throws IOException {
        Element lasts = elements.in(info, LASTS).orElse(null);
        double ms = lasts == null ? 0 : elements.fraction(lasts) * (double) number(info, SCALE, MILLISECOND) / 1e6;
        return ms > 0 && ms < Integer.MAX_VALUE ? Math.round(ms) : 0; // recorders that write as they go leave it out
    }

    private long number(Element element, long id, long otherwise) throws IOException {
        Element found = elements.in(element, id).orElse(null);
        return found == null ? otherwise : elements.number(found);
    }
}
