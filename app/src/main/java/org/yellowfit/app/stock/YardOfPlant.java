package org.yellowfit.app.stock;

import java.util.List;
import org.springframework.stereotype.Service;
import org.yellowfit.app.catalogue.Yard;
import org.yellowfit.app.shop.Shop;
import org.yellowfit.app.words.Sentences;

@Service
class YardOfPlant implements Yard {

    private final Stock stock;
    private final Shop shop;

    YardOfPlant(Stock stock, Shop shop) {
        this.stock = stock;
        this.shop = shop;
    }

    @Override
    public List<Shelf> shelves(String plant) {
        return stock.of(plant).stream().map(this::shelf).toList();
    }

    private Shelf shelf(StockRow row) {
        return new Shelf(
                row.pot(),
                row.price() == null ? "" : row.price().toPlainString(),
                row.price() == null ? Sentences.say("not-priced") : shop.money(row.price()),
                row.inStock(),
                row.expected() == null ? "" : row.expected().toString(),
                row.expected() == null ? "" : Sentences.date("date.short", row.expected()),
                row.version());
    }
}
