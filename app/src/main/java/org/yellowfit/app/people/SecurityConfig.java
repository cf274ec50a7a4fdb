package org.yellowfit.app.people;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.Filter;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.hierarchicalroles.RoleHierarchy;
import org.springframework.security.access.hierarchicalroles.RoleHierarchyImpl;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.savedrequest.CookieRequestCache;
import org.springframework.session.web.http.SessionRepositoryFilter;
import org.yellowfit.app.shop.PublicAddress;

/** Who gets in: people by a form and a session, programs by a token and none. */
@Configuration
class SecurityConfig {

    /** Nothing from elsewhere, nothing inline: what is not named here the browser refuses. */
    private static final String CONTENT_SECURITY_POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; "
                    + "font-src 'self'; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    /** A digest that no password has: whoever has set none is refused no sooner than others. */
    private static final String NO_PASSWORD = "{bcrypt}$2a$10$0000000000000000000000000000000000000000000000000000.";

    @Bean
    PasswordEncoder passwordEncoder() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }

    @Bean
    RoleHierarchy roleHierarchy() {
        return RoleHierarchyImpl.withDefaultRolePrefix()
                .role("MANAGER")
                .implies("BUYER")
                .role("BUYER")
                .implies("ADVISOR")
                .build();
    }

    @Bean
    UserDetailsService userDetailsService(PersonRepository persons) {
        return username -> persons.findByUsername(username.strip().toLowerCase(java.util.Locale.ROOT))
                .map(p -> new SignedIn(
                        p.username(),
                        p.displayName(),
                        p.passwordHash().orElse(NO_PASSWORD),
                        p.role(),
                        p.isActive() && p.passwordHash().isPresent(),
                        p.shopId()))
                .orElseThrow(() -> new UsernameNotFoundException("Nobody by this name."));
    }

    /** After the filter that looks up sessions, before the one that reads forms for their token. */
    @Bean
    FilterRegistrationBean<Strangers> strangers() {
        return before(new Strangers(), 2);
    }

    @Bean
    FilterRegistrationBean<SessionLimit> sessionLimit() {
        return before(new SessionLimit(), 1);
    }

    @Bean
    FilterRegistrationBean<BodyLimits> bodyLimits() {
        return before(new BodyLimits(), 3);
    }

    private static <F extends Filter> FilterRegistrationBean<F> before(F filter, int place) {
        FilterRegistrationBean<F> registered = new FilterRegistrationBean<>(filter);
        registered.setOrder(SessionRepositoryFilter.DEFAULT_ORDER + place);
        registered.setDispatcherTypes(DispatcherType.REQUEST);
        return registered;
    }

    @Bean
    @Order(1)
    SecurityFilterChain api(HttpSecurity http, Tokens tokens, Denied denied) throws Exception {
        return http.securityMatcher("/api/v1/**", "/actuator/prometheus")
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .csrf(csrf -> csrf.disable())
                .addFilterBefore(new BearerTokenFilter(tokens), AuthorizationFilter.class)
                .authorizeHttpRequests(requests -> requests.requestMatchers(
                                HttpMethod.POST, "/api/v1/catalogue/**", "/api/v1/stock/**")
                        .hasRole("BUYER")
                        .requestMatchers("/actuator/prometheus")
                        .hasRole("MANAGER")
                        .anyRequest()
                        .hasRole("ADVISOR"))
                .headers(headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_SECURITY_POLICY)))
                .exceptionHandling(errors -> errors.authenticationEntryPoint((request, response, e) -> {
                            response.setHeader("WWW-Authenticate", "Bearer");
                            Problems.write(
                                    response,
                                    HttpStatus.UNAUTHORIZED,
                                    "A bearer token is needed. A manager makes one in the settings.");
                        })
                        .accessDeniedHandler((request, response, e) -> {
                            denied.note(request, e);
                            Problems.write(response, HttpStatus.FORBIDDEN, "This token may not do that.");
                        }))
                .build();
    }

    /**
     * Pictures of plants say nothing of anybody: they are drawn for whoever asks, without a session, and kept by the
     * browser.
     */
    @Bean
    @Order(2)
    SecurityFilterChain drawings(HttpSecurity http) throws Exception {
        return http.securityMatcher("/drawings/**")
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .requestCache(cache -> cache.disable())
                .csrf(csrf -> csrf.disable())
                .authorizeHttpRequests(requests -> requests.requestMatchers(HttpMethod.GET)
                        .permitAll()
                        .anyRequest()
                        .denyAll())
                .headers(headers -> headers.cacheControl(cache -> cache.disable())
                        .contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_SECURITY_POLICY)))
                .build();
    }

    @Bean
    @Order(3)
    SecurityFilterChain screens(HttpSecurity http, AfterSignIn after, Denied denied, PublicAddress address)
            throws Exception {
        return http.authorizeHttpRequests(requests -> requests.requestMatchers(
                                "/sign-in", "/welcome/*", "/take/**", "/error", "/actuator/health/**")
                        .permitAll()
                        .requestMatchers("/settings/**")
                        .hasRole("MANAGER")
                        .requestMatchers(
                                HttpMethod.POST,
                                "/catalogue/**",
                                "/stations/**",
                                "/yard/**",
                                "/records/used",
                                "/records/import")
                        .hasRole("BUYER")
                        .anyRequest()
                        .hasRole("ADVISOR"))
                // Kept by the browser: whoever only looks at the page to sign in leaves nothing in the database.
                .csrf(csrf -> csrf.csrfTokenRepository(csrf(address)))
                .requestCache(cache -> cache.requestCache(new CookieRequestCache()))
                .formLogin(form -> form.loginPage("/sign-in")
                        .authenticationDetailsSource(SignIn.From::new)
                        .successHandler(after)
                        .failureHandler(after)
                        .permitAll())
                .logout(logout -> logout.logoutUrl("/sign-out")
                        .addLogoutHandler(denied::left)
                        .logoutSuccessUrl("/sign-in?out"))
                .exceptionHandling(errors -> errors.accessDeniedHandler(denied))
                .headers(headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_SECURITY_POLICY))
                        .referrerPolicy(referrer -> referrer.policy(
                                org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter
                                        .ReferrerPolicy.SAME_ORIGIN)))
                .build();
    }

    private static CookieCsrfTokenRepository csrf(PublicAddress address) {
        CookieCsrfTokenRepository kept = new CookieCsrfTokenRepository();
        kept.setHeaderName("X-CSRF-TOKEN"); // as the scripts of the pages send it
        kept.setCookieName(address.isSecure() ? "__Host-form" : "form");
        kept.setCookieCustomizer(
                cookie -> cookie.secure(address.isSecure()).path("/").sameSite("Lax"));
        return kept;
    }
}
