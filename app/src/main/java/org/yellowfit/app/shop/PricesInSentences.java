package org.yellowfit.app.shop;

import org.springframework.stereotype.Component;
import org.yellowfit.app.words.Sentences;

/** Sentences write a price as every page does, with the store's sign. */
@Component
class PricesInSentences {

    PricesInSentences(Shop shop) {
        Sentences.pricesAre(shop::money);
    }
}
