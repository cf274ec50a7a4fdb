package org.yellowfit.app.planting;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.place.PatchChoice;
import org.yellowfit.app.visit.GrowingPlaces;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.Room;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.palette.Aims;
import org.yellowfit.core.palette.Judged;
import org.yellowfit.core.palette.Palettes;
import org.yellowfit.core.palette.Planted;
import org.yellowfit.core.palette.PlantingFields;
import org.yellowfit.core.palette.PlantingFields.Chosen;
import org.yellowfit.core.palette.Plot;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.serve.WantedColour;
import org.yellowfit.core.serve.Wants;
import org.yellowfit.core.serve.WishFields;
import org.yellowfit.core.site.BedPatch;

/** A visit's planting as the rules take it: what was said, and what is usual where nothing was. */
@Service
public class Planting {

    /** Where nobody said how large it is. */
    private static final double USUAL_M2 = 8;

    private static final double LEAST_PATCH_M2 = 0.5;
    private static final int MOST_PATCHES = 6;

    private static final double POT_DEPTH_M = 0.35;
    private static final double USUAL_POT_L = 30;
    private static final double A_KIND_M2 = 1.5;
    private static final List<Integer> USUAL_MONTHS = List.of(4, 5, 6, 7, 8, 9, 10);
    private static final List<Integer> USUAL_SOUTHERN_MONTHS = List.of(10, 11, 12, 1, 2, 3, 4);
    private static final double USUAL_EVERGREEN = 30;

    /**
     * @param aimsSaid by the fields' names, usual values included
     * @param isAreaKnown whether somebody said how large it is
     */
    public record Bed(
            List<Plot> plots,
            Aims aims,
            Map<String, Object> aimsSaid,
            Palettes palettes,
            Catalogue catalogue,
            List<Chosen> chosen,
            boolean isAreaKnown) {

        /** One that stands in a patch there is no more stands where it serves best. */
        List<Planted> planted() {
            return chosen.stream()
                    .map(each -> new Planted(each.id(), patch(each), each.count() == 0 ? null : each.count()))
                    .toList();
        }

        /** Each plant with its count, worked out where it was left open. */
        public List<Judged.Stand> stands() {
            return chosen.isEmpty()
                    ? List.of()
                    : palettes.judge(plots, planted(), aims).plants();
        }

        String patch(Chosen each) {
            boolean there = plots.stream().anyMatch(plot -> plot.name().equals(each.patch()));
            return there ? each.patch() : "";
        }

        public boolean isPot() {
            return plots.get(0).isPot();
        }

        public double areaM2() {
            return plots.stream().mapToDouble(Plot::areaM2).sum();
        }

        public GrowingPlace place(String patch) {
            return plots.stream()
                    .filter(plot -> plot.name().equals(patch))
                    .findFirst()
                    .orElse(plots.get(0))
                    .place();
        }
    }

    private final CatalogueStore store;
    private final GrowingPlaces growingPlaces;

    private final PatchChoice patches;

    Planting(CatalogueStore store, GrowingPlaces growingPlaces, PatchChoice patches) {
        this.patches = patches;
        this.store = store;
        this.growingPlaces = growingPlaces;
    }

    public Bed of(Visit visit) {
        return of(visit, visit.answers().get(VisitFields.planting(PlantingFields.PLANTS), List.of()));
    }

    /** The same ground and aims with other plants; those the catalogue does not have are left out. */
    Bed of(Visit visit, List<Chosen> plants) {
        Question question = visit.question();
        Catalogue catalogue = store.catalogue(question.policy());
        Room room = question.site().room();
        boolean pot = question.site().soil().isContainer();
        Optional<Double> told = said(visit, PlantingFields.AREA)
                .or(() -> visit.answers().get(VisitFields.PATCH_AREA).filter(area -> area > 0))
                .or(() -> Optional.ofNullable(room.areaM2()).filter(area -> area > 0));
        double area = pot
                ? (room.containerL() == null ? USUAL_POT_L : room.containerL()) / 1000 / POT_DEPTH_M
                : Math.min(10_000, told.orElse(USUAL_M2));
        List<BedPatch> drawn = pot ? List.of() : patches(visit);
        if (drawn.size() > 1) {
            area = drawn.stream().mapToDouble(each -> each.light().areaM2()).sum();
        }
        Map<String, Object> aims = aims(visit, question, area, pot);
        List<Plot> plots = new ArrayList<>();
        if (drawn.size() > 1) {
            drawn.forEach(patch -> plots.add(plot(
                    visit,
                    patch.name(),
                    patch.light().areaM2(),
                    patch.depthM(),
                    this.patches.question(visit, patch),
                    aims)));
        } else {
            plots.add(plot(visit, "", area, pot ? null : room.depthM(), question, aims));
        }
        return new Bed(
                plots,
                PlantingFields.aims(aims),
                aims,
                new Palettes(catalogue),
                catalogue,
                plants.stream()
                        .filter(each -> catalogue.find(each.id()).isPresent())
                        .toList(),
                pot || told.isPresent() || drawn.size() > 1);
    }

    /** Of all beds drawn, those large enough to be planted. */
    private List<BedPatch> patches(Visit visit) {
        return patches.drawn(visit).stream()
                .filter(each -> each.light().areaM2() >= LEAST_PATCH_M2)
                .limit(MOST_PATCHES)
                .toList();
    }

    private Plot plot(
            Visit visit, String name, double area, Double depth, Question question, Map<String, Object> aims) {
        Question together = question.wanting(flowering(question.wants(), aims));
        return new Plot(name, area, depth, together, growingPlaces.of(visit, question));
    }

    private static <T> Optional<T> said(Visit visit, Field<T> field) {
        return visit.answers().get(VisitFields.planting(field));
    }

    private static Map<String, Object> aims(Visit visit, Question question, double area, boolean pot) {
        Map<String, Object> aims = new HashMap<>();
        boolean south = question.site().season().isSouth();
        List<Integer> growing = south ? USUAL_SOUTHERN_MONTHS : USUAL_MONTHS;
        List<Integer> asked = question.wants().bloomMonths();
        List<Integer> usual = asked.isEmpty() ? growing : asked;
        aims.put("months", said(visit, PlantingFields.MONTHS).orElse(usual));
        aims.put("winter", said(visit, PlantingFields.WINTER).orElse(false));
        aims.put("evergreenPercent", said(visit, PlantingFields.EVERGREEN).orElse(pot ? 0 : USUAL_EVERGREEN));
        said(visit, PlantingFields.COLOURS)
                .ifPresent(colours -> aims.put(
                        "colours", colours.stream().map(each -> each.text()).toList()));
        aims.put("onlyThese", said(visit, PlantingFields.ONLY_THESE).orElse(false));
        said(visit, PlantingFields.SCHEME).ifPresent(scheme -> aims.put("scheme", word(scheme)));
        said(visit, PlantingFields.BACKGROUND).ifPresent(behind -> aims.put("background", behind.text()));
        said(visit, PlantingFields.WEAVING).ifPresent(school -> aims.put("school", word(school)));
        aims.put("layers", List.of("back", "middle", "front"));
        double most = Math.max(3, Math.min(7, Math.floor(area / A_KIND_M2)));
        aims.put("leastKinds", said(visit, PlantingFields.LEAST_KINDS).orElse(pot ? 2.0 : 3.0));
        aims.put("mostKinds", said(visit, PlantingFields.MOST_KINDS).orElse(pot ? 4.0 : most));
        said(visit, PlantingFields.BUDGET).ifPresent(budget -> aims.put("budget", budget));
        said(visit, PlantingFields.CARE).ifPresent(care -> aims.put("careMinutesYear", care));
        if ((double) aims.get("leastKinds") > (double) aims.get("mostKinds")) {
            aims.put("mostKinds", aims.get("leastKinds"));
        }
        return aims;
    }

    private static String word(Enum<?> word) {
        return Words.of(word);
    }

    /**
     * Who asks for months and colours of a planting asks for plants that flower then and so, unless they said
     * otherwise.
     */
    @SuppressWarnings("unchecked") // put there by aims as such a list
    private static Wants flowering(Wants wants, Map<String, Object> aims) {
        Wants flowering = wants;
        if (wants.bloomMonths().isEmpty() && wants.jobs().isEmpty()) {
            flowering = flowering.with(WishFields.BLOOM_MONTHS, (List<Integer>) aims.get("months"));
        }
        if (wants.colours().isEmpty() && aims.get("colours") instanceof List<?> colours && !colours.isEmpty()) {
            flowering = flowering.with(
                    WishFields.COLOURS,
                    ((List<String>) colours).stream().map(WantedColour::new).toList());
        }
        return flowering;
    }
}
