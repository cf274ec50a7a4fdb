package org.yellowfit.app.people;

import jakarta.servlet.http.HttpServletRequest;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.yellowfit.app.shop.CurrentShop;

/** What was done that somebody may ask about later, by whom, when and from where. It is only added to. */
@Service
public class Trail {

    /** The kinds of things that leave a trail. */
    public enum Deed {
        SIGNED_IN,
        SIGN_IN_REFUSED,
        SIGNED_OUT,
        DENIED,
        PERSON,
        PASSWORD,
        SECOND_FACTOR,
        SESSION,
        TOKEN,
        SETTING,
        CATALOGUE,
        STATION,
        ERASED
    }

    /** Nobody in person: the program itself, like when it erases what is old. */
    static final String PROGRAM = "Yellow Fit";

    private static final int LONGEST_WHO = 120;
    private static final int LONGEST_ABOUT = 400;
    private static final int LONGEST_ADDRESS = 60;

    /** @param about the thing it was done to; empty when the kind says all */
    public record Entry(Instant at, String who, String address, Deed what, String about) {}

    private final JdbcTemplate jdbc;
    private final CurrentShop shop;

    Trail(JdbcTemplate jdbc, CurrentShop shop) {
        this.jdbc = jdbc;
        this.shop = shop;
    }

    /** Notes what the signed-in person does, together with it: when that is not kept, this is not either. */
    @Transactional
    public void note(Deed what, String about) {
        Authentication by = SecurityContextHolder.getContext().getAuthentication();
        write(by == null ? PROGRAM : by.getName(), what, about);
    }

    /** Notes what somebody tried who was not let in; kept whatever becomes of the request. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void tried(String who, Deed what, String about) {
        write(who, what, about);
    }

    @Transactional(readOnly = true)
    public List<Entry> latest(int most) {
        return jdbc.query(
                "select at, who, address, what, about from trail where shop_id = ? order by id desc limit ?",
                (row, i) -> new Entry(
                        row.getTimestamp("at").toInstant(),
                        row.getString("who"),
                        row.getString("address"),
                        Deed.valueOf(row.getString("what")),
                        row.getString("about")),
                shop.id(),
                most);
    }

    private void write(String who, Deed what, String about) {
        jdbc.update(
                "insert into trail (shop_id, at, who, address, what, about) values (?, ?, ?, ?, ?, ?)",
                shop.id(),
                Timestamp.from(Instant.now()),
                shortened(who, LONGEST_WHO),
                shortened(address(), LONGEST_ADDRESS),
                what.name(),
                shortened(about, LONGEST_ABOUT));
    }

    private static String address() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request
                ? address(request.getRequest())
                : "";
    }

    static String address(HttpServletRequest request) {
        return String.valueOf(request.getRemoteAddr());
    }

    private static String shortened(String text, int most) {
        return text.length() <= most ? text : text.substring(0, most - 1) + "…";
    }
}
