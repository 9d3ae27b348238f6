package gatepin.web;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;

/**
 * Nobody signs in yet: the application listens on loopback and there is one owner. Pages load nothing from
 * elsewhere and run no inline script; every change needs a token, kept in a cookie so that an open page survives a
 * restart.
 */
@Configuration
class Security {
    private static final String CONTENT_SECURITY_POLICY = "default-src 'none'; script-src 'self'; style-src 'self';"
            + " img-src 'self'; font-src 'self'; connect-src 'self'; form-action 'self'; base-uri 'none';"
            + " frame-ancestors 'none'; manifest-src 'self'";

    /** No page asks for a sensor; a photo is taken by the telephone's own camera and sent as a file. */
    static final String PERMISSIONS =
            "camera=(), microphone=(), geolocation=(), payment=(), usb=(), serial=(), display-capture=()";

    @Bean
    SecurityFilterChain filters(HttpSecurity http) {
        http.authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .sessionManagement(sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .csrf(csrf -> csrf.csrfTokenRepository(tokens()))
                .headers(headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_SECURITY_POLICY))
                        .permissionsPolicyHeader(permissions -> permissions.policy(PERMISSIONS))
                        .referrerPolicy(referrer -> referrer.policy(
                                org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter
                                        .ReferrerPolicy.SAME_ORIGIN)))
                .requestCache(cache -> cache.disable())
                .logout(logout -> logout.disable());
        return http.build();
    }

    private static CookieCsrfTokenRepository tokens() {
        CookieCsrfTokenRepository tokens = new CookieCsrfTokenRepository();
        tokens.setCookieCustomizer(cookie -> cookie.sameSite("Strict").httpOnly(true));
        return tokens;
    }

    /** There are no accounts. Without this bean a password would be made up and logged. */
    @Bean
    UserDetailsService nobody() {
        return name -> {
            throw new UsernameNotFoundException("there are no accounts");
        };
    }
}
