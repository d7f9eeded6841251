package com.keenreel.app.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
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

    /** What web servers add to what they pass on. */
    private static final List<String> FORWARDING = List.of(
            "Forwarded",
            "Via",
            "X-Forwarded-For",
            "X-Forwarded-Host",
            "X-Forwarded-Proto",
            "X-Forwarded-Server",
            "X-Real-IP",
            "True-Client-IP");

    /** Of everything that is sent but files, bytes: more than the longest table of words. */
    private static final long LARGEST = 8_000_000;

    private static final String ASKING = """
            <!doctype html><html lang="en"><head><meta charset="utf-8"><title>Keen Reel asks for its key</title></head><body><main>
            <h1>Keen Reel asks for its key</h1>
            <p>Others can reach what is published here, so editing asks for a key, once in each browser. It was said when Keen
            Reel was started, and stands in the file <code>key</code> of its data folder.</p>
            <form method="get"><label>Key <input name="key" autocomplete="off" spellcheck="false" required></label> <button>Go on</button></form>
            </main></body></html>
            """;

    private static final String NOTHING = "There is nothing at this address.";

    private static final Set<String> CHANGING = Set.of("POST", "PUT", "PATCH", "DELETE");

    private final Settings settings;
    private final PublicAddress publicAddress;
    private final EditorKey key;

    SiteGuard(Settings settings, PublicAddress publicAddress, EditorKey key) {
        this.key = key;
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
        if (!PlainPath.is(request.getRequestURI())) { // it would lead elsewhere than those who decide by it see
            refuse(response, 404, NOTHING);
            return;
        }
        if (request.getLocalPort() == settings.sitePort()) {
            practice(request, response);
            return;
        }
        if (request.getLocalPort() == settings.publicPort()) {
            published(request, response, chain);
            return;
        }
        if (cameThroughAServer(request)) {
            refuse(response, 421, passedOn());
            return;
        }
        if (isTooLarge(request)) {
            response.setStatus(413);
            response.setContentType("application/json;charset=utf-8");
            response.getWriter()
                    .write("{\"problem\":\"At most " + LARGEST / 1_000_000 + " MB can be sent here at once.\"}");
            return;
        }
        String host = String.valueOf(request.getHeader("Host"));
        String path = request.getRequestURI();
        boolean own = host.equals("localhost:" + settings.port());
        boolean byPublicAddress = isPublic(path) && publicAddress.isNamedBy(host);
        if (!own && !byPublicAddress) {
            refuse(response, 421, "Keen Reel answers at " + settings.origin() + " only.");
        } else if (path.startsWith(PRACTICE)) {
            refuse(response, 404, NOTHING);
        } else if (CHANGING.contains(request.getMethod()) && !isOwnOrigin(request)) {
            refuse(response, 403, "Another site may not change anything here.");
        } else if (!isPublic(path) && isForeignRead(request)) {
            refuse(response, 403, "Another site may read published addresses only.");
        } else if (isPublic(path) || !key.isAsked() || key.isIn(request)) {
            chain.doFilter(request, response);
        } else {
            ask(request, response);
        }
    }

    /** Takes the key that an address carries, or says that it is asked for. */
    private void ask(HttpServletRequest request, HttpServletResponse response) throws IOException {
        String said = request.getParameter("key");
        if (said != null && key.is(said)) {
            response.setHeader("Set-Cookie", key.cookie());
            response.setHeader("Location", request.getRequestURI());
            response.setStatus(303);
            return;
        }
        response.setStatus(401);
        if (!String.valueOf(request.getHeader("Accept")).contains("text/html")) {
            response.setContentType("application/json;charset=utf-8");
            response.getWriter()
                    .write("{\"problem\":\"Editing asks for the key that was said when Keen Reel was started.\"}");
            return;
        }
        response.setContentType("text/html;charset=utf-8");
        response.setHeader("Content-Security-Policy", "default-src 'none'; form-action 'self'; frame-ancestors 'none'");
        response.getWriter().write(ASKING);
    }

    /** A web server in front leaves traces, and is not how the editor is reached: it would hand it to everybody. */
    private static boolean cameThroughAServer(HttpServletRequest request) {
        return !request.getRemoteAddr().startsWith("127.")
                        && !request.getRemoteAddr().equals("0:0:0:0:0:0:0:1")
                || request.getProtocol().equals("HTTP/1.0")
                || FORWARDING.stream().anyMatch(name -> request.getHeader(name) != null);
    }

    private String passedOn() {
        return "Keen Reel is edited on its own computer alone, and this came through another server. Let that server pass"
                + " published addresses on to "
                + (settings.publicPort() > 0
                        ? "port " + settings.publicPort() + "."
                        : "a port of their own: start Keen Reel with --public-port 8323.");
    }

    /** Files have their own limit, and say it themselves. */
    private static boolean isTooLarge(HttpServletRequest request) {
        boolean file = request.getRequestURI().matches("/pictures(/videos|/originals)?")
                || request.getRequestURI().endsWith("/file");
        boolean chunked = request.getHeader("Transfer-Encoding") != null;
        return !file && (chunked || request.getContentLengthLong() > LARGEST);
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
            refuse(response, 404, NOTHING);
        } else if (!isReading(request)) {
            refuse(response, 405, "Published addresses can only be read.");
        } else {
            chain.doFilter(request, response);
        }
    }

    private static boolean isReading(HttpServletRequest request) {
        return request.getMethod().equals("GET") || request.getMethod().equals("HEAD");
    }

    private void practice(HttpServletRequest request, HttpServletResponse response)
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
