package org.yellowfit.app.people;

import java.time.Instant;
import java.util.OptionalLong;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.shop.CurrentShop;
import org.yellowfit.core.measure.InvalidInput;

/** The second factors of the shop’s people: set up, asked for, taken away. */
@Service
public class SecondFactors {

    /** @param uri what the telephone's camera reads */
    public record Offer(String secret, String uri) {}

    private final PersonRepository persons;
    private final People people;
    private final SecondFactor factor;
    private final Trail trail;
    private final CurrentShop shop;

    SecondFactors(PersonRepository persons, People people, SecondFactor factor, Trail trail, CurrentShop shop) {
        this.persons = persons;
        this.people = people;
        this.factor = factor;
        this.trail = trail;
        this.shop = shop;
    }

    public String newSecret() {
        return factor.newSecret();
    }

    public Offer offer(String secret, String username) {
        return new Offer(secret, SecondFactor.uri(secret, username));
    }

    @Transactional(readOnly = true)
    public boolean has(String username) {
        return persons.findByUsername(username).flatMap(Person::secondFactor).isPresent();
    }

    /** @param code made from the secret by the telephone, which so has it */
    @Transactional
    public void take(String username, String secret, String code, String password) {
        Person person = persons.lock(username).orElseThrow();
        people.checkCurrent(person, password);
        OptionalLong step = factor.stepOf(secret, code, 0, Instant.now());
        if (step.isEmpty()) {
            throw InvalidInput.at("code", "The code is not the one of just now. Look at the clock of the telephone.");
        }
        person.setSecondFactor(factor.encrypted(secret));
        person.used(step.getAsLong());
        trail.note(Trail.Deed.SECOND_FACTOR, username);
    }

    @Transactional
    public void leave(String username, String password) {
        Person person = persons.lock(username).orElseThrow();
        people.checkCurrent(person, password);
        person.setSecondFactor(null);
        trail.note(Trail.Deed.SECOND_FACTOR, username);
    }

    /** For who has lost the telephone. */
    @Transactional
    public void takeAway(long id) {
        persons.findById(id).filter(person -> person.shopId() == shop.id()).ifPresent(person -> {
            person.setSecondFactor(null);
            trail.note(Trail.Deed.SECOND_FACTOR, person.username());
        });
    }

    /** Whether the code is right, for who has a second factor; each code counts once. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public boolean isRight(String username, String code) {
        return persons.lock(username)
                .map(person -> person.secondFactor()
                        .map(kept -> {
                            OptionalLong step = factor.step(kept, code, person.secondStep(), Instant.now());
                            step.ifPresent(person::used);
                            return step.isPresent();
                        })
                        .orElse(true))
                .orElse(false);
    }
}
