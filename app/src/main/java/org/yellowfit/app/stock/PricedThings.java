package org.yellowfit.app.stock;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.app.shop.ShopPrices;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.takeoff.MaterialKind;

/** What a shop may ask a price for beside plants. */
record PricedThings(String key, String name) {

    static List<PricedThings> all() {
        List<PricedThings> all = new ArrayList<>();
        for (MaterialKind kind : MaterialKind.values()) {
            String name = Sentences.label(kind);
            if (kind.bags().length == 0) {
                all.add(new PricedThings(Words.of(kind), name));
            }
            for (int litres : kind.bags()) {
                all.add(new PricedThings(
                        Words.of(kind) + "-" + litres, Sentences.say("yard.bag-of", name, Amount.litres(litres))));
            }
        }
        all.add(new PricedThings(ShopPrices.HOUR, Sentences.say("yard.hour-of-planting")));
        return all;
    }
}
