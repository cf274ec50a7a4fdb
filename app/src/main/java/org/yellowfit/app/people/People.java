package org.yellowfit.app.people;

import java.nio.charset.StandardCharsets;
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
    private static final int SHORTEST_PASSWORD = 10;
    /** What bcrypt takes, in bytes of UTF-8; it would leave out the rest. */
    private static final int LONGEST_PASSWORD_BYTES = 72;

    /** A person as the settings show them. */
    public record Entry(long id, String username, String displayName, Role role, boolean active) {}

    private final PersonRepository persons;
    private final PasswordEncoder encoder;
    private final CurrentShop shop;

    People(PersonRepository persons, PasswordEncoder encoder, CurrentShop shop) {
        this.shop = shop;
        this.persons = persons;
        this.encoder = encoder;
    }

    @Transactional(readOnly = true)
    public List<Entry> all() {
        return persons.findAllByShopIdOrderByDisplayName(shop.id()).stream()
                .map(p -> new Entry(p.id(), p.username(), p.displayName(), p.role(), p.isActive()))
                .toList();
    }

    public boolean isEmpty() {
        return persons.count() == 0;
    }

    @Transactional
    public void add(String username, String displayName, String password, Role role) {
        String name = username.strip().toLowerCase(Locale.ROOT);
        if (!USERNAME.matcher(name).matches()) {
            throw InvalidInput.at("username", "Use 2 to 60 letters, digits, dots, hyphens or underscores.");
        }
        if (displayName.isBlank() || displayName.length() > 120) {
            throw InvalidInput.at("displayName", "Give the name as it is shown, up to 120 letters.");
        }
        checkPassword(password);
        persons.oneAtATime();
        if (persons.findByUsername(name).isPresent()) {
            throw InvalidInput.at("username", "There is somebody with this name already.");
        }
        persons.save(new Person(name, displayName.strip(), encoder.encode(password), role, shop.id()));
    }

    /** @param self the signed-in manager, who cannot shut themselves out */
    @Transactional
    public void setActive(long id, boolean active, String self) {
        own(id).filter(person -> active || !person.username().equals(self))
                .ifPresent(person -> person.setActive(active));
    }

    @Transactional
    public void setPassword(long id, String password) {
        checkPassword(password);
        own(id).ifPresent(person -> person.setPasswordHash(encoder.encode(password)));
    }

    private Optional<Person> own(long id) {
        return persons.findById(id).filter(person -> person.shopId() == shop.id());
    }

    private static void checkPassword(String password) {
        if (password.codePointCount(0, password.length()) < SHORTEST_PASSWORD
                || password.getBytes(StandardCharsets.UTF_8).length > LONGEST_PASSWORD_BYTES) {
            throw InvalidInput.at(
                    "password",
                    "Use %d to %d characters; a letter with an accent counts twice, a picture up to four times.",
                    SHORTEST_PASSWORD,
                    LONGEST_PASSWORD_BYTES);
        }
    }
}
