package org.yellowfit.app.outbox;

import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mail.MailException;
import org.springframework.mail.SimpleMailMessage;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.shop.CurrentShop;
import org.yellowfit.core.measure.InvalidInput;

/**
 * The outbox. Where {@code spring.mail.host} is set a message goes out at once and stays here with what came of it; where it
 * is not, this box is the stand-in for the mail server.
 */
@Service
public class Outbox {

    /** One line, one @, something on both sides: what it really reaches only the mail server knows. */
    private static final Pattern ADDRESS =
            Pattern.compile("[^\\s@<>,;\"]{1,64}@[^\\s@<>,;\"]{1,130}\\.[^\\s@<>,;\".]{2,}");

    private static final Logger LOG = LoggerFactory.getLogger(Outbox.class);
    private static final int LONGEST_PROBLEM = 400;

    /** @param sent when it went to the mail server; empty where it did not */
    public record Message(
            long id,
            String recipient,
            String subject,
            String body,
            String by,
            Instant made,
            Optional<Instant> sent,
            String problem) {}

    private final JdbcTemplate jdbc;
    private final CurrentShop shop;
    private final ObjectProvider<JavaMailSender> mail;
    private final String from;
    private final String host;

    Outbox(
            JdbcTemplate jdbc,
            CurrentShop shop,
            ObjectProvider<JavaMailSender> mail,
            @Value("${yellowfit.mail.from:}") String from,
            @Value("${spring.mail.host:}") String host) {
        this.host = host;
        this.jdbc = jdbc;
        this.shop = shop;
        this.mail = mail;
        this.from = from;
    }

    /** Whether messages really go out. */
    public boolean isReal() {
        return !host.isBlank() && mail.getIfAvailable() != null;
    }

    /** @throws InvalidInput when it is no address */
    public static String address(String field, String typed) {
        String address = typed.strip();
        if (!ADDRESS.matcher(address).matches()) {
            throw InvalidInput.at(field, "“%s” is not a mail address; write it like name@example.com.", address);
        }
        return address;
    }

    /** @param visitId it is about; erased with it */
    @Transactional
    public void put(UUID visitId, String recipient, String subject, String body, String by) {
        Optional<String> problem = send(recipient, subject, body);
        Instant now = Instant.now();
        jdbc.update(
                "insert into message (shop_id, visit_id, recipient, subject, body, made_by, made_at, sent_at, problem)"
                        + " values (?, ?, ?, ?, ?, ?, ?, ?, ?)",
                shop.id(),
                visitId,
                recipient,
                subject,
                body,
                by,
                Timestamp.from(now),
                isReal() && problem.isEmpty() ? Timestamp.from(now) : null,
                problem.orElse(""));
    }

    private Optional<String> send(String recipient, String subject, String body) {
        if (!isReal()) {
            return Optional.empty();
        }
        SimpleMailMessage message = new SimpleMailMessage();
        message.setTo(recipient);
        message.setSubject(subject);
        message.setText(body);
        if (!from.isBlank()) {
            message.setFrom(from);
        }
        try {
            mail.getObject().send(message);
            return Optional.empty();
        } catch (MailException e) {
            LOG.warn("A message could not be sent", e);
            String told = String.valueOf(e.getMessage());
            return Optional.of(told.substring(0, Math.min(LONGEST_PROBLEM, told.length())));
        }
    }

    @Transactional(readOnly = true)
    public List<Message> latest(int most) {
        return jdbc.query(
                "select id, recipient, subject, body, made_by, made_at, sent_at, problem from message where shop_id = ?"
                        + " order by made_at desc, id desc limit ?",
                (row, at) -> new Message(
                        row.getLong(1),
                        row.getString(2),
                        row.getString(3),
                        row.getString(4),
                        row.getString(5),
                        row.getTimestamp(6).toInstant(),
                        Optional.ofNullable(row.getTimestamp(7)).map(Timestamp::toInstant),
                        row.getString(8)),
                shop.id(),
                most);
    }
}
