package com.keenreel.imaging.video;

import java.io.EOFException;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;

/** A file of which only a few bytes are read here and there. */
record Bytes(FileChannel file) {
    /** No piece that is looked at is longer. */
    private static final int MOST = 64 << 10;

    long size() throws IOException {
        return file.size();
    }

    /**
     * So many bytes from there on.
     *
     * @throws EOFException when there are fewer, or it asks for more than anything that is looked at has
     */
    ByteBuffer at(long from, long length) throws IOException {
        if (from < 0 || length < 0 || length > MOST) {
            throw new EOFException();
        }
        ByteBuffer read = ByteBuffer.allocate((int) length);
        while (read.hasRemaining()) {
            if (file.read(read, from + read.position()) < 0) {
                throw new EOFException();
            }
        }
        return read.flip();
    }

    /** Text of one byte a letter. */
    String text(long from, int length) throws IOException {
        return new String(at(from, length).array(), StandardCharsets.ISO_8859_1);
    }

    /** A whole number above 0 of up to eight bytes, the greatest first. */
    long number(long from, long length) throws IOException {
        long number = 0;
        ByteBuffer read = at(from, Math.min(length, 8));
        while (read.hasRemaining()) {
            number = number << 8 | read.get() & 0xFF;
        }
        return number;
    }
}
