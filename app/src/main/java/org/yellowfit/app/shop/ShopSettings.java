package org.yellowfit.app.shop;

import java.time.Duration;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.core.measure.InvalidInput;

/** What the shop has decided for everybody. */
@Service
public class ShopSettings {

    public static final int LONGEST_KEPT_MONTHS = 120;

    /**
     * @param demo             the data were begun as the demo
     * @param eraseAfterMonths visits that nobody has touched for so long are erased; empty: never
     * @param secondFactor     everybody needs one
     */
    public record Settings(boolean demo, Optional<Integer> eraseAfterMonths, boolean secondFactor) {}

    /** Another instance's change is heard of within so long. */
    private static final Duration HEARD_WITHIN = Duration.ofSeconds(3);

    private record Heard(long shop, Settings settings, long at) {}

    private final JdbcTemplate jdbc;
    private final CurrentShop shop;
    private volatile Heard heard;

    ShopSettings(JdbcTemplate jdbc, CurrentShop shop) {
        this.jdbc = jdbc;
        this.shop = shop;
    }

    /** As they were a few seconds ago at most: every page asks. */
    public Settings get() {
        long id = shop.id();
        Heard last = heard;
        if (last == null || last.shop() != id || System.nanoTime() - last.at() > HEARD_WITHIN.toNanos()) {
            last = new Heard(id, read(id), System.nanoTime());
            heard = last;
        }
        return last.settings();
    }

    private Settings read(long id) {
        return jdbc.queryForObject(
                "select demo, erase_after_months, second_factor from shop where id = ?",
                (row, i) -> new Settings(
                        row.getBoolean("demo"),
                        Optional.ofNullable(row.getObject("erase_after_months", Integer.class)),
                        row.getBoolean("second_factor")),
                id);
    }

    /** For good: what was begun as the demo stays it. */
    @Transactional
    public void beginDemo() {
        jdbc.update("update shop set demo = true where id = ?", shop.id());
        heard = null;
    }

    @Transactional
    public void eraseAfter(Optional<Integer> months) {
        months.filter(each -> each < 1 || each > LONGEST_KEPT_MONTHS).ifPresent(wrong -> {
            throw InvalidInput.at("eraseAfter", "Keep visits for 1 to %s months, or for ever.", LONGEST_KEPT_MONTHS);
        });
        jdbc.update("update shop set erase_after_months = ? where id = ?", months.orElse(null), shop.id());
        heard = null;
    }

    @Transactional
    public void needSecondFactor(boolean needed) {
        jdbc.update("update shop set second_factor = ? where id = ?", needed, shop.id());
        heard = null;
    }
}
