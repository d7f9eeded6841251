package com.keenreel.app.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Sets the headers of every answer that depend on its path: what may run in it, who may frame it, how long it may be
 * kept. Nothing else in the application sets them.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
public class PathHeaders extends OncePerRequestFilter {
    private static final String POLICY = "Content-Security-Policy";
    private static final String IMMUTABLE = "public, max-age=31536000, immutable";
    private static final String REVALIDATED = "public, no-cache";

    private static final String APPLICATION =
            "default-src 'self'; img-src 'self' blob: data:; media-src 'self' blob:; frame-src 'self'; "
                    + "frame-ancestors 'none'; object-src 'none'; base-uri 'none'; form-action 'self'";

    /** The worker that decodes HEIC runs WebAssembly, and loads nothing. */
    private static final String DECODER = "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'";

    private final Settings settings;

    PathHeaders(Settings settings) {
        this.settings = settings;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getLocalPort() == settings.sitePort()) {
            practice(response);
            chain.doFilter(request, response);
            return;
        }
        String path = request.getRequestURI();
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "strict-origin-when-cross-origin");
        if (SiteGuard.isPublic(path)) {
            response.setHeader("Access-Control-Allow-Origin", "*");
            response.setHeader("Cross-Origin-Resource-Policy", "cross-origin");
            response.setHeader("Cache-Control", path.startsWith("/f/") ? IMMUTABLE : REVALIDATED);
            if (path.endsWith(".svg")) {
                response.setHeader(POLICY, "default-src 'none'; style-src 'unsafe-inline'; sandbox");
            }
        } else {
            response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
            response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
            response.setHeader(POLICY, APPLICATION);
            if (path.equals("/app/heic.js")) {
                response.setHeader(POLICY, DECODER);
            }
            boolean byContent = path.startsWith("/pictures/versions/") || path.startsWith("/app/fonts/");
            response.setHeader("Cache-Control", byContent ? "private, max-age=31536000, immutable" : "no-cache");
            if (path.endsWith(".svg") && path.startsWith("/pictures/")) {
                response.setHeader(POLICY, "default-src 'none'; style-src 'unsafe-inline'; sandbox");
            }
        }
        chain.doFilter(request, new RefusalsNotKept(response));
    }

    /** An answer whose file may be kept for a year; when the file is not there, that is not kept: it may be there soon. */
    private static final class RefusalsNotKept extends HttpServletResponseWrapper {
        RefusalsNotKept(HttpServletResponse response) {
            super(response);
        }

        @Override
        public void setStatus(int status) {
            notKept(status);
            super.setStatus(status);
        }

        @Override
        public void sendError(int status) throws IOException {
            notKept(status);
            super.sendError(status);
        }

        @Override
        public void sendError(int status, String why) throws IOException {
            notKept(status);
            super.sendError(status, why);
        }

        private void notKept(int status) {
            if (status >= 400) {
                setHeader("Cache-Control", "no-cache");
            }
        }
    }

    /** The policy of a page at a public address: anyone may frame it; its own style sheets are named by their content. */
    public static String published(String policy) {
        return policy + "; frame-ancestors *";
    }

    /** For a draft page: only the application's own wall may frame it. */
    public static HttpHeaders draft(String policy) {
        HttpHeaders headers = new HttpHeaders();
        headers.set(POLICY, policy + "; frame-ancestors 'self'");
        return headers;
    }

    /** For the practice site: as any plain site, but no other site may frame it. */
    private static void practice(HttpServletResponse response) {
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Cache-Control", "no-cache");
        response.setHeader(POLICY, "frame-ancestors 'self'");
    }
}
