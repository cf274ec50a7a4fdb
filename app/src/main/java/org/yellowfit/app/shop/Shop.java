package org.yellowfit.app.shop;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * The garden centre itself.
 *
 * @param name     as it stands on the handout; blank to leave it out
 * @param currency sign put before a price; the prices of the catalogue are in the store's own currency
 */
@ConfigurationProperties("yellowfit.shop")
public record Shop(
        @DefaultValue("") String name, @DefaultValue("$") String currency) {

    public String money(BigDecimal amount) {
        return currency + amount.setScale(2, RoundingMode.HALF_UP).toPlainString();
    }
}
