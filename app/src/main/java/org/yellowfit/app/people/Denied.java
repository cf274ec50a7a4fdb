package org.yellowfit.app.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.stereotype.Component;

/** Whoever tries what their role does not reach is told, and it is noted; so is whoever goes. */
@Component
class Denied implements AccessDeniedHandler {

    private final Trail trail;

    Denied(Trail trail) {
        this.trail = trail;
    }

    @Override
    public void handle(HttpServletRequest request, HttpServletResponse response, AccessDeniedException e)
            throws IOException {
        note(request, e);
        response.sendError(HttpStatus.FORBIDDEN.value());
    }

    void left(HttpServletRequest request, HttpServletResponse response, Authentication who) {
        if (who != null) {
            trail.tried(who.getName(), Trail.Deed.SIGNED_OUT, "");
        }
    }

    /** A page that was open for too long is no attempt at anything. */
    void note(HttpServletRequest request, AccessDeniedException e) {
        if (request.getUserPrincipal() != null && !(e instanceof CsrfException)) {
            trail.tried(
                    request.getUserPrincipal().getName(),
                    Trail.Deed.DENIED,
                    request.getMethod() + " " + request.getRequestURI());
        }
    }
}
