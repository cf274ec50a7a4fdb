package org.yellowfit.app.plants;

import java.time.Month;
import java.util.ArrayList;
import java.util.List;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.serve.WantedColour;
import org.yellowfit.core.serve.Wants;
import org.yellowfit.core.serve.WishFields;

/** What is wished for, a word or two each. */
final class WishChips {

    private final List<String> chips = new ArrayList<>();

    private WishChips() {}

    static List<String> of(Wants wants, UnitSystem units) {
        WishChips all = new WishChips();
        all.words("wish", wants.kinds());
        wants.colours().forEach(colour -> all.chips.add(colour.text()));
        all.words("wish", wants.uses());
        wants.bloomMonths().forEach(month -> all.chips.add(Sentences.say("wish.bloom", Month.of(month))));
        all.yes(wants.evergreen(), WishFields.EVERGREEN);
        all.yes(wants.fragrance(), WishFields.FRAGRANCE);
        all.yes(wants.pollinators(), WishFields.POLLINATORS);
        all.yes(wants.birds(), WishFields.BIRDS);
        all.yes(wants.berries(), WishFields.BERRIES);
        all.yes(wants.winterInterest(), WishFields.WINTER_INTEREST);
        if (wants.never() != null) {
            all.words("wish.never", wants.never().kinds());
            wants.never().colours().stream()
                    .map(WantedColour::text)
                    .forEach(colour -> all.chips.add(Sentences.say("wish.never", colour)));
        }
        if (wants.screenHeightM() != null) {
            all.chips.add(Sentences.say("wish.screen", units.length(wants.screenHeightM())));
        }
        if (wants.maxPrice() != null) {
            all.chips.add(Sentences.say("wish.price", Numbers.rounded(wants.maxPrice(), 2)));
        }
        if (wants.nativeRegion() != null) {
            all.chips.add(Sentences.say("wish.native", wants.nativeRegion()));
        }
        if (wants.maxCareMinutes() != null) {
            all.chips.add(Sentences.say("wish.care", Numbers.rounded(wants.maxCareMinutes(), 0)));
        }
        return all.chips;
    }

    private void words(String key, Iterable<? extends Enum<?>> values) {
        values.forEach(value -> chips.add(Sentences.say(key, value)));
    }

    private void yes(boolean wished, Field<?> field) {
        if (wished) {
            chips.add(Sentences.say("field.wants." + field.name()));
        }
    }
}
