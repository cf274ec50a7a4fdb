package org.yellowfit.app.takeaway;

import java.sql.Date;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.people.LinkWords;
import org.yellowfit.app.shop.CurrentShop;
import org.yellowfit.app.shop.PublicAddress;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.core.measure.InvalidInput;

/**
 * Private links to handouts, and what customers tick off and say by them. Only a digest of a link is kept; it ends on a day,
 * or when it is revoked.
 */
@Service
class HandoutLinks {

    static final int USUAL_MONTHS = 24;
    private static final int MOST_MONTHS = 60;
    private static final int MOST_WORDS = 200;
    private static final int LONGEST = 2000;

    /** @param address whole, to be printed and sent */
    record Link(long id, String address, String by, Instant made, LocalDate expires, String email) {}

    /** What a link opens. */
    record Opened(UUID visitId, long shopId) {}

    /** What a customer may say. */
    enum WordKind {
        DIED,
        SEEN,
        QUESTION
    }

    record CustomerWord(long id, UUID visitId, String place, WordKind kind, String about, String said, Instant at) {}

    private final JdbcTemplate jdbc;
    private final CurrentShop shop;
    private final LinkWords words;
    private final PublicAddress address;
    private final Visits visits;

    HandoutLinks(JdbcTemplate jdbc, CurrentShop shop, LinkWords words, PublicAddress address, Visits visits) {
        this.jdbc = jdbc;
        this.shop = shop;
        this.words = words;
        this.address = address;
        this.visits = visits;
    }

    /** The link of a visit that still opens; empty where there is none. */
    @Transactional(readOnly = true)
    public Optional<Link> of(UUID visitId) {
        return jdbc
                .query(
                        "select id, nonce, made_by, made_at, expires_on, email from handout_link where visit_id = ?"
                                + " and shop_id = ? and revoked_at is null and expires_on >= ? order by id desc limit 1",
                        (row, at) -> new Link(
                                row.getLong(1),
                                address.of("/take/" + words.word(row.getString(2))),
                                row.getString(3),
                                row.getTimestamp(4).toInstant(),
                                row.getDate(5).toLocalDate(),
                                row.getString(6)),
                        visitId,
                        shop.id(),
                        Date.valueOf(LocalDate.now()))
                .stream()
                .findFirst();
    }

    /** @throws InvalidInput when it shall open for too long or too short a time */
    @Transactional
    public void make(UUID visitId, int months, String by) {
        if (months < 1 || months > MOST_MONTHS) {
            throw InvalidInput.at("months", "A link opens for 1 to %s months.", MOST_MONTHS);
        }
        visits.held(visitId).orElseThrow(Visits::gone);
        revoke(visitId);
        String nonce = words.nonce();
        jdbc.update(
                "insert into handout_link (visit_id, shop_id, nonce, digest, made_by, made_at, expires_on)"
                        + " values (?, ?, ?, ?, ?, ?, ?)",
                visitId,
                shop.id(),
                nonce,
                words.digest(words.word(nonce)),
                by,
                Timestamp.from(Instant.now()),
                Date.valueOf(LocalDate.now().plusMonths(months)));
    }

    @Transactional
    public boolean revoke(UUID visitId) {
        return jdbc.update(
                        "update handout_link set revoked_at = ?, email = '' where visit_id = ? and shop_id = ?"
                                + " and revoked_at is null",
                        Timestamp.from(Instant.now()),
                        visitId,
                        shop.id())
                > 0;
    }

    @Transactional
    public void sentTo(long id, String email) {
        jdbc.update("update handout_link set email = ? where id = ? and shop_id = ?", email, id, shop.id());
    }

    /** A guessed, an ended and a revoked link are looked up alike, and are alike in the answer. */
    @Transactional(readOnly = true)
    public Optional<Opened> open(String word) {
        return jdbc
                .query(
                        "select visit_id, shop_id, revoked_at is null and expires_on >= ? from handout_link where digest = ?",
                        (row, at) -> row.getBoolean(3)
                                ? Optional.of(new Opened(row.getObject(1, UUID.class), row.getLong(2)))
                                : Optional.<Opened>empty(),
                        Date.valueOf(LocalDate.now()),
                        words.digest(word))
                .stream()
                .flatMap(Optional::stream)
                .findFirst();
    }

    @Transactional(readOnly = true)
    public Set<String> ticked(UUID visitId) {
        return jdbc.queryForList("select task from handout_tick where visit_id = ?", String.class, visitId).stream()
                .collect(Collectors.toCollection(TreeSet::new));
    }

    @Transactional
    public void tick(UUID visitId, String task, boolean done) {
        if (done) {
            jdbc.update(
                    "insert into handout_tick values (?, ?, ?) on conflict do nothing",
                    visitId,
                    task,
                    Timestamp.from(Instant.now()));
        } else {
            jdbc.update("delete from handout_tick where visit_id = ? and task = ?", visitId, task);
        }
    }

    /**
     * Something a customer says.
     *
     * @throws InvalidInput when there is nothing in it, or far too much
     */
    @Transactional
    public void say(Opened by, WordKind kind, String about, String said) {
        if (kind == WordKind.QUESTION && said.isBlank()) {
            throw InvalidInput.at("said", "Write your question first.");
        }
        if (said.length() > LONGEST) {
            throw InvalidInput.at("said", "This is %d characters long; at most %d are kept.", said.length(), LONGEST);
        }
        Integer waiting = jdbc.queryForObject(
                "select count(*) from customer_word where visit_id = ? and seen_at is null",
                Integer.class,
                by.visitId());
        if (waiting != null && waiting >= MOST_WORDS) {
            throw InvalidInput.at("said", "There are many unread messages already; please call us.");
        }
        jdbc.update(
                "insert into customer_word (visit_id, shop_id, kind, about, said, said_at) values (?, ?, ?, ?, ?, ?)",
                by.visitId(),
                by.shopId(),
                kind.name(),
                about,
                said.strip(),
                Timestamp.from(Instant.now()));
    }

    /** What nobody at the counter has seen yet, the oldest first. */
    @Transactional(readOnly = true)
    public List<CustomerWord> unseen(int most) {
        return jdbc.query(
                "select w.id, w.visit_id, v.place, w.kind, w.about, w.said, w.said_at from customer_word w"
                        + " join visit v on v.id = w.visit_id where w.shop_id = ? and w.seen_at is null"
                        + " order by w.said_at, w.id limit ?",
                (row, at) -> new CustomerWord(
                        row.getLong(1),
                        row.getObject(2, UUID.class),
                        row.getString(3),
                        WordKind.valueOf(row.getString(4)),
                        row.getString(5),
                        row.getString(6),
                        row.getTimestamp(7).toInstant()),
                shop.id(),
                most);
    }

    @Transactional
    public void seen(long id, String by) {
        jdbc.update(
                "update customer_word set seen_at = ?, seen_by = ? where id = ? and shop_id = ? and seen_at is null",
                Timestamp.from(Instant.now()),
                by,
                id,
                shop.id());
    }

    /** Links that were sent by mail and still open, and when their last reminder went. */
    @Transactional(readOnly = true)
    public List<Map<String, Object>> mailed() {
        return jdbc.queryForList(
                "select id, visit_id, email, nonce, reminded_at from handout_link where shop_id = ? and email <> ''"
                        + " and revoked_at is null and expires_on >= ? order by id",
                shop.id(),
                Date.valueOf(LocalDate.now()));
    }

    String addressOf(String nonce) {
        return address.of("/take/" + words.word(nonce));
    }

    @Transactional
    public void reminded(long id) {
        jdbc.update(
                "update handout_link set reminded_at = ? where id = ? and shop_id = ?",
                Timestamp.from(Instant.now()),
                id,
                shop.id());
    }
}
