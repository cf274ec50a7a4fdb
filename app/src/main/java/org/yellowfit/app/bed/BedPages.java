package org.yellowfit.app.bed;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.yellowfit.app.bed.BedGrounds.OneBed;
import org.yellowfit.app.bed.BedGrounds.Site;
import org.yellowfit.app.bed.BedModel.BedView;
import org.yellowfit.app.bed.BedModel.KindView;
import org.yellowfit.app.bed.BedModel.LeftView;
import org.yellowfit.app.bed.BedModel.ThingView;
import org.yellowfit.app.bed.BedModel.TroubleView;
import org.yellowfit.app.bed.BedModel.YearView;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.planting.Planting;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.bed.BedAims;
import org.yellowfit.core.bed.BedCheck;
import org.yellowfit.core.bed.BedGround;
import org.yellowfit.core.bed.BedYear;
import org.yellowfit.core.bed.Existing;
import org.yellowfit.core.bed.Grouping;
import org.yellowfit.core.bed.Placement;
import org.yellowfit.core.bed.Placing;
import org.yellowfit.core.bed.PlantedAt;
import org.yellowfit.core.bed.ToPlace;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.growth.Layer;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.light.CrownFoliage;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.palette.Judged;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.serve.JobKind;
import org.yellowfit.core.site.Feature;
import org.yellowfit.core.site.Measure;

/** Puts together what the screen Bed draws: the ground, the kinds with their sizes, the plants, and what goes wrong. */
@Service
class BedPages {

    static final int OLDEST = 30;

    private static final List<Integer> YEARS =
            IntStream.rangeClosed(0, OLDEST).boxed().toList();

    private final Planting planting;
    private final BedGrounds grounds;
    private final Beds beds;
    private final CatalogueStore store;

    BedPages(Planting planting, BedGrounds grounds, Beds beds, CatalogueStore store) {
        this.planting = planting;
        this.grounds = grounds;
        this.beds = beds;
        this.store = store;
    }

    BedModel model(Visit visit, String who) {
        Planting.Bed wanted = planting.of(visit);
        Site site = grounds.of(visit, wanted);
        Beds.State state = known(beds.state(visit.id(), who), wanted.catalogue());
        return new BedModel(
                Words.of(visit.units()),
                site.pot(),
                site.drawn(),
                visit.question().site().season().isSouth(),
                site.beds().get(0).ground().northDegrees(),
                latitude(site),
                site.beds().stream()
                        .map(bed -> new BedView(
                                bed.name(),
                                bed.ground().outline(),
                                bed.ground().seenFrom(),
                                bed.ground().areaM2()))
                        .toList(),
                site.things().stream().map(BedPages::thing).toList(),
                kinds(wanted, state, isHedge(visit)),
                state,
                years(visit, site, state, wanted.catalogue(), false));
    }

    private static double latitude(Site site) {
        var where = site.beds().get(0).ground().where();
        return where == null ? 45 : where.latitude();
    }

    Beds.State state(Visit visit, String who) {
        return known(beds.state(visit.id(), who), planting.of(visit).catalogue());
    }

    /** @throws InvalidInput when a plant is of a kind the catalogue does not have */
    void check(Visit visit, List<BedChange> changes) {
        Catalogue catalogue = planting.of(visit).catalogue();
        changes.stream()
                .filter(each ->
                        each.to() != null && catalogue.find(each.to().id()).isEmpty())
                .findFirst()
                .ifPresent(each -> {
                    throw InvalidInput.at(
                            "changes",
                            "The catalogue has no cultivar with the id “%s”.",
                            each.to().id());
                });
    }

    /** Plants whose kind the catalogue has no more are not shown. */
    private static Beds.State known(Beds.State state, Catalogue catalogue) {
        return new Beds.State(
                state.version(),
                state.plants().stream()
                        .filter(plant -> catalogue.find(plant.id()).isPresent())
                        .toList(),
                state.canUndo(),
                state.canRedo());
    }

    private static ThingView thing(Feature feature) {
        return new ThingView(
                Words.of(feature.kind()),
                feature.called(),
                feature.points(),
                number(feature, Measure.HEIGHT, Measure.SILL, Measure.UNDERSIDE),
                number(feature, Measure.WIDTH),
                number(feature, Measure.CROWN_RADIUS),
                feature.foliage() == null ? "" : Words.of(feature.foliage()),
                feature.kind().isGrowing() ? growth(BedGrounds.existing(feature)) : new double[0]);
    }

    private static double[] growth(Existing tree) {
        return YEARS.stream().mapToDouble(tree::growth).toArray();
    }

    /** The first of these numbers it has. */
    private static double number(Feature feature, Measure... measures) {
        for (Measure measure : measures) {
            double value = feature.kind().measures().contains(measure) ? feature.measure(measure) : Double.NaN;
            if (!Double.isNaN(value)) {
                return value;
            }
        }
        return 0;
    }

    private List<KindView> kinds(Planting.Bed wanted, Beds.State state, boolean hedge) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        Map<String, GrowingPlace> places = new HashMap<>();
        for (Judged.Stand stand : wanted.stands()) {
            counts.merge(stand.plant().id(), stand.count(), Integer::sum);
            places.putIfAbsent(stand.plant().id(), wanted.place(stand.patch()));
        }
        state.plants().forEach(plant -> counts.putIfAbsent(plant.id(), 0));
        List<KindView> kinds = new ArrayList<>();
        counts.forEach((id, count) -> wanted.catalogue()
                .find(id)
                .ifPresent(plant -> kinds.add(kind(plant, count, places.getOrDefault(id, wanted.place("")), hedge))));
        return kinds;
    }

    private KindView kind(Cultivar plant, int count, GrowingPlace place, boolean hedge) {
        PlantGrowth growth = PlantGrowth.of(plant);
        // Sizes are those of the checks: by the label, in the open (D1).
        GrowingPlace open = place.withSun(null);
        return new KindView(
                plant.id(),
                plant.botanical(),
                plant.get(Traits.CULTIVAR).orElse(""),
                plant.get(Traits.COMMON).orElse(""),
                store.portrait(plant, place),
                count,
                Words.of(usualGrouping(plant, count, hedge)),
                Words.of(Layer.of(growth.height(BedAims.USUAL_HORIZON).mid())),
                plant.spread10().mid(),
                YEARS.stream().mapToDouble(year -> growth.height(year).mid()).toArray(),
                YEARS.stream()
                        .mapToDouble(year -> growth.heightInFlower(year).mid())
                        .toArray(),
                YEARS.stream().mapToDouble(year -> growth.spread(year).mid()).toArray(),
                store.pictureQuery(plant, open));
    }

    private static boolean isHedge(Visit visit) {
        return visit.question().wants().jobs().stream()
                .anyMatch(job -> job.kind() == JobKind.HEDGE || job.kind() == JobKind.SCREEN);
    }

    /** What is asked for as a hedge or a screen stands in a row. */
    private static Grouping usualGrouping(Cultivar plant, int count, boolean hedge) {
        if (hedge && plant.isWoody() && count > 2) {
            return Grouping.ROW;
        }
        boolean covers = Layer.of(plant.height10().mid()) == Layer.GROUND_COVER;
        if (covers && count > 2) {
            return Grouping.MASSED;
        }
        return count < 3 ? Grouping.SPRINKLED : Grouping.GROUP;
    }

    /** Everything that goes wrong, in every year to thirty. */
    private List<YearView> years(Visit visit, Site site, Beds.State state, Catalogue catalogue, boolean shade) {
        Map<Integer, List<TroubleView>> troubles = new TreeMap<>();
        Map<Integer, Double> covered = new TreeMap<>();
        double area = 0;
        for (OneBed bed : site.beds()) {
            List<BedPlant> own = state.plants().stream()
                    .filter(plant -> bedOf(site, plant.x(), plant.y()) == bed)
                    .toList();
            List<PlantedAt> plants =
                    own.stream().map(each -> planted(each, catalogue)).toList();
            List<String> uids = own.stream().map(BedPlant::uid).toList();
            area += bed.ground().areaM2();
            for (BedYear year : BedCheck.over(bed.ground(), plants, YEARS, shade)) {
                troubles.computeIfAbsent(year.year(), any -> new ArrayList<>())
                        .addAll(Troubles.of(year, bed.ground(), plants, uids, visit.units(), site.pot()));
                covered.merge(year.year(), year.coverage() * bed.ground().areaM2(), Double::sum);
            }
        }
        double all = area;
        return YEARS.stream()
                .map(year -> new YearView(year, covered.get(year) / all, troubles.get(year)))
                .toList();
    }

    List<YearView> years(Visit visit, String who, boolean shade) {
        Planting.Bed wanted = planting.of(visit);
        Catalogue catalogue = wanted.catalogue();
        return years(visit, grounds.of(visit, wanted), known(beds.state(visit.id(), who), catalogue), catalogue, shade);
    }

    /** What is to be set out: the beds that are planted. */
    List<SetOut> sheets(Visit visit, Site site, String who) {
        Catalogue catalogue = planting.of(visit).catalogue();
        List<BedPlant> plants = known(beds.state(visit.id(), who), catalogue).plants();
        List<SetOut> sheets = new ArrayList<>();
        for (OneBed bed : site.beds()) {
            List<BedPlant> own = plants.stream()
                    .filter(plant -> bedOf(site, plant.x(), plant.y()) == bed)
                    .toList();
            if (!own.isEmpty()) {
                sheets.add(new SetOut(site, bed, own, id -> catalogue.find(id).orElseThrow(), visit.units()));
            }
        }
        return sheets;
    }

    Site site(Visit visit) {
        return grounds.of(visit, planting.of(visit));
    }

    /** The bed a plant stands in, or the nearest. */
    static OneBed bedOf(Site site, double x, double y) {
        OneBed nearest = site.beds().get(0);
        double least = Double.POSITIVE_INFINITY;
        for (OneBed bed : site.beds()) {
            double away = bed.ground().holds(x, y) ? 0 : bed.ground().toEdge(x, y);
            if (away < least) {
                nearest = bed;
                least = away;
            }
        }
        return nearest;
    }

    private static PlantedAt planted(BedPlant plant, Catalogue catalogue) {
        return new PlantedAt(
                catalogue.find(plant.id()).orElseThrow(),
                plant.x(),
                plant.y(),
                plant.group(),
                plant.potHeightM() > 0 ? plant.potHeightM() : null,
                plant.afterYears());
    }

    /** What a placing changes, and what it left over. */
    record Placed(List<BedChange> changes, List<LeftView> left) {}

    /**
     * The planting put into the beds: what is locked stays, everything else is placed anew.
     *
     * @param groupings by the plant's id; those usual where none is said
     */
    Placed place(Visit visit, Map<String, BedPlant> now, BedAims aims, Map<String, Grouping> groupings) {
        Planting.Bed wanted = planting.of(visit);
        Site site = grounds.of(visit, wanted);
        List<BedChange> changes = new ArrayList<>();
        now.values().stream()
                .filter(plant -> !plant.locked())
                .forEach(plant -> changes.add(new BedChange(plant.uid(), plant, null)));
        List<BedPlant> kept = now.values().stream()
                .filter(plant ->
                        plant.locked() && wanted.catalogue().find(plant.id()).isPresent())
                .toList();
        List<LeftView> left = new ArrayList<>();
        int number = 0;
        int groups = kept.stream().mapToInt(BedPlant::group).max().orElse(0);
        for (OneBed bed : site.beds()) {
            List<ToPlace> asked = asked(visit, wanted, site, bed, kept, groupings);
            if (asked.isEmpty()) {
                continue;
            }
            Placement placement = Placing.place(
                    with(bed.ground(), kept, wanted.catalogue()), asked, site.pot() ? aims.inPot() : aims);
            for (PlantedAt each : placement.placed()) {
                String uid = "s" + Long.toString(System.nanoTime(), 36) + "-" + ++number;
                changes.add(new BedChange(
                        uid,
                        null,
                        new BedPlant(uid, each.plant().id(), each.x(), each.y(), groups + each.group(), false, 0, 0)));
            }
            groups +=
                    placement.placed().stream().mapToInt(PlantedAt::group).max().orElse(0);
            placement.unplaced().forEach(each -> add(left, each, visit, wanted.catalogue()));
        }
        return new Placed(changes, left);
    }

    /** A kind that is left over in several parts for the same reason is told once. */
    private static void add(List<LeftView> left, Placement.Left each, Visit visit, Catalogue catalogue) {
        String name = catalogue.find(each.id()).map(Cultivar::name).orElse(each.id());
        String why = Sentences.say(each.why(), visit.units());
        int count = each.count();
        for (LeftView other : List.copyOf(left)) {
            if (other.name().equals(name) && other.why().equals(why)) {
                left.remove(other);
                count += other.count();
            }
        }
        left.add(new LeftView(name, count, why));
    }

    private List<ToPlace> asked(
            Visit visit,
            Planting.Bed wanted,
            Site site,
            OneBed bed,
            List<BedPlant> kept,
            Map<String, Grouping> groupings) {
        List<ToPlace> asked = new ArrayList<>();
        for (Judged.Stand stand : wanted.stands()) {
            boolean here = bed.patches().contains(stand.patch()) || site.beds().size() == 1;
            boolean nowhere =
                    site.beds().stream().noneMatch(each -> each.patches().contains(stand.patch()));
            if (!here && !(nowhere && bed == site.beds().get(0))) {
                continue;
            }
            Cultivar plant = stand.plant();
            int locked = (int) kept.stream()
                    .filter(each -> each.id().equals(plant.id()) && bedOf(site, each.x(), each.y()) == bed)
                    .count();
            if (stand.count() > locked) {
                asked.add(new ToPlace(
                        plant,
                        Math.min(ToPlace.MOST, stand.count() - locked),
                        groupings.getOrDefault(plant.id(), usualGrouping(plant, stand.count(), isHedge(visit))),
                        null,
                        stand.patch()));
            }
        }
        return asked;
    }

    /** What is locked takes its room like what stands already. */
    private static BedGround with(BedGround ground, List<BedPlant> kept, Catalogue catalogue) {
        List<Existing> existing = new ArrayList<>(ground.existing());
        for (BedPlant each : kept) {
            Cultivar plant = catalogue.find(each.id()).orElseThrow();
            boolean evergreen = plant.persistence() == Persistence.EVERGREEN;
            existing.add(new Existing(
                    plant.name(),
                    each.x(),
                    each.y(),
                    plant.height10().mid(),
                    plant.spread10().mid(),
                    evergreen ? CrownFoliage.EVERGREEN : CrownFoliage.DECIDUOUS,
                    null,
                    null));
        }
        return new BedGround(
                ground.outline(),
                ground.seenFrom(),
                ground.parts(),
                ground.walls(),
                ground.paths(),
                ground.limits(),
                existing,
                ground.where(),
                ground.northDegrees());
    }
}
