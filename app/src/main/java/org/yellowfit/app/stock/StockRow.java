package org.yellowfit.app.stock;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.Words;

/**
 * One plant in one pot.
 *
 * @param price    in the store's currency; null when it is not known
 * @param inStock  plants that stand there
 * @param expected when more come; null when none are expected
 * @param version  counts its states
 */
public record StockRow(String plant, String pot, BigDecimal price, int inStock, LocalDate expected, long version) {

    static final List<String> COLUMNS = List.of("id", "pot", "price", "in_stock", "expected");

    private static final Pattern PRICE = Pattern.compile("\\d{1,7}(\\.\\d{1,2})?");
    private static final int LONGEST_POT = 80;
    private static final int MOST = 1_000_000;
    private static final int EARLIEST_YEAR = 2000;
    private static final int LATEST_YEAR = 2200;

    /** Reads the columns but the id; problems are noted in {@code in}. */
    static Optional<StockRow> read(String plant, InputReader in) {
        int before = in.problems().size();
        String pot = in.text("pot", StockRow::pot);
        BigDecimal price = in.text("price", StockRow::price);
        Integer inStock = in.text("in_stock", StockRow::count);
        LocalDate expected = in.date("expected");
        if (in.problems().size() > before) {
            return Optional.empty();
        }
        if (pot == null) {
            in.problem("pot", "Name the pot, like 2 l.");
        }
        if (inStock == null) {
            in.problem("in_stock", "Write how many there are, 0 for none.");
        }
        if (expected != null && (expected.getYear() < EARLIEST_YEAR || expected.getYear() > LATEST_YEAR)) {
            in.problem("expected", "The year must lie between 2000 and 2200.");
        }
        return in.problems().size() > before
                ? Optional.empty()
                : Optional.of(new StockRow(plant, pot, price, inStock, expected, 0));
    }

    private static String pot(String text) {
        if (text.length() > LONGEST_POT || text.indexOf('|') >= 0) {
            throw new Refused("A pot's name has at most 80 characters and no upright stroke.");
        }
        return text;
    }

    static BigDecimal price(String text) {
        if (!PRICE.matcher(text).matches()) {
            throw new Refused("“%s” is not a price; write it like 12.50.", Words.shorten(text));
        }
        return new BigDecimal(text).setScale(2);
    }

    private static Integer count(String text) {
        if (!text.matches("\\d{1,7}") || Integer.parseInt(text) > MOST) {
            throw new Refused("“%s” is not a count; write a whole number from 0 to 1000000.", Words.shorten(text));
        }
        return Integer.valueOf(text);
    }

    /** The cells, in the order of the columns. */
    List<String> cells() {
        return List.of(
                plant,
                pot,
                price == null ? "" : price.toPlainString(),
                String.valueOf(inStock),
                expected == null ? "" : expected.toString());
    }
}
