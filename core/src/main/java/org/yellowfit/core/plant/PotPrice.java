package org.yellowfit.core.plant;

import java.math.BigDecimal;
import java.util.regex.Pattern;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.Words;

/** A size a plant is sold in, and its price in the store's currency: {@code 2 l:12.50}. */
public record PotPrice(String pot, BigDecimal price) {

    private static final Pattern PRICE = Pattern.compile("\\d{1,7}(\\.\\d{1,2})?");

    public static PotPrice parse(String text) {
        int colon = text.lastIndexOf(':');
        String price = colon < 0 ? "" : text.substring(colon + 1).strip();
        String pot = colon < 0 ? "" : text.substring(0, colon).strip();
        if (pot.isEmpty() || !PRICE.matcher(price).matches()) {
            throw new Refused("“%s” is not a pot and its price; write them like 2 l:12.50.", Words.shorten(text));
        }
        return new PotPrice(pot, new BigDecimal(price).setScale(2));
    }

    public String text() {
        return pot + ":" + price.toPlainString();
    }
}
