package org.yellowfit.app.bed;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.springframework.stereotype.Service;
import org.yellowfit.app.place.DrawingStore;
import org.yellowfit.app.place.PatchChoice;
import org.yellowfit.app.planting.Planting;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.core.bed.BedFront;
import org.yellowfit.core.bed.BedGround;
import org.yellowfit.core.bed.BedLimit;
import org.yellowfit.core.bed.BedPart;
import org.yellowfit.core.bed.BedPath;
import org.yellowfit.core.bed.Existing;
import org.yellowfit.core.fit.Fit;
import org.yellowfit.core.fit.Live;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.Room;
import org.yellowfit.core.fit.Surroundings;
import org.yellowfit.core.light.Location;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.site.BedPatch;
import org.yellowfit.core.site.Drawing;
import org.yellowfit.core.site.Feature;
import org.yellowfit.core.site.Measure;

/** The beds of a visit as the rules take them: as drawn, or a plain rectangle or pot where nothing is drawn. */
@Service
class BedGrounds {

    private static final double USUAL_DEPTH_M = 2;
    private static final int POT_CORNERS = 36;

    /** @param patches names of those parts that plants were chosen for; empty for the only one */
    record OneBed(String name, BedGround ground, List<String> patches) {}

    /**
     * @param things what is drawn round the beds
     * @param drawn  whether somebody drew it
     */
    record Site(List<OneBed> beds, List<Feature> things, boolean drawn, boolean pot) {}

    private final DrawingStore drawings;
    private final PatchChoice patches;

    BedGrounds(DrawingStore drawings, PatchChoice patches) {
        this.drawings = drawings;
        this.patches = patches;
    }

    Site of(Visit visit, Planting.Bed planting) {
        Optional<Drawing> drawing = planting.isPot() ? Optional.empty() : drawings.drawing(visit);
        return drawing.filter(each -> !each.beds().isEmpty())
                .map(each -> drawn(visit, each, planting))
                .orElseGet(() -> plain(visit, planting));
    }

    private Site drawn(Visit visit, Drawing drawing, Planting.Bed planting) {
        List<Feature> there = drawing.features().stream()
                .filter(feature -> feature.standsIn(drawing.drawnIn()))
                .toList();
        List<double[][]> walls = new ArrayList<>();
        List<BedPath> paths = new ArrayList<>();
        List<BedLimit> limits = new ArrayList<>();
        List<Existing> existing = new ArrayList<>();
        there.forEach(feature -> sort(feature, walls, paths, limits, existing));
        List<BedPatch> light = patches.drawn(visit);
        List<OneBed> beds = new ArrayList<>();
        for (Feature bed : drawing.beds()) {
            List<BedPatch> own = light.stream()
                    .filter(patch -> patch.bed().equals(bed.called()))
                    .toList();
            beds.add(new OneBed(
                    bed.called(),
                    new BedGround(
                            bed.points(),
                            BedFront.of(bed.points(), walls, paths),
                            own.stream()
                                    .map(patch -> part(
                                            patch.name(),
                                            patch.light().outline(),
                                            patches.question(visit, patch),
                                            planting))
                                    .toList(),
                            walls,
                            paths,
                            limits,
                            existing,
                            drawing.where(),
                            drawing.northDegrees()),
                    own.stream().map(BedPatch::name).toList()));
        }
        return new Site(beds, there, true, false);
    }

    private static void sort(
            Feature feature,
            List<double[][]> walls,
            List<BedPath> paths,
            List<BedLimit> limits,
            List<Existing> existing) {
        double[][] points = feature.points();
        switch (feature.kind()) {
            case WALL, FENCE, HEDGE -> walls.add(points);
            case BLOCK -> walls.add(closed(points));
            case PATH -> paths.add(new BedPath(points, feature.measure(Measure.WIDTH)));
            case WINDOW -> limits.add(BedLimit.window(feature.called(), points, feature.measure(Measure.SILL)));
            case VIEW ->
                limits.add(BedLimit.view(
                        feature.called(), points, Math.min(BedLimit.VIEW_M, feature.measure(Measure.LIMIT))));
            case SIGHT -> limits.add(BedLimit.keepLow(feature.called(), points, feature.measure(Measure.LIMIT)));
            case WIRE -> limits.add(BedLimit.wire(feature.called(), points, feature.measure(Measure.HEIGHT)));
            case ROOF -> limits.add(BedLimit.roof(feature.called(), points, feature.measure(Measure.UNDERSIDE)));
            case TREE, SHRUB -> existing.add(existing(feature));
            default -> {
                // Beds, slopes and taps bar nothing.
            }
        }
    }

    static Existing existing(Feature tree) {
        return new Existing(
                tree.called(),
                tree.points()[0][0],
                tree.points()[0][1],
                tree.measure(Measure.HEIGHT),
                2 * tree.measure(Measure.CROWN_RADIUS),
                tree.foliage(),
                tree.measures().get(Measure.AGE),
                tree.measures().get(Measure.MATURE_HEIGHT));
    }

    private static double[][] closed(double[][] outline) {
        double[][] line = new double[outline.length + 1][];
        System.arraycopy(outline, 0, line, 0, outline.length);
        line[outline.length] = outline[0];
        return line;
    }

    private static BedPart part(String name, double[][] outline, Question question, Planting.Bed planting) {
        Surroundings around = question.site().surroundings();
        return new BedPart(
                name,
                outline != null && outline.length >= 3 ? outline : null,
                lives(question, planting),
                question.site().light().sunHours(),
                around.hasChildren(),
                around.hasPets());
    }

    private static Predicate<Cultivar> lives(Question question, Planting.Bed planting) {
        Fit fit = new Fit(planting.catalogue());
        return plant -> fit.these(question, List.of(plant.id())).get(0).live() != Live.NO;
    }

    /** What is said of its size makes a rectangle, seen from its long side; a pot is round. */
    private Site plain(Visit visit, Planting.Bed planting) {
        Question question = visit.question();
        Room room = question.site().room();
        double area = planting.areaM2();
        double[][] outline;
        if (planting.isPot()) {
            outline = circle(Math.sqrt(area / Math.PI));
        } else {
            double deep = room.depthM() != null ? room.depthM() : Math.min(USUAL_DEPTH_M, Math.sqrt(area / 2));
            outline = new double[][] {{0, 0}, {area / deep, 0}, {area / deep, deep}, {0, deep}};
        }
        Location where = drawings.where(visit).orElse(null);
        BedGround ground = new BedGround(
                outline,
                BedFront.of(outline, List.of(), List.of()),
                List.of(part("", null, question, planting)),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                where,
                0);
        return new Site(List.of(new OneBed(visit.place(), ground, List.of(""))), List.of(), false, planting.isPot());
    }

    private static double[][] circle(double radius) {
        double[][] outline = new double[POT_CORNERS][];
        for (int k = 0; k < POT_CORNERS; k++) {
            double angle = 2 * Math.PI * k / POT_CORNERS;
            outline[k] = new double[] {radius * (1 + Math.cos(angle)), radius * (1 + Math.sin(angle))};
        }
        return outline;
    }
}
