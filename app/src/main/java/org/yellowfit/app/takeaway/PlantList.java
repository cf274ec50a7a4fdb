package org.yellowfit.app.takeaway;

import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.takeaway.ListLine.Content;
import org.yellowfit.app.takeaway.ListLine.Fill;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.PotPrice;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.takeoff.Count;
import org.yellowfit.core.takeoff.School;
import org.yellowfit.core.takeoff.Spacing;

/** The lines of a visit's list, counted and priced. */
@Service
public class PlantList {

    /**
     * One line, worked out.
     *
     * @param count    by the school chosen; {@code mature} and {@code quick} are both schools, to be shown side by side
     * @param unit     price of one plant in the pot chosen; empty when it is not priced
     */
    public record Line(
            long id,
            long version,
            Cultivar plant,
            Count count,
            Count mature,
            Count quick,
            List<PotPrice> pots,
            String pot,
            Optional<BigDecimal> unit,
            String fill,
            double amount,
            boolean endsClear,
            int closeBy) {

        public Optional<BigDecimal> total() {
            return unit.map(price -> price.multiply(BigDecimal.valueOf(count.plants())));
        }

        public Optional<BigDecimal> totalOf(Count other) {
            return unit.map(price -> price.multiply(BigDecimal.valueOf(other.plants())));
        }
    }

    private final ListLineRepository lines;
    private final CatalogueStore store;
    private final Visits visits;

    PlantList(ListLineRepository lines, CatalogueStore store, Visits visits) {
        this.lines = lines;
        this.store = store;
        this.visits = visits;
    }

    /** Lines whose plant is no longer in the catalogue are left out. */
    @Transactional(readOnly = true)
    public List<Line> of(UUID visitId) {
        return lines.findByVisitIdOrderByPosition(visitId).stream()
                .flatMap(line -> store.find(line.cultivarId()).map(plant -> worked(line, plant)).stream())
                .toList();
    }

    /**
     * Adds plants, each to fill the whole of the place as far as its size is known: all of them or, when something
     * goes wrong, none. What is on the list already stays as it is; what the catalogue does not have is left out.
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
                line.set(new Content(Fill.NUMBER, count, was.endsClear(), was.school(), was.closeBy(), was.pot()));
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
                    pot);
        }
        return site.room().lengthM() != null
                ? new Content(Fill.ROW, site.room().lengthM(), true, School.MATURE, Spacing.USUAL_CLOSE_BY_YEAR, pot)
                : new Content(Fill.NUMBER, 3, false, School.MATURE, Spacing.USUAL_CLOSE_BY_YEAR, pot);
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

    record Removed(String cultivarId, int position, Content content) {}

    private static Line worked(ListLine line, Cultivar plant) {
        Content content = line.content();
        Count mature = Spacing.count(plant, content.ground(), School.MATURE, content.closeBy());
        Count quick = Spacing.count(plant, content.ground(), School.QUICK_COVER, content.closeBy());
        List<PotPrice> pots = plant.get(Traits.SIZES_SOLD).orElse(List.of());
        Optional<BigDecimal> unit = pots.stream()
                .filter(pot -> pot.pot().equals(content.pot()))
                .map(PotPrice::price)
                .findFirst();
        return new Line(
                line.id(),
                line.version(),
                plant,
                content.school() == School.MATURE ? mature : quick,
                mature,
                quick,
                pots,
                content.pot(),
                unit,
                content.fill().name(),
                content.amount(),
                content.endsClear(),
                content.closeBy());
    }
}
