package com.keenreel.app.pages;

import java.util.stream.IntStream;
import org.springframework.web.util.UriComponentsBuilder;

/** Addresses of lists with what is asked of them. */
public final class Address {
    private Address() {}

    /**
     * The address of a list; what is not asked for is left out of it.
     *
     * @param namesAndValues by turns; an empty value asks for nothing
     */
    public static String of(String path, String... namesAndValues) {
        UriComponentsBuilder address = UriComponentsBuilder.fromPath(path);
        for (int i = 0; i + 1 < namesAndValues.length; i += 2) {
            if (!namesAndValues[i + 1].isEmpty()) {
                address.queryParam(namesAndValues[i], "{" + namesAndValues[i] + "}");
            }
        }
        return address.encode().buildAndExpand(values(namesAndValues)).toUriString();
    }

    private static Object[] values(String... namesAndValues) {
        return IntStream.range(0, namesAndValues.length)
                .filter(i -> i % 2 == 1 && !namesAndValues[i].isEmpty())
                .mapToObj(i -> namesAndValues[i])
                .toArray();
    }
}
