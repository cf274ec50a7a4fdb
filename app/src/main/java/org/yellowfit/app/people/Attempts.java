package org.yellowfit.app.people;

import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Slows down whoever guesses passwords, on all instances together (OWASP ASVS 4.0.3, 2.2.1: no more than 100 failed
 * attempts an hour on one account). Somebody who has forgotten theirs waits seconds, a machine waits for ever; a name
 * alone is only closed after many, so that a stranger cannot easily shut its owner out.
 */
@Service
class Attempts {

    private static final Duration COUNTED = Duration.ofHours(1);
    private static final Duration LONGEST = Duration.ofMinutes(15);
    private static final int FREE = 5;
    private static final int OF_A_NAME = 50;
    private static final int OF_AN_ADDRESS = 100;
    private static final int MOST_DOUBLINGS = 10;
    private static final int LONGEST_WHO = 200;

    private final JdbcTemplate jdbc;

    Attempts(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    /** How long the next attempt has to wait; zero when it need not. */
    @Transactional(readOnly = true)
    public Duration wait(String name, String address, Instant now) {
        Duration longest = Duration.ZERO;
        for (Map.Entry<String, Integer> who : free(name, address).entrySet()) {
            Duration wait = jdbc
                    .query(
                            "select failures, last from sign_in_failure where who = ? and since > ?",
                            (row, i) -> wait(
                                    row.getInt("failures") - who.getValue(),
                                    row.getTimestamp("last").toInstant(),
                                    now),
                            who.getKey(),
                            Timestamp.from(now.minus(COUNTED)))
                    .stream()
                    .findFirst()
                    .orElse(Duration.ZERO);
            longest = wait.compareTo(longest) > 0 ? wait : longest;
        }
        return longest;
    }

    /** One second after the last free attempt, doubled with each that fails, a quarter of an hour at most. */
    static Duration wait(int beyond, Instant last, Instant now) {
        if (beyond < 0) {
            return Duration.ZERO;
        }
        Duration due = Duration.ofSeconds(1L << Math.min(beyond, MOST_DOUBLINGS));
        Duration held = due.compareTo(LONGEST) > 0 ? LONGEST : due;
        Duration left = Duration.between(now, last.plus(held));
        return left.isNegative() ? Duration.ZERO : left;
    }

    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void failed(String name, String address, Instant now) {
        Timestamp at = Timestamp.from(now);
        Timestamp old = Timestamp.from(now.minus(COUNTED));
        jdbc.update("delete from sign_in_failure where since <= ?", old);
        for (String who : free(name, address).keySet()) {
            jdbc.update(
                    "insert into sign_in_failure values (?, 1, ?, ?) on conflict (who) do update set "
                            + "failures = sign_in_failure.failures + 1, last = excluded.last",
                    who,
                    at,
                    at);
        }
    }

    /** Who has got in has not been guessing; what was tried from there at other names still counts. */
    @Transactional
    public void passed(String name, String address) {
        jdbc.update("delete from sign_in_failure where who in (?, ?)", both(name, address), "name " + name);
    }

    /** How many may fail before there is a wait, by who is counted. */
    private static Map<String, Integer> free(String name, String address) {
        Map<String, Integer> free = new LinkedHashMap<>();
        free.put(both(name, address), FREE);
        free.put(cut("name " + name), OF_A_NAME);
        free.put(cut("address " + address), OF_AN_ADDRESS);
        return free;
    }

    private static String both(String name, String address) {
        return cut("both " + address + " " + name);
    }

    private static String cut(String who) {
        return who.substring(0, Math.min(who.length(), LONGEST_WHO));
    }
}
