package org.yellowfit.app.takeaway;

import java.math.BigDecimal;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.stock.Stock;
import org.yellowfit.app.stock.StockRow;
import org.yellowfit.app.takeaway.ListLine.Content;
import org.yellowfit.app.takeaway.ListLine.Fill;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.PotPrice;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.takeoff.Count;
import org.yellowfit.core.takeoff.School;
import org.yellowfit.core.takeoff.Spacing;

/** The lines of a visit's list, counted and priced. */
@Service
public class PlantList {

    private final ListLineRepository lines;
    private final CatalogueStore store;
    private final Visits visits;
    private final Stock stock;

    PlantList(ListLineRepository lines, CatalogueStore store, Visits visits, Stock stock) {
        this.stock = stock;
        this.lines = lines;
        this.store = store;
        this.visits = visits;
    }

    /** Lines whose plant is no longer in the catalogue are left out. */
    @Transactional(readOnly = true)
    public List<PlantLine> of(UUID visitId) {
        List<ListLine> kept = lines.findByVisitIdOrderByPosition(visitId);
        Map<String, List<StockRow>> yard =
                stock.of(kept.stream().map(ListLine::cultivarId).toList());
        return kept.stream()
                .flatMap(line -> store
                        .find(line.cultivarId())
                        .map(plant -> worked(line, plant, yard.getOrDefault(plant.id(), List.of())))
                        .stream())
                .toList();
    }

    /**
     * Adds plants, to share the ground of the place as far as its size is known (H2): all of them or, when something goes
     * wrong, none. Where those on the list fill it already they make room; what the catalogue does not have is left out.
     */
    @Transactional
    public void add(UUID visitId, List<String> cultivarIds) {
        Visit visit = visits.held(visitId).orElseThrow(Visits::gone);
        List<ListLine> kept = lines.findByVisitIdOrderByPosition(visitId);
        Set<String> there = kept.stream().map(ListLine::cultivarId).collect(Collectors.toCollection(HashSet::new));
        int last = kept.isEmpty() ? 0 : kept.get(kept.size() - 1).position();
        for (String id : cultivarIds) {
            Optional<Cultivar> plant = store.find(id).filter(each -> there.add(each.id()));
            if (plant.isPresent()) {
                String pot = plant.flatMap(each -> each.get(Traits.SIZES_SOLD))
                        .map(sold -> sold.get(0).pot())
                        .orElse("");
                lines.save(new ListLine(visitId, id, ++last, usual(visit, pot)));
            }
        }
        share(visitId);
    }

    /** Where the ground given to the plants of a list is more than there is, each is given less of it in proportion. */
    @Transactional
    public void share(UUID visitId) {
        Visit visit = visits.held(visitId).orElseThrow(Visits::gone);
        Content whole = usual(visit, "");
        List<ListLine> filling = lines.findByVisitIdOrderByPosition(visitId).stream()
                .filter(line -> whole.fill() != Fill.NUMBER && line.content().fill() == whole.fill())
                .toList();
        double given =
                filling.stream().mapToDouble(line -> line.content().amount()).sum();
        if (given > whole.amount() * (1 + 1e-9)) {
            filling.forEach(line -> line.set(line.content()
                    .filling(whole.fill(), hundredths(line.content().amount() * whole.amount() / given))));
        }
    }

    private static double hundredths(double amount) {
        return Math.max(0.01, Math.floor(amount * 100) / 100);
    }

    /** How much more ground the plants of a list are given than there is, m² or m; 0 when it is enough or not known. */
    @Transactional(readOnly = true)
    public double overfilled(Visit visit) {
        Content whole = usual(visit, "");
        double given = lines.findByVisitIdOrderByPosition(visit.id()).stream()
                .map(ListLine::content)
                .filter(content -> whole.fill() != Fill.NUMBER && content.fill() == whole.fill())
                .mapToDouble(Content::amount)
                .sum();
        return Math.max(0, given - whole.amount() * (1 + 1e-6));
    }

    /** Puts another plant in a line's place, in its smallest pot that is there. */
    @Transactional
    boolean instead(UUID visitId, long id, long version, Cultivar other, String pot) {
        Optional<ListLine> line =
                lines.findById(id).filter(kept -> kept.visitId().equals(visitId) && kept.version() == version);
        boolean there = lines.findByVisitIdOrderByPosition(visitId).stream()
                .anyMatch(kept -> kept.cultivarId().equals(other.id()));
        if (line.isEmpty() || there) {
            return false;
        }
        Content was = line.get().content();
        lines.delete(line.get());
        lines.flush();
        lines.save(new ListLine(
                visitId,
                other.id(),
                line.get().position(),
                new Content(was.fill(), was.amount(), was.endsClear(), was.school(), was.closeBy(), pot, "", 0)));
        return true;
    }

    /**
     * Takes over how many of each plant a planting has: a plant that is not on the list yet is added, one that is gets
     * the planting's number; what else is on the list stays.
     *
     * @param counts by the plant's id
     */
    @Transactional
    public void take(UUID visitId, Map<String, Integer> counts) {
        add(visitId, List.copyOf(counts.keySet()));
        for (ListLine line : lines.findByVisitIdOrderByPosition(visitId)) {
            Integer count = counts.get(line.cultivarId());
            if (count != null) {
                Content was = line.content();
                line.set(was.filling(Fill.NUMBER, count));
            }
        }
    }

    /**
     * Follows the bed: as many of each plant as stand there now, and none of one of which none is left.
     *
     * @param counts by the plant's id
     */
    @Transactional
    public void follow(UUID visitId, Map<String, Integer> counts) {
        take(
                visitId,
                counts.entrySet().stream()
                        .filter(each -> each.getValue() > 0)
                        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)));
        lines.findByVisitIdOrderByPosition(visitId).stream()
                .filter(line -> Integer.valueOf(0).equals(counts.get(line.cultivarId())))
                .forEach(lines::delete);
    }

    private static Content usual(Visit visit, String pot) {
        var site = visit.question().site();
        if (site.room().lengthM() != null
                && site.room().widthM() != null
                && site.room().depthM() != null) {
            return new Content(
                    Fill.AREA,
                    site.room().lengthM()
                            * (site.room().depthM()
                                    - site.room().wallClearanceM()
                                    - site.room().pathClearanceM()),
                    false,
                    School.MATURE,
                    Spacing.USUAL_CLOSE_BY_YEAR,
                    pot,
                    "",
                    0);
        }
        return site.room().lengthM() != null
                ? new Content(
                        Fill.ROW, site.room().lengthM(), true, School.MATURE, Spacing.USUAL_CLOSE_BY_YEAR, pot, "", 0)
                : new Content(Fill.NUMBER, 3, false, School.MATURE, Spacing.USUAL_CLOSE_BY_YEAR, pot, "", 0);
    }

    /** @return whether it was saved; false when somebody else changed or removed the line meanwhile */
    @Transactional
    boolean change(UUID visitId, long id, long version, Content content) {
        Optional<ListLine> line =
                lines.findById(id).filter(kept -> kept.visitId().equals(visitId) && kept.version() == version);
        line.ifPresent(kept -> kept.set(content));
        return line.isPresent();
    }

    /** @return what the line said, to put it back */
    @Transactional
    Optional<Removed> remove(UUID visitId, long id) {
        Optional<ListLine> line =
                lines.findById(id).filter(kept -> kept.visitId().equals(visitId));
        line.ifPresent(lines::delete);
        return line.map(kept -> new Removed(kept.cultivarId(), kept.position(), kept.content()));
    }

    @Transactional
    void putBack(UUID visitId, Removed removed) {
        if (visits.held(visitId).isEmpty()) {
            return;
        }
        boolean there = lines.findByVisitIdOrderByPosition(visitId).stream()
                .anyMatch(line -> line.cultivarId().equals(removed.cultivarId()));
        if (!there) {
            lines.save(new ListLine(visitId, removed.cultivarId(), removed.position(), removed.content()));
        }
    }

    /** A line as a file has it. */
    public record Given(String plant, Content content) {

        /** Null where something is wrong, which is noted in {@code in}. */
        public static Given read(String plant, InputReader in) {
            int before = in.problems().size();
            Fill fill = in.word("fill", Fill.class);
            Double amount = in.number("amount", 0, 1_000_000, "");
            Boolean endsClear = in.yesNo("endsClear");
            School school = in.word("school", School.class);
            Double closeBy = in.number("closeByYear", 1, Count.LONGEST_YEARS, "years");
            String pot = in.text("pot", text -> text);
            String largerPot = in.text("largerPot", text -> text);
            Double larger = in.number("largerCount", 0, 100_000, "plants");
            if (in.problems().size() > before || plant == null) {
                return null;
            }
            Content content = new Content(
                    fill == null ? Fill.NUMBER : fill,
                    amount == null ? 1 : amount,
                    Boolean.TRUE.equals(endsClear),
                    school == null ? School.MATURE : school,
                    closeBy == null ? Spacing.USUAL_CLOSE_BY_YEAR : closeBy.intValue(),
                    pot == null ? "" : pot,
                    largerPot == null ? "" : largerPot,
                    larger == null ? 0 : larger.intValue());
            try {
                content.ground();
                return new Given(plant, content);
            } catch (IllegalArgumentException e) {
                in.refuse("amount", e);
                return null;
            }
        }
    }

    /** In the plain form of JSON, in order. */
    @Transactional(readOnly = true)
    public List<Map<String, Object>> written(UUID visitId) {
        return lines.findByVisitIdOrderByPosition(visitId).stream()
                .map(PlantList::written)
                .toList();
    }

    private static Map<String, Object> written(ListLine line) {
        Content content = line.content();
        Map<String, Object> one = new LinkedHashMap<>();
        one.put("id", line.cultivarId());
        one.put("fill", Words.of(content.fill()));
        one.put("amount", content.amount());
        one.put("endsClear", content.endsClear());
        one.put("school", Words.of(content.school()));
        one.put("closeByYear", content.closeBy());
        one.put("pot", content.pot());
        one.put("largerPot", content.largerPot());
        one.put("largerCount", content.largerCount());
        return one;
    }

    /** Puts these lines in the place of all there are; of two for one plant the first counts. */
    @Transactional
    public void restore(UUID visitId, List<Given> given) {
        visits.held(visitId).orElseThrow(Visits::gone);
        lines.deleteAll(lines.findByVisitIdOrderByPosition(visitId));
        lines.flush();
        Set<String> there = new HashSet<>();
        int position = 0;
        for (Given each : given) {
            if (there.add(each.plant())) {
                lines.save(new ListLine(visitId, each.plant(), ++position, each.content()));
            }
        }
    }

    record Removed(String cultivarId, int position, Content content) {}

    private static PlantLine worked(ListLine line, Cultivar plant, List<StockRow> shelves) {
        Content content = line.content();
        Count mature = Spacing.count(plant, content.ground(), School.MATURE, content.closeBy());
        Count quick = Spacing.count(plant, content.ground(), School.QUICK_COVER, content.closeBy());
        List<PotPrice> pots = pots(plant, shelves);
        Optional<BigDecimal> unit = pots.stream()
                .filter(pot -> pot.pot().equals(content.pot()))
                .map(PotPrice::price)
                .findFirst();
        return new PlantLine(
                line.id(),
                line.version(),
                plant,
                content.school() == School.MATURE ? mature : quick,
                mature,
                quick,
                pots,
                content.pot(),
                unit,
                pots.stream()
                        .filter(pot -> content.largerCount() > 0 && pot.pot().equals(content.largerPot()))
                        .findFirst(),
                content.largerCount(),
                shelves,
                content.fill().name(),
                content.amount(),
                content.endsClear(),
                content.closeBy());
    }

    /** The pots of the label at the yard's prices, and what else the yard has that is priced. */
    private static List<PotPrice> pots(Cultivar plant, List<StockRow> shelves) {
        Map<String, BigDecimal> prices = new LinkedHashMap<>();
        plant.get(Traits.SIZES_SOLD).orElse(List.of()).forEach(pot -> prices.put(pot.pot(), pot.price()));
        shelves.stream().filter(row -> row.price() != null).forEach(row -> prices.put(row.pot(), row.price()));
        return prices.entrySet().stream()
                .map(each -> new PotPrice(each.getKey(), each.getValue()))
                .toList();
    }
}
