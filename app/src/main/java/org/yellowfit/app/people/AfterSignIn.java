package org.yellowfit.app.people;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.authentication.AuthenticationFailureHandler;
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.security.web.savedrequest.CookieRequestCache;
import org.springframework.stereotype.Component;

/** Where it goes on after somebody has signed in, or has not been let in. */
@Component
class AfterSignIn extends SavedRequestAwareAuthenticationSuccessHandler implements AuthenticationFailureHandler {

    private final People people;

    AfterSignIn(People people) {
        this.people = people;
        setRequestCache(new CookieRequestCache());
    }

    @Override
    public void onAuthenticationSuccess(
            HttpServletRequest request, HttpServletResponse response, Authentication authentication)
            throws ServletException, IOException {
        request.getSession().setAttribute(Sessions.FROM, Trail.address(request));
        people.signedIn(authentication.getName());
        super.onAuthenticationSuccess(request, response, authentication);
    }

    @Override
    public void onAuthenticationFailure(
            HttpServletRequest request, HttpServletResponse response, AuthenticationException e) throws IOException {
        String why =
                e instanceof SignIn.TooOften often ? "wait=" + (often.left().toMinutes() + 1) : "error";
        getRedirectStrategy().sendRedirect(request, response, "/sign-in?" + why);
    }
}
