package org.yellowfit.app.shop;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import org.junit.jupiter.api.Test;

class ShopTest {

    @Test
    void aPriceHasTheShopsSignAndTwoPlaces() {
        assertThat(new Shop("", "€").money(new BigDecimal("12.5"))).isEqualTo("€12.50");
        assertThat(new Shop("", "$").money(BigDecimal.ZERO)).isEqualTo("$0.00");
    }
}
