package com.keenreel.app.delivery;

import com.keenreel.publish.Snippet;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * The public addresses. They are answered here, before everything that only the application needs: visitors have no
 * session, no token and nothing to change.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class Delivery extends OncePerRequestFilter {
    private static final Pattern FIRST = Pattern.compile("first-(\\d{1,5})\\.([a-z0-9]{1,5})");
    private static final Pattern FILE = Pattern.compile("([0-9a-f]{64})\\.([a-z0-9]{1,5})");

    private final Answers answers;
    private final FetchLog log;

    Delivery(Answers answers, FetchLog log) {
        this.answers = answers;
        this.log = log;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String path = request.getRequestURI();
        boolean reading =
                request.getMethod().equals("GET") || request.getMethod().equals("HEAD");
        if (reading && path.startsWith("/r/")) {
            send(reel(path.substring(3), request), request, response);
        } else if (reading && path.startsWith("/f/")) {
            Matcher named = FILE.matcher(path.substring(3));
            send(named.matches() ? answers.file(named.group(1), named.group(2)).orElse(null) : null, request, response);
        } else if (reading && path.equals("/reel.js")) {
            send(answers.shell(), request, response);
        } else {
            chain.doFilter(request, response);
        }
    }

    private static void send(@Nullable Answer answer, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        if (answer != null) {
            answer.send(request, response);
        } else {
            response.setStatus(HttpServletResponse.SC_NOT_FOUND);
        }
    }

    /** What stands below the address of a reel. */
    private @Nullable Answer reel(String rest, HttpServletRequest request) {
        int slash = rest.indexOf('/');
        String slug = slash < 0 ? rest : rest.substring(0, slash);
        String what = slash < 0 ? "" : rest.substring(slash + 1);
        if (what.isEmpty()) {
            if ("iframe".equals(request.getHeader("Sec-Fetch-Dest"))) {
                log.seen(slug, request.getHeader("Referer"), answers.publication(slug), true);
            }
            return answers.page(slug);
        }
        if (what.equals("fragment")) {
            log.seen(slug, request.getHeader("Referer"), answers.publication(slug), false);
            return answers.fragment(slug);
        }
        if (what.equals(Snippet.REACHED)) {
            return Answers.reached();
        }
        return Optional.of(FIRST.matcher(what))
                .filter(Matcher::matches)
                .map(first -> answers.first(slug, Integer.parseInt(first.group(1)), first.group(2)))
                .orElse(null);
    }
}
