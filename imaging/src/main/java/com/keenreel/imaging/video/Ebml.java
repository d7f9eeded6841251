package com.keenreel.imaging.video;

import java.io.EOFException;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Elements in elements, as Matroska has them. Source: RFC 8794, EBML. */
record Ebml(Bytes file) {
    /** What a file begins with. */
    static final long HEADER = 0x1A45DFA3L;

    private static final int MOST = 4000;

    /**
     * One element.
     *
     * @param from where what is in it begins
     * @param end where it ends; that of what it stands in where it does not say
     */
    record Element(long id, long from, long end) {
        long length() {
            return end - from;
        }
    }

    /** The elements there, up to the first that has that id, which is the last one given. */
    List<Element> until(long last, long from, long end) throws IOException {
        List<Element> all = new ArrayList<>();
        long at = from;
        while (at < end && at < file.size()) {
            int idLength = lengthOf(at);
            int sizeLength = lengthOf(at + idLength);
            long id = file.number(at, idLength);
            long size = file.number(at + idLength, sizeLength) & (1L << 7 * sizeLength) - 1;
            long inside = at + idLength + sizeLength;
            boolean open = size == (1L << 7 * sizeLength) - 1;
            Element element = new Element(id, inside, open ? end : Math.addExact(inside, size));
            all.add(element);
            if (id == last) {
                return all;
            }
            if (all.size() == MOST) {
                throw new EOFException();
            }
            at = element.end;
        }
        return all;
    }

    /** The elements in another. */
    List<Element> inside(Element element) throws IOException {
        return until(-1, element.from, element.end);
    }

    /** The first of that id in another. */
    Optional<Element> in(Element element, long id) throws IOException {
        return find(inside(element), id);
    }

    static Optional<Element> find(List<Element> elements, long id) {
        return elements.stream().filter(element -> element.id == id).findFirst();
    }

    long number(Element element) throws IOException {
        return file.number(element.from, element.length());
    }

    /** A number with fractions, of four or eight bytes. */
    double fraction(Element element) throws IOException {
        return element.length() == 4
                ? Float.intBitsToFloat((int) number(element))
                : Double.longBitsToDouble(number(element));
    }

    String text(Element element) throws IOException {
        return file.text(element.from, (int) Math.min(64, element.length())).replace("\0", "");
    }

    /** Of how many bytes a number is whose first bits say so. */
    private int lengthOf(long at) throws IOException {
        int first = (int) file.number(at, 1);
        if (first == 0) {
            throw new EOFException();
        }
        return Integer.numberOfLeadingZeros(first) - 23;
    }
}
