package org.yellowfit.app.demo;

import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.LinkedHashMap;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.yellowfit.app.catalogue.CatalogueImport;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.catalogue.FileKind;
import org.yellowfit.app.catalogue.ImportReport;
import org.yellowfit.app.people.People;
import org.yellowfit.app.people.Role;
import org.yellowfit.app.people.Tokens;
import org.yellowfit.app.records.RecordFile;
import org.yellowfit.app.shop.ShopPrices;
import org.yellowfit.app.shop.ShopSettings;
import org.yellowfit.app.stock.StockFile;

/**
 * Fills an empty database: with the demo, or with one manager whose password is told once. What it was begun as it
 * stays: the demo’s people and token never come to a real shop.
 */
@Component
class FirstStart implements ApplicationRunner {

    private static final Logger LOG = LoggerFactory.getLogger(FirstStart.class);
    private static final String LETTERS = "abcdefghijkmnpqrstuvwxyz23456789";
    private static final int PASSWORD_LENGTH = 16;
    private static final String DEMO_PRICES =
            "mulch-50=8.50 mulch-70=11.00 compost-40=7.00 compost-70=11.50 grit-15=6.50"
                    + " acid-mix-40=12.00 pot-fill-40=9.00 pot-fill-70=14.00 stake=6.00 tie=2.50 hour=48.00";

    private static final String MANAGER = "manager";

    private final StartSettings settings;
    private final People people;
    private final Tokens tokens;
    private final ShopSettings shop;
    private final CatalogueStore catalogue;
    private final CatalogueImport catalogueImport;
    private final DemoVisits visits;
    private final DemoStations stations;
    private final StockFile stock;
    private final ShopPrices prices;
    private final RecordFile records;

    FirstStart(
            StartSettings settings,
            People people,
            Tokens tokens,
            ShopSettings shop,
            CatalogueStore catalogue,
            CatalogueImport catalogueImport,
            DemoVisits visits,
            DemoStations stations,
            StockFile stock,
            ShopPrices prices,
            RecordFile records) {
        this.records = records;
        this.prices = prices;
        this.stock = stock;
        this.settings = settings;
        this.people = people;
        this.tokens = tokens;
        this.shop = shop;
        this.catalogue = catalogue;
        this.catalogueImport = catalogueImport;
        this.visits = visits;
        this.stations = stations;
    }

    @Override
    public void run(ApplicationArguments args) throws IOException {
        if (people.isEmpty()) {
            begin();
        } else if (!settings.managerPassword().isBlank() && !shop.get().demo()) {
            people.setFirstPassword(MANAGER, settings.managerPassword());
        }
        boolean demo = shop.get().demo();
        if (demo && settings.demo() && !settings.apiToken().isBlank()) {
            tokens.accept(settings.apiToken(), "Demo token", Role.MANAGER);
        }
        if (demo != settings.demo()) {
            LOG.warn("The data here were begun {} the demo; they go on as they are.", demo ? "as" : "without");
        }
    }

    private void begin() throws IOException {
        if (settings.demo()) {
            shop.beginDemo();
            fillDemo();
            return;
        }
        boolean given = !settings.managerPassword().isBlank();
        String password = given ? settings.managerPassword() : randomPassword();
        people.add(MANAGER, "Manager", password, Role.MANAGER);
        if (!given) {
            LOG.info("The first manager signs in as “manager” with the password {}; change it at once.", password);
        }
    }

    private void fillDemo() throws IOException {
        people.add("marrow", "Wren Abbotsley", "skerry-lane-demo", Role.MANAGER);
        people.add("tamsin", "Tamsin Orrel", "skerry-lane-demo", Role.ADVISOR);
        people.add("bo", "Bo Lindqvale", "skerry-lane-demo", Role.BUYER);
        if (catalogue.isEmpty()) {
            bringIn("demo/catalogue.csv", FileKind.CATALOGUE_CSV);
            bringIn("demo/claims.csv", FileKind.CLAIMS_CSV);
            fillYard();
        }
        stations.create();
        visits.create();
        try (InputStream file = new ClassPathResource("demo/records.csv").getInputStream()) {
            ImportReport report = records.read(
                    new String(file.readAllBytes(), StandardCharsets.UTF_8), false, false, "Wren Abbotsley");
            if (report.isRefused()) {
                throw new IllegalStateException("The demo's records have problems: " + report.problems());
            }
        }
        visits.describeBeds();
    }

    private void bringIn(String resource, FileKind kind) throws IOException {
        try (InputStream file = new ClassPathResource(resource).getInputStream()) {
            ImportReport report = catalogueImport.read(file, kind, false, false);
            if (report.isRefused()) {
                throw new IllegalStateException("The demo file " + resource + " has problems: " + report.problems());
            }
        }
    }

    private void fillYard() throws IOException {
        try (InputStream file = new ClassPathResource("demo/stock.csv").getInputStream()) {
            ImportReport report = stock.read(new String(file.readAllBytes(), StandardCharsets.UTF_8), false, false);
            if (report.isRefused()) {
                throw new IllegalStateException("The demo's stock has problems: " + report.problems());
            }
        }
        Map<String, BigDecimal> asked = new LinkedHashMap<>();
        for (String price : DEMO_PRICES.split(" ")) {
            String[] parts = price.split("=", 2);
            asked.put(parts[0], new BigDecimal(parts[1]));
        }
        prices.set(asked);
    }

    private static String randomPassword() {
        SecureRandom random = new SecureRandom();
        StringBuilder password = new StringBuilder();
        for (int i = 0; i < PASSWORD_LENGTH; i++) {
            password.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
        }
        return password.toString();
    }
}
