package org.yellowfit.app.takeaway;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.yellowfit.app.shop.Shop;
import org.yellowfit.app.shop.ShopPrices;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.care.PlantingTime;
import org.yellowfit.core.fit.SiteConditions;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.PotPrice;
import org.yellowfit.core.plant.PotSize;
import org.yellowfit.core.takeoff.Material;
import org.yellowfit.core.takeoff.MaterialKind;
import org.yellowfit.core.takeoff.Materials;
import org.yellowfit.core.takeoff.Spending;

/** What goes with the plants of a list: materials, hours, the sum, and two ways to spend (rules H5 and H6). */
@Component
class ListSums {

    /**
     * @param volume of all of it; empty for what is counted
     * @param bags   how many of which, in words
     * @param left   litres left over from earlier, as typed
     */
    record MaterialRow(String key, String name, String volume, String bags, String cost, String left) {}

    /** @param covered of the ground, after each of the years, in words */
    record Way(String name, String cost, List<String> covered) {}

    /**
     * @param hours    to plant it all
     * @param hourCost by the shop's people; empty where the shop asks no price
     * @param partly   something in it has no price
     */
    record Sums(
            List<MaterialRow> materials,
            String hours,
            String hourCost,
            String plants,
            String all,
            boolean partly,
            boolean planted,
            List<Way> ways,
            List<Integer> years) {}

    private static final List<Integer> YEARS = List.of(1, 3, 5);
    private static final double USUAL_WOODY_L = 5;
    private static final double USUAL_L = 1;
    private static final double MINUTES = 60;

    private final Shop shop;
    private final ShopPrices prices;

    ListSums(Shop shop, ShopPrices prices) {
        this.shop = shop;
        this.prices = prices;
    }

    Sums of(Visit visit, List<PlantLine> lines) {
        Map<String, BigDecimal> asked = prices.all();
        List<Material> needed = materials(visit, lines);
        Map<MaterialKind, Double> left = leftOver(visit);
        List<MaterialRow> rows =
                needed.stream().map(each -> row(each, asked, left, visit)).toList();
        boolean planted = visit.answers().get(VisitFields.PLANTED_BY_SHOP, false);
        double minutes = minutes(lines);
        Optional<BigDecimal> hours = Optional.ofNullable(asked.get(ShopPrices.HOUR))
                .map(hour ->
                        hour.multiply(BigDecimal.valueOf(minutes / MINUTES)).setScale(2, RoundingMode.HALF_UP));
        BigDecimal plants = sum(lines.stream().map(PlantLine::total).toList());
        BigDecimal materials =
                sum(needed.stream().map(each -> cost(each, asked)).toList());
        BigDecimal all = plants.add(materials).add(planted ? hours.orElse(BigDecimal.ZERO) : BigDecimal.ZERO);
        boolean partly = lines.stream().anyMatch(line -> line.total().isEmpty())
                || needed.stream().anyMatch(each -> cost(each, asked).isEmpty())
                || planted && hours.isEmpty();
        return new Sums(
                rows,
                Sentences.amount(Amount.hours(minutes / MINUTES), visit.units()),
                hours.map(shop::money).orElse(""),
                shop.money(plants),
                shop.money(all),
                partly,
                planted,
                ways(lines),
                YEARS);
    }

    private static BigDecimal sum(List<Optional<BigDecimal>> costs) {
        return costs.stream().flatMap(Optional::stream).reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    static List<Material> materials(Visit visit, List<PlantLine> lines) {
        SiteConditions site = visit.question().site();
        List<Materials.Planted> plants = lines.stream()
                .flatMap(line -> line.byPot().entrySet().stream()
                        .map(each -> new Materials.Planted(line.plant(), each.getValue(), each.getKey())))
                .toList();
        boolean pot = site.soil().isContainer();
        double ground = lines.stream().mapToDouble(PlantLine::groundM2).sum();
        Double known = site.room().areaM2();
        double area = known == null || known <= 0 ? ground : Math.min(known, ground);
        double litres = pot && site.room().containerL() != null ? site.room().containerL() : 0;
        return Materials.of(
                new Materials.Ground(
                        pot || lines.isEmpty() ? 0 : area,
                        Materials.MULCH_CM,
                        pot ? null : site.soil().texture(),
                        site.soil().ph(),
                        litres),
                plants,
                leftOver(visit));
    }

    static Map<MaterialKind, Double> leftOver(Visit visit) {
        Map<MaterialKind, Double> left = new EnumMap<>(MaterialKind.class);
        visit.answers().get(VisitFields.LEFT_OVER, List.of()).forEach(each -> left.put(each.kind(), each.litres()));
        return left;
    }

    private MaterialRow row(
            Material material, Map<String, BigDecimal> asked, Map<MaterialKind, Double> left, Visit visit) {
        boolean counted = material.count() > 0;
        String bags = material.bags().stream()
                .map(each -> Sentences.say("list.bags", each.count(), Amount.litres(each.litres())))
                .collect(Collectors.joining(Sentences.say("or")));
        Double over = left.get(material.kind());
        return new MaterialRow(
                Words.of(material.kind()),
                Sentences.label(material.kind()),
                counted ? "" : visit.units().volume(material.m3()),
                counted ? String.valueOf(material.count()) : bags,
                cost(material, asked).map(shop::money).orElse(Sentences.say("not-priced")),
                over == null ? "" : Numbers.rounded(over, 1));
    }

    /** The cheapest way to have enough of it. */
    private static Optional<BigDecimal> cost(Material material, Map<String, BigDecimal> asked) {
        String word = Words.of(material.kind());
        if (material.count() > 0) {
            return Optional.ofNullable(asked.get(word))
                    .map(each -> each.multiply(BigDecimal.valueOf(material.count())));
        }
        return material.bags().stream()
                .filter(bag -> asked.containsKey(word + "-" + bag.litres()))
                .map(bag -> asked.get(word + "-" + bag.litres()).multiply(BigDecimal.valueOf(bag.count())))
                .min(BigDecimal::compareTo);
    }

    private static double minutes(List<PlantLine> lines) {
        return lines.stream()
                .mapToDouble(line -> line.byPot().entrySet().stream()
                        .mapToDouble(each -> each.getValue()
                                * PlantingTime.minutes(PotSize.litres(each.getKey())
                                        .orElse(line.plant().isWoody() ? USUAL_WOODY_L : USUAL_L)))
                        .sum())
                .sum();
    }

    /** Empty where no plant comes in two sizes. */
    private List<Way> ways(List<PlantLine> lines) {
        List<PlantLine> priced =
                lines.stream().filter(line -> !line.pots().isEmpty()).toList();
        if (priced.stream().allMatch(line -> line.pots().size() < 2)) {
            return List.of();
        }
        double ground = priced.stream().mapToDouble(PlantLine::groundM2).sum();
        List<Way> ways = new ArrayList<>();
        ways.add(way("list.way-large", priced, ground, true));
        ways.add(way("list.way-small", priced, ground, false));
        return ways;
    }

    private Way way(String name, List<PlantLine> lines, double ground, boolean large) {
        Spending spending = Spending.of(
                lines.stream()
                        .map(line -> {
                            PotPrice pot = Spending.pot(line.pots(), large);
                            return new Spending.Bought(
                                    line.plant(),
                                    pot.pot(),
                                    pot.price(),
                                    line.count().plants());
                        })
                        .toList(),
                ground,
                YEARS);
        return new Way(
                Sentences.say(name),
                shop.money(spending.cost()),
                spending.covered().stream()
                        .map(share -> Math.round(share * 100) + " %")
                        .toList());
    }
}
