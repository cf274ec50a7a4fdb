package org.yellowfit.app.people;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.authentication.WebAuthenticationDetails;
import org.springframework.stereotype.Component;
import org.yellowfit.app.web.Meters;

/** Lets people in by name, password and, for who has one, a second factor; whoever guesses is slowed down. */
@Component
class SignIn extends DaoAuthenticationProvider {

    /** Where somebody signs in from, and the code they typed, which is not kept. */
    static final class From extends WebAuthenticationDetails {

        private static final long serialVersionUID = 1;

        private final transient String code;

        From(HttpServletRequest request) {
            super(request);
            code = request.getParameter("code");
        }
    }

    /** Not before so long may the next attempt be made. */
    static final class TooOften extends AuthenticationException {

        private static final long serialVersionUID = 1;

        private final Duration wait;

        TooOften(Duration wait) {
            super("Too many attempts.");
            this.wait = wait;
        }

        Duration left() {
            return wait;
        }
    }

    private final Attempts attempts;
    private final SecondFactors factors;
    private final Trail trail;
    private final Meters meters;

    SignIn(
            UserDetailsService people,
            PasswordEncoder encoder,
            Attempts attempts,
            SecondFactors factors,
            Trail trail,
            Meters meters) {
        super(people);
        setPasswordEncoder(encoder);
        // Only who knows the password is told apart from who does not.
        setPreAuthenticationChecks(user -> {});
        setPostAuthenticationChecks(SignIn::checkEnabled);
        this.attempts = attempts;
        this.factors = factors;
        this.trail = trail;
        this.meters = meters;
    }

    private static void checkEnabled(UserDetails user) {
        if (!user.isEnabled()) {
            throw new BadCredentialsException("Shut out.");
        }
    }

    @Override
    public Authentication authenticate(Authentication asked) {
        String name = asked.getName().strip().toLowerCase(Locale.ROOT);
        String address = asked.getDetails() instanceof WebAuthenticationDetails from ? from.getRemoteAddress() : "";
        Duration wait = attempts.wait(name, address, Instant.now());
        if (!wait.isZero()) {
            throw new TooOften(wait);
        }
        try {
            Authentication passed = super.authenticate(asked);
            attempts.passed(name, address);
            return passed;
        } catch (BadCredentialsException e) {
            attempts.failed(name, address, Instant.now());
            trail.tried(name, Trail.Deed.SIGN_IN_REFUSED, "");
            meters.signInRefused();
            throw e;
        }
    }

    @Override
    protected void additionalAuthenticationChecks(UserDetails user, UsernamePasswordAuthenticationToken asked) {
        super.additionalAuthenticationChecks(user, asked);
        String code = asked.getDetails() instanceof From from && from.code != null ? from.code : "";
        if (!factors.isRight(user.getUsername(), code)) {
            throw new BadCredentialsException("The second factor is wrong.");
        }
    }

    @Override
    protected Authentication createSuccessAuthentication(Object principal, Authentication asked, UserDetails user) {
        return super.createSuccessAuthentication(((SignedIn) user).withoutPassword(), asked, user);
    }
}
