package org.yellowfit.app.people;

import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** The signed-in person, for the head of every page. */
@ControllerAdvice
class EveryPage {

    @ModelAttribute("me")
    SignedIn me(Authentication authentication) {
        return authentication != null && authentication.getPrincipal() instanceof SignedIn person ? person : null;
    }
}
