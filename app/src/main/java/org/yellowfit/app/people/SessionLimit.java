package org.yellowfit.app.people;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * A session ends a day after it was begun, however busy it is, and after eight hours without use; OWASP ASVS 4.0.3,
 * 3.3.2, asks for 30 days and 12 h.
 */
class SessionLimit extends OncePerRequestFilter {

    static final Duration LONGEST = Duration.ofHours(24);

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HttpSession session = request.getSession(false);
        if (session != null && isOver(Instant.ofEpochMilli(session.getCreationTime()), Instant.now())) {
            session.invalidate();
        }
        chain.doFilter(request, response);
    }

    static boolean isOver(Instant begun, Instant now) {
        return Duration.between(begun, now).compareTo(LONGEST) > 0;
    }
}
