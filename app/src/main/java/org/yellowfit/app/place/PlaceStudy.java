package org.yellowfit.app.place;

import java.time.Month;
import java.util.ArrayList;
import java.util.List;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.light.LightClass;
import org.yellowfit.core.light.LightField;
import org.yellowfit.core.light.Patch;
import org.yellowfit.core.light.SunBias;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.site.BedPatch;
import org.yellowfit.core.site.SiteStudy;
import org.yellowfit.core.site.SpotLimit;

/**
 * A sun study as the browser draws it: numbers to colour by, sentences to show. Coordinates are metres, y to the north.
 *
 * @param cells   east and north of the centre, side, then the hours of the growing season and of each month
 * @param season  the months the season's mean stands on, in words
 */
record PlaceStudy(int year, String season, List<double[]> cells, List<PatchView> patches, List<BedMean> beds) {

    /** @param hours mean over the bed in the growing season */
    record BedMean(String bed, String hours) {}

    /** @param facts what there is to say of it, a line each */
    record PatchView(
            String name,
            String bed,
            String light,
            String hours,
            double[][] outline,
            double labelX,
            double labelY,
            List<String> facts) {}

    static PlaceStudy of(SiteStudy study, UnitSystem units) {
        List<double[]> cells = new ArrayList<>();
        for (int bed = 0; bed < study.fields().size(); bed++) {
            addCells(study.fields().get(bed), study.seasons().get(bed), cells);
        }
        return new PlaceStudy(
                study.year(),
                season(study.seasonMonths()),
                cells,
                study.patches().stream().map(patch -> view(patch, study, units)).toList(),
                means(study));
    }

    private static List<BedMean> means(SiteStudy study) {
        List<BedMean> means = new ArrayList<>();
        for (int bed = 0; bed < study.seasons().size(); bed++) {
            means.add(new BedMean(
                    study.drawing().beds().get(bed).called(),
                    hours(study.seasons().get(bed).meanHours())));
        }
        return means;
    }

    private static void addCells(LightField all, LightField season, List<double[]> cells) {
        for (int cell = 0; cell < all.ground().size(); cell++) {
            if (all.ground().isInside(cell)) {
                double[] row = new double[3 + 13];
                row[0] = rounded(all.ground().x(cell));
                row[1] = rounded(all.ground().y(cell));
                row[2] = rounded(all.ground().cellM());
                row[3] = rounded(season.hours(cell));
                for (int month = 1; month <= 12; month++) {
                    row[3 + month] = rounded(all.hours(month, cell));
                }
                cells.add(row);
            }
        }
    }

    private static PatchView view(BedPatch patch, SiteStudy study, UnitSystem units) {
        Patch light = patch.light();
        List<String> facts = new ArrayList<>();
        facts.add(Sentences.say(
                "patch.sun",
                hours(light.hours()),
                season(study.seasonMonths()),
                hours(light.morning()),
                hours(light.afternoon())));
        facts.add(Sentences.say(patch.reflectedHeat() ? "patch.hot-wall" : "patch.hot", hours(light.hot())));
        facts.add(Sentences.say(
                "patch.size", units.area(light.areaM2()), units.length(patch.lengthM()), units.length(patch.depthM())));
        for (SpotLimit limit : patch.limits()) {
            facts.add(Sentences.say("patch.limit", units.length(limit.metres()), limit.because()));
        }
        if (patch.underRoof()) {
            facts.add(Sentences.say("patch.roof"));
        }
        patch.slopePercent().ifPresent(slope -> facts.add(Sentences.say("patch.slope", Numbers.rounded(slope, 0))));
        double[] label = label(light, study, patch);
        return new PatchView(
                patch.name(),
                patch.bed(),
                words(light.lightClass(), light.bias()),
                hours(light.hours()),
                light.outline(),
                label[0],
                label[1],
                facts);
    }

    /** The name stands on the cell nearest to the middle of the patch. */
    private static double[] label(Patch light, SiteStudy study, BedPatch patch) {
        for (int bed = 0; bed < study.seasons().size(); bed++) {
            if (study.drawing().beds().get(bed).called().equals(patch.bed())) {
                LightField field = study.seasons().get(bed);
                double x = light.cells().stream()
                        .mapToDouble(cell -> field.ground().x(cell))
                        .average()
                        .orElse(0);
                double y = light.cells().stream()
                        .mapToDouble(cell -> field.ground().y(cell))
                        .average()
                        .orElse(0);
                return nearest(field, light, x, y);
            }
        }
        return light.outline()[0];
    }

    private static double[] nearest(LightField field, Patch light, double x, double y) {
        double[] best = {x, y};
        double least = Double.POSITIVE_INFINITY;
        for (int cell : light.cells()) {
            double distance =
                    Math.hypot(field.ground().x(cell) - x, field.ground().y(cell) - y);
            if (distance < least) {
                least = distance;
                best = new double[] {field.ground().x(cell), field.ground().y(cell)};
            }
        }
        return best;
    }

    static String words(LightClass light, SunBias bias) {
        boolean split = light == LightClass.PART || light == LightClass.SHADE;
        return split && bias != SunBias.EVEN ? Sentences.say("sun.with-bias", light, bias) : Sentences.label(light);
    }

    static String season(List<Integer> months) {
        if (months.size() == 12) {
            return Sentences.say("sun.all-year");
        }
        // The season may run over the year's end: it begins after the month that is missing before it.
        int first = months.stream()
                .filter(month -> !months.contains((month + 10) % 12 + 1))
                .findFirst()
                .orElse(months.get(0));
        int last = months.stream()
                .filter(month -> !months.contains(month % 12 + 1))
                .findFirst()
                .orElse(months.get(months.size() - 1));
        return first == last ? name(first) : Sentences.say("sun.months", name(first), name(last));
    }

    private static String name(int month) {
        return Sentences.label(Month.of(month));
    }

    static String hours(double hours) {
        return Sentences.amount(Amount.hours(hours), UnitSystem.METRIC);
    }

    private static double rounded(double value) {
        return Math.rint(value * 100) / 100;
    }
}
