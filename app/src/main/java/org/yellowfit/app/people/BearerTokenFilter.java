package org.yellowfit.app.people;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.AuthenticatedPrincipal;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;
import org.yellowfit.app.shop.ShopMember;

/** Signs in a program by the token in its {@code Authorization: Bearer} header, for this one request. */
class BearerTokenFilter extends OncePerRequestFilter {

    private static final String SCHEME = "Bearer ";

    private final Tokens tokens;

    BearerTokenFilter(Tokens tokens) {
        this.tokens = tokens;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String header = request.getHeader("Authorization");
        if (header != null && header.regionMatches(true, 0, SCHEME, 0, SCHEME.length())) {
            tokens.find(header.substring(SCHEME.length()).strip()).ifPresent(BearerTokenFilter::signIn);
        }
        chain.doFilter(request, response);
    }

    /** The program that calls. */
    private record Program(String label, long shopId) implements AuthenticatedPrincipal, ShopMember {

        @Override
        public String getName() {
            return label;
        }
    }

    private static void signIn(ApiToken token) {
        var context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                new Program(token.label(), token.shopId()),
                null,
                List.of(new SimpleGrantedAuthority("ROLE_" + token.role().name()))));
        SecurityContextHolder.setContext(context);
    }
}
