package org.yellowfit.app.shop;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the shop asks for what is no plant: a bag of a material, a stake, an hour of planting. */
@Service
public class ShopPrices {

    /** An hour of planting by the shop's people. */
    public static final String HOUR = "hour";

    private final JdbcTemplate jdbc;
    private final CurrentShop shop;

    ShopPrices(JdbcTemplate jdbc, CurrentShop shop) {
        this.jdbc = jdbc;
        this.shop = shop;
    }

    /** By what they are for; what is not priced is not in it. */
    @Transactional(readOnly = true)
    public Map<String, BigDecimal> all() {
        Map<String, BigDecimal> prices = new LinkedHashMap<>();
        jdbc.query(
                "select what, price from shop_price where shop_id = ?",
                row -> {
                    prices.put(row.getString(1), row.getBigDecimal(2));
                },
                shop.id());
        return prices;
    }

    /** Takes the place of all that were there. */
    @Transactional
    public void set(Map<String, BigDecimal> prices) {
        jdbc.update("delete from shop_price where shop_id = ?", shop.id());
        prices.forEach((what, price) -> jdbc.update("insert into shop_price values (?, ?, ?)", shop.id(), what, price));
    }
}
