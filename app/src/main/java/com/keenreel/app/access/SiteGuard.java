package com.keenreel.app.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Keeps the sites apart. The application answers under its own host alone, so that no foreign name can be pointed at it;
 * another site can neither change anything nor read anything but published addresses; the practice site and the published
 * addresses have ports of their own, which see nothing of the application.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
public class SiteGuard extends OncePerRequestFilter {
    /** Where requests to the practice site are answered inside; asked for from outside, it does not exist. */
    public static final String PRACTICE = "/practice-site";

    private static final Set<String> CHANGING = Set.of("POST", "PUT", "PATCH", "DELETE");

    private final Settings settings;
    private final PublicAddress publicAddress;

    SiteGuard(Settings settings, PublicAddress publicAddress) {
        this.settings = settings;
        this.publicAddress = publicAddress;
    }

    /** True for addresses that visitors of any page may ask for. */
    static boolean isPublic(String path) {
        return path.startsWith("/r/") || path.startsWith("/f/") || path.equals("/reel.js") || path.equals("/oembed");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getLocalPort() == settings.sitePort()) {
            practice(request, response, chain);
            return;
        }
        if (request.getLocalPort() == settings.publicPort()) {
            published(request, response, chain);
            return;
        }
        String host = String.valueOf(request.getHeader("Host"));
        String path = request.getRequestURI();
        boolean own = host.equals("localhost:" + settings.port());
        boolean byPublicAddress = isPublic(path) && publicAddress.isNamedBy(host);
        if (!own && !byPublicAddress) {
            refuse(response, 421, "Keen Reel answers at " + settings.origin() + " only.");
        } else if (path.startsWith(PRACTICE)) {
            refuse(response, 404, "There is nothing at this address.");
        } else if (CHANGING.contains(request.getMethod()) && !isOwnOrigin(request)) {
            refuse(response, 403, "Another site may not change anything here.");
        } else if (!isPublic(path) && isForeignRead(request)) {
            refuse(response, 403, "Another site may read published addresses only.");
        } else {
            chain.doFilter(request, response);
        }
    }

    private boolean isOwnOrigin(HttpServletRequest request) {
        String origin = request.getHeader("Origin");
        return origin == null
                ? !"cross-site".equals(request.getHeader("Sec-Fetch-Site"))
                : origin.equals(settings.origin());
    }

    private static boolean isForeignRead(HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        boolean foreign = "cross-site".equals(site) || "same-site".equals(site);
        boolean opened = "navigate".equals(request.getHeader("Sec-Fetch-Mode"))
                && "document".equals(request.getHeader("Sec-Fetch-Dest"));
        return foreign && !opened;
    }

    /** Under whatever name a web server in front passes on: there is nothing here but what anyone may read. */
    private static void published(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!isPublic(request.getRequestURI())) {
            refuse(response, 404, "There is nothing at this address.");
        } else if (!isReading(request)) {
            refuse(response, 405, "Published addresses can only be read.");
        } else {
            chain.doFilter(request, response);
        }
    }

    private static boolean isReading(HttpServletRequest request) {
        return request.getMethod().equals("GET") || request.getMethod().equals("HEAD");
    }

    private void practice(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean known = ("127.0.0.1:" + settings.sitePort()).equals(request.getHeader("Host"));
        if (!known || !isReading(request)) {
            refuse(response, known ? 405 : 421, "The practice site is read at " + settings.siteOrigin() + ".");
            return;
        }
        String inside = PRACTICE + request.getRequestURI();
        request.getRequestDispatcher(inside).forward(request, response);
    }

    private static void refuse(HttpServletResponse response, int status, String sentence) throws IOException {
        response.setStatus(status);
        response.setContentType("text/plain;charset=utf-8");
        response.getWriter().write(sentence);
    }
}
