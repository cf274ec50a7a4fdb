package org.yellowfit.app.stock;

import java.io.IOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.catalogue.SmallFile;
import org.yellowfit.app.shop.ShopPrices;
import org.yellowfit.app.web.Download;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.Words;

/** The yard: its counts by file, and pot by pot on a plant's page. */
@Controller
class StockController {

    private final Stock stock;
    private final StockFile file;
    private final CatalogueStore catalogue;
    private final ShopPrices prices;

    StockController(Stock stock, StockFile file, CatalogueStore catalogue, ShopPrices prices) {
        this.prices = prices;
        this.stock = stock;
        this.file = file;
        this.catalogue = catalogue;
    }

    /** Something that is priced and is no plant. */
    record PriceRow(String key, String name, String price) {}

    @GetMapping("/yard")
    String yard(Model model) {
        Map<String, BigDecimal> asked = prices.all();
        model.addAttribute(
                "prices",
                PricedThings.all().stream()
                        .map(each -> new PriceRow(
                                each.key(),
                                each.name(),
                                asked.containsKey(each.key())
                                        ? asked.get(each.key()).toPlainString()
                                        : ""))
                        .toList());
        List<StockRow> rows = stock.all();
        model.addAttribute("pots", rows.size());
        model.addAttribute("plants", rows.stream().mapToLong(StockRow::inStock).sum());
        model.addAttribute(
                "gone", rows.stream().filter(row -> row.inStock() == 0).count());
        model.addAttribute(
                "expected", rows.stream().filter(row -> row.expected() != null).count());
        return "stock/yard";
    }

    @GetMapping("/yard/stock.csv")
    ResponseEntity<String> csv() {
        return Download.csv("stock.csv", file.csv());
    }

    @PostMapping("/yard/import")
    String read(
            @RequestParam(name = "file", required = false) MultipartFile sent,
            @RequestParam(defaultValue = "false") boolean keepGood,
            RedirectAttributes flash)
            throws IOException {
        SmallFile.bringIn(sent, flash, text -> file.read(text, false, keepGood));
        return "redirect:/yard";
    }

    @PostMapping("/yard/prices")
    String setPrices(@RequestParam Map<String, String> typed, RedirectAttributes flash) {
        Map<String, BigDecimal> asked = new LinkedHashMap<>();
        Map<String, String> wrong = new LinkedHashMap<>();
        for (PricedThings each : PricedThings.all()) {
            String text = typed.getOrDefault(each.key(), "").strip();
            try {
                if (!text.isEmpty()) {
                    asked.put(each.key(), StockRow.price(text));
                }
            } catch (Refused e) {
                wrong.put(each.key(), Refusals.say(e));
            }
        }
        if (wrong.isEmpty()) {
            prices.set(asked);
            flash.addFlashAttribute("told", List.of(Sentences.say("yard.prices-noted")));
        } else {
            flash.addFlashAttribute("pricesTyped", new LinkedHashMap<>(typed));
            flash.addFlashAttribute("pricesWrong", wrong);
        }
        return "redirect:/yard#prices";
    }

    @PostMapping("/catalogue/{id}/yard")
    String set(@PathVariable String id, @RequestParam Map<String, String> typed, RedirectAttributes flash) {
        known(id);
        List<Problem> problems = new ArrayList<>();
        Optional<StockRow> row = StockRow.read(id, new InputReader(typed, "", problems));
        if (row.isEmpty()) {
            flash.addFlashAttribute("shelfTyped", new LinkedHashMap<>(typed));
            Map<String, String> told = new LinkedHashMap<>();
            problems.forEach(problem -> told.putIfAbsent(problem.field(), Refusals.say(problem)));
            flash.addFlashAttribute("shelfProblems", told);
        } else if (!stock.set(row.get(), version(typed))) {
            flash.addFlashAttribute("told", List.of(Sentences.say("yard.meanwhile")));
        } else {
            flash.addFlashAttribute(
                    "told",
                    List.of(Sentences.say(
                            "yard.noted", row.get().inStock(), row.get().pot())));
        }
        return "redirect:/catalogue/" + id + "#yard";
    }

    @PostMapping("/catalogue/{id}/yard/away")
    String away(@PathVariable String id, @RequestParam Map<String, String> typed, RedirectAttributes flash) {
        known(id);
        boolean gone = stock.remove(id, typed.getOrDefault("pot", ""), version(typed));
        flash.addFlashAttribute("told", List.of(Sentences.say(gone ? "yard.taken-out" : "yard.meanwhile")));
        return "redirect:/catalogue/" + id + "#yard";
    }

    private void known(String id) {
        if (catalogue.label(id).isEmpty()) {
            throw new NotFound("The catalogue has no plant with the id “%s”.", Words.shorten(id));
        }
    }

    /** What is no number is the version of no row. */
    private static long version(Map<String, String> typed) {
        String seen = typed.getOrDefault("version", "");
        return seen.matches("-?\\d{1,15}") ? Long.parseLong(seen) : Long.MAX_VALUE;
    }
}
