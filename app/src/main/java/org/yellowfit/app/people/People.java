package org.yellowfit.app.people;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.shop.CurrentShop;
import org.yellowfit.core.measure.InvalidInput;

/** The people of the shop. */
@Service
public class People {

    private static final Pattern USERNAME = Pattern.compile("[a-z0-9][a-z0-9._-]{1,59}");
    private static final Duration INVITED_FOR = Duration.ofDays(3);

    /** A person as the settings show them. */
    public record Entry(
            long id,
            String username,
            String displayName,
            Role role,
            boolean active,
            boolean invited,
            boolean secondFactor,
            Optional<Instant> signedInAt) {

        private static Entry of(Person person) {
            return new Entry(
                    person.id(),
                    person.username(),
                    person.displayName(),
                    person.role(),
                    person.isActive(),
                    person.isInvited(Instant.now()),
                    person.secondFactor().isPresent(),
                    person.signedInAt());
        }
    }

    private final PersonRepository persons;
    private final PasswordEncoder encoder;
    private final Passwords passwords;
    private final Sessions sessions;
    private final Trail trail;
    private final CurrentShop shop;

    People(
            PersonRepository persons,
            PasswordEncoder encoder,
            Passwords passwords,
            Sessions sessions,
            Trail trail,
            CurrentShop shop) {
        this.persons = persons;
        this.encoder = encoder;
        this.passwords = passwords;
        this.sessions = sessions;
        this.trail = trail;
        this.shop = shop;
    }

    @Transactional(readOnly = true)
    public List<Entry> all() {
        return persons.findAllByShopIdOrderByDisplayName(shop.id()).stream()
                .map(Entry::of)
                .toList();
    }

    public boolean isEmpty() {
        return persons.count() == 0;
    }

    /** Takes in somebody whose password is known: for the first people of a shop. */
    @Transactional
    public void add(String username, String displayName, String password, Role role) {
        Person person = checked(username, displayName, role);
        passwords.check(password, person.username());
        person.setPasswordHash(encoder.encode(password));
        persons.save(person);
    }

    /**
     * Takes in somebody who is to set a password of their own.
     *
     * @return what the invitation's address ends in; it is not kept and cannot be shown again
     */
    @Transactional
    public String invite(String username, String displayName, Role role) {
        Person person = persons.save(checked(username, displayName, role));
        trail.note(Trail.Deed.PERSON, person.username());
        return invitation(person);
    }

    /** A new way in for somebody who has lost their password; the old one holds until it is used. */
    @Transactional
    public Optional<String> inviteAgain(long id) {
        return own(id).map(person -> {
            trail.note(Trail.Deed.PASSWORD, person.username());
            return invitation(person);
        });
    }

    private static String invitation(Person person) {
        String token = Digests.random();
        person.invite(Digests.sha256(token), Instant.now().plus(INVITED_FOR));
        return token;
    }

    private Person checked(String username, String displayName, Role role) {
        String name = username.strip().toLowerCase(Locale.ROOT);
        if (!USERNAME.matcher(name).matches()) {
            throw InvalidInput.at("username", "Use 2 to 60 letters, digits, dots, hyphens or underscores.");
        }
        if (displayName.isBlank() || displayName.length() > 120) {
            throw InvalidInput.at("displayName", "Give the name as it is shown, up to 120 letters.");
        }
        persons.oneAtATime();
        if (persons.findByUsername(name).isPresent()) {
            throw InvalidInput.at("username", "There is somebody with this name already.");
        }
        return new Person(name, displayName.strip(), null, role, shop.id());
    }

    /** Whom an invitation is for; empty when it is wrong, used or too old. */
    @Transactional(readOnly = true)
    public Optional<Entry> invited(String token) {
        return holder(token).map(Entry::of);
    }

    private Optional<Person> holder(String token) {
        return persons.findByInvitation(Digests.sha256(token)).filter(person -> person.isInvited(Instant.now()));
    }

    /** @return who has set their password; empty when the invitation does not hold */
    @Transactional
    public Optional<Entry> accept(String token, String password) {
        return holder(token).map(person -> {
            passwords.check(password, person.username());
            setPassword(person, password, "");
            return Entry.of(person);
        });
    }

    /** @param here the session that asks, which goes on */
    @Transactional
    public void changePassword(String username, String current, String next, String here) {
        Person person = persons.lock(username).orElseThrow();
        checkCurrent(person, current);
        passwords.check(next, username);
        setPassword(person, next, here);
    }

    void checkCurrent(Person person, String current) {
        if (person.passwordHash().filter(hash -> encoder.matches(current, hash)).isEmpty()) {
            throw InvalidInput.at("current", "This is not your password.");
        }
    }

    private void setPassword(Person person, String password, String here) {
        person.setPasswordHash(encoder.encode(password));
        sessions.endAll(person.username(), here);
        trail.note(Trail.Deed.PASSWORD, person.username());
    }

    /** @param self the signed-in manager, who cannot shut themselves out */
    @Transactional
    public void setActive(long id, boolean active, String self) {
        own(id).filter(person -> active || !person.username().equals(self)).ifPresent(person -> {
            person.setActive(active);
            trail.note(Trail.Deed.PERSON, person.username());
            if (!active) {
                sessions.endAll(person.username(), "");
            }
        });
    }

    @Transactional
    public void signedIn(String username) {
        persons.lock(username).ifPresent(person -> person.signedIn(Instant.now()));
        trail.tried(username, Trail.Deed.SIGNED_IN, "");
    }

    /**
     * Sets the password of a manager who has never signed in: a first start that was interrupted told nobody theirs.
     *
     * @return whether there is such a manager
     */
    @Transactional
    public boolean setFirstPassword(String username, String password) {
        return persons.lock(username)
                .filter(person -> person.signedInAt().isEmpty() && persons.count() == 1)
                .map(person -> {
                    person.setPasswordHash(encoder.encode(password));
                    return true;
                })
                .orElse(false);
    }

    private Optional<Person> own(long id) {
        return persons.findById(id).filter(person -> person.shopId() == shop.id());
    }
}
