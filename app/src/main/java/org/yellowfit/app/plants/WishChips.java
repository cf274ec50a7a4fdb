package org.yellowfit.app.plants;

import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.yellowfit.core.fit.WantedColour;
import org.yellowfit.core.fit.Wants;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;

/** What is wished for, a word or two each. */
final class WishChips {

    private final List<String> chips = new ArrayList<>();

    private WishChips() {}

    static List<String> of(Wants wants, UnitSystem units) {
        WishChips all = new WishChips();
        all.words("", wants.kinds());
        wants.colours().forEach(colour -> all.chips.add(colour.text()));
        all.words("", wants.uses());
        wants.bloomMonths()
                .forEach(month ->
                        all.chips.add("blooms in " + Month.of(month).getDisplayName(TextStyle.FULL, Locale.ENGLISH)));
        all.yes(wants.evergreen(), "evergreen");
        all.yes(wants.fragrance(), "fragrance");
        all.yes(wants.pollinators(), "feeds pollinators");
        all.yes(wants.birds(), "feeds birds");
        all.yes(wants.berries(), "berries");
        all.yes(wants.winterInterest(), "winter interest");
        if (wants.never() != null) {
            all.words("never ", wants.never().kinds());
            wants.never().colours().stream()
                    .map(WantedColour::text)
                    .forEach(colour -> all.chips.add("never " + colour));
        }
        if (wants.screenHeightM() != null) {
            all.chips.add("screen to " + units.length(wants.screenHeightM()));
        }
        if (wants.maxPrice() != null) {
            all.chips.add("up to " + Numbers.rounded(wants.maxPrice(), 2));
        }
        if (wants.nativeRegion() != null) {
            all.chips.add("native to " + wants.nativeRegion());
        }
        if (wants.maxCareMinutes() != null) {
            all.chips.add("at most " + Numbers.rounded(wants.maxCareMinutes(), 0) + " min a year");
        }
        return all.chips;
    }

    private void words(String before, Iterable<? extends Enum<?>> values) {
        values.forEach(value -> chips.add(before + Words.of(value).replace('-', ' ')));
    }

    private void yes(boolean wished, String words) {
        if (wished) {
            chips.add(words);
        }
    }
}
