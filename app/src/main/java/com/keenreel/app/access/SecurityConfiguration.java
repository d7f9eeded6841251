package com.keenreel.app.access;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;

/**
 * No accounts: whoever reaches the loopback address may edit. Every change carries a forgery token, which lives in a
 * cookie, so that it outlives a restart and a retry.
 */
@Configuration
class SecurityConfiguration {
    /** Visitors of published addresses and of the practice site are given no cookie: they can change nothing. */
    @Bean
    @Order(1)
    SecurityFilterChain visitors(HttpSecurity http) {
        return http.securityMatcher(request -> SiteGuard.isPublic(request.getRequestURI())
                        || request.getRequestURI().startsWith(SiteGuard.PRACTICE))
                .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .csrf(AbstractHttpConfigurer::disable)
                .headers(AbstractHttpConfigurer::disable)
                .sessionManagement(sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .requestCache(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .build();
    }

    @Bean
    @Order(2)
    SecurityFilterChain everything(HttpSecurity http) {
        CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieCustomizer(cookie -> cookie.sameSite("Strict").path("/"));
        CsrfTokenRequestAttributeHandler handler = new CsrfTokenRequestAttributeHandler();
        handler.setCsrfRequestAttributeName(
                null); // the cookie is sent with every answer, not only where a form asks for it
        return http.authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .csrf(csrf -> csrf.csrfTokenRepository(tokens).csrfTokenRequestHandler(handler))
                .headers(AbstractHttpConfigurer::disable)
                .sessionManagement(sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .requestCache(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .build();
    }

    /** Nobody signs in; saying so keeps a default user from being made. */
    @Bean
    AuthenticationManager nobody() {
        return authentication -> {
            throw new org.springframework.security.authentication.BadCredentialsException("Nobody signs in here.");
        };
    }
}
