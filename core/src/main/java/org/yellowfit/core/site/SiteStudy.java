package org.yellowfit.core.site;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.locationtech.jts.algorithm.MinimumAreaRectangle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.yellowfit.core.light.CellGrid;
import org.yellowfit.core.light.LightCutoffs;
import org.yellowfit.core.light.LightField;
import org.yellowfit.core.light.LightStudy;
import org.yellowfit.core.light.Patch;
import org.yellowfit.core.light.Patches;
import org.yellowfit.core.light.WarmWall;
import org.yellowfit.core.measure.Fact;

/**
 * The sun over every bed of a drawing in one year, and its patches (rules B4 and B5).
 *
 * @param fields  one for each bed, with all twelve months
 * @param seasons mean of the growing season for each bed, which the patches stand on
 */
public record SiteStudy(
        Drawing drawing,
        int year,
        List<Integer> seasonMonths,
        List<LightField> fields,
        List<LightField> seasons,
        List<BedPatch> patches) {

    private static final List<Integer> ALL_MONTHS =
            IntStream.rangeClosed(1, 12).boxed().toList();
    /** Beds together are cut into about so many cells; a cell is at least 10 and at most 50 cm wide. */
    private static final double USUAL_CELLS = 1500;

    private static final double FINEST_M = 0.1;
    private static final double COARSEST_M = 0.5;
    /** Ground of one plant, whose light is looked at, m; and room taken for it where no bed says how much. */
    private static final double SPOT_M = 0.4;

    private static final double FREE_SPOT_M = 2;
    private static final double MOSTLY = 0.5;
    private static final double WINDOW_REACH_M = 1.5;
    private static final double VIEW_REACH_M = 0.3;
    private static final double WIRE_REACH_M = 1.0;

    /**
     * @param seasonMonths the frost-free months, over which the growing season's mean is taken
     * @param cutoffs      by which patches are told apart
     */
    public static SiteStudy of(Drawing drawing, int year, List<Integer> seasonMonths, LightCutoffs cutoffs) {
        LightStudy study = drawing.study(year);
        double area = drawing.beds().stream()
                .mapToDouble(bed -> Shapes.of(bed).getArea())
                .sum();
        double cell = Math.max(FINEST_M, Math.min(COARSEST_M, Math.sqrt(area / USUAL_CELLS)));
        List<LightField> fields = new ArrayList<>();
        List<LightField> seasons = new ArrayList<>();
        List<BedPatch> patches = new ArrayList<>();
        for (Feature bed : drawing.beds()) {
            CellGrid ground = CellGrid.of(bed.points(), cellFor(bed, cell));
            LightField all = study.over(ground, ALL_MONTHS);
            fields.add(all);
            LightField season = all.over(seasonMonths);
            seasons.add(season);
            for (Patch patch : Patches.of(season, bed.points(), cutoffs)) {
                patches.add(bedPatch(drawing, bed, ground, patch, name(patches.size())));
            }
        }
        List<BedPatch> ofBeds = List.copyOf(patches);
        int spots = 0;
        for (Feature spot : drawing.of(FeatureKind.SPOT)) {
            spot(drawing, study, spot, "S" + ++spots, ofBeds, seasonMonths, cutoffs)
                    .ifPresent(patches::add);
        }
        return new SiteStudy(drawing, year, List.copyOf(seasonMonths), fields, seasons, patches);
    }

    /** A single spot is a patch of its own light; it has the room of the patch it lies in, or its own little. */
    private static Optional<BedPatch> spot(
            Drawing drawing,
            LightStudy study,
            Feature spot,
            String name,
            List<BedPatch> ofBeds,
            List<Integer> seasonMonths,
            LightCutoffs cutoffs) {
        double[][] ground = square(spot.points()[0], SPOT_M / 2);
        CellGrid cells = CellGrid.of(ground, SPOT_M / 2);
        LightField season = study.over(cells, ALL_MONTHS).over(seasonMonths);
        return Patches.of(season, ground, cutoffs).stream().findFirst().map(light -> {
            BedPatch own = bedPatch(drawing, spot, cells, light, name);
            return ofBeds.stream()
                    .filter(patch -> patch.light().outline().length >= 3
                            && Shapes.area(patch.light().outline()).intersects(Shapes.area(ground)))
                    .findFirst()
                    .map(around -> own.withRoom(around.lengthM(), around.depthM()))
                    .orElseGet(() -> own.withRoom(FREE_SPOT_M, FREE_SPOT_M));
        });
    }

    private static double[][] square(double[] at, double half) {
        return new double[][] {
            {at[0] - half, at[1] - half},
            {at[0] + half, at[1] - half},
            {at[0] + half, at[1] + half},
            {at[0] - half, at[1] + half}
        };
    }

    /** Large beds get cells large enough to stay within what one study takes. */
    private static double cellFor(Feature bed, double usual) {
        double box = Shapes.of(bed).getEnvelope().getArea();
        return Math.max(usual, Math.sqrt(box / (CellGrid.MOST_CELLS * 0.5)));
    }

    private static String name(int index) {
        return index < 26 ? String.valueOf((char) ('A' + index)) : "A" + (index - 25);
    }

    private static BedPatch bedPatch(Drawing drawing, Feature bed, CellGrid ground, Patch patch, String name) {
        Geometry shape = patch.outline().length >= 3 ? Shapes.area(patch.outline()) : Shapes.of(bed);
        double[] sides = sides(shape);
        return new BedPatch(
                name,
                bed.called(),
                patch,
                sides[0],
                sides[1],
                limits(drawing, shape),
                WarmWall.share(ground, patch.cells(), drawing.warmWalls()) >= MOSTLY,
                drawing.of(FeatureKind.ROOF).stream()
                        .filter(roof -> roof.standsIn(drawing.drawnIn()))
                        .anyMatch(roof -> covers(Shapes.of(roof), shape)),
                drawing.of(FeatureKind.SLOPE).stream()
                        .filter(slope -> Shapes.of(slope).intersects(shape))
                        .map(slope -> slope.measure(Measure.SLOPE_PERCENT))
                        .findFirst());
    }

    private static boolean covers(Geometry roof, Geometry shape) {
        return roof.intersection(shape).getArea() >= MOSTLY * shape.getArea();
    }

    /** Longer and shorter side of the smallest rectangle around a shape, m. */
    private static double[] sides(Geometry shape) {
        Coordinate[] corners = MinimumAreaRectangle.getMinimumRectangle(shape).getCoordinates();
        double one = corners.length < 3 ? 0 : corners[0].distance(corners[1]);
        double other = corners.length < 3 ? 0 : corners[1].distance(corners[2]);
        return new double[] {Math.max(one, other), Math.min(one, other)};
    }

    private static List<SpotLimit> limits(Drawing drawing, Geometry shape) {
        List<SpotLimit> limits = new ArrayList<>();
        for (Feature feature : drawing.features()) {
            limit(feature, drawing.drawnIn())
                    .filter(limit -> reach(feature).intersects(shape)
                            && reach(feature).intersection(shape).getArea() > 0.005)
                    .ifPresent(limits::add);
        }
        limits.sort(Comparator.comparingDouble(SpotLimit::metres));
        return limits;
    }

    private static Optional<SpotLimit> limit(Feature feature, int year) {
        return !feature.standsIn(year)
                ? Optional.empty()
                : switch (feature.kind()) {
                    case WINDOW ->
                        Optional.of(new SpotLimit(
                                feature.measure(Measure.SILL),
                                feature.kind(),
                                Fact.of("drawn.sill", feature.called())));
                    case VIEW, SIGHT ->
                        Optional.of(new SpotLimit(
                                feature.measure(Measure.LIMIT),
                                feature.kind(),
                                Fact.of("drawn.thing", feature.called())));
                    case WIRE ->
                        Optional.of(new SpotLimit(
                                feature.measure(Measure.HEIGHT),
                                feature.kind(),
                                Fact.of("drawn.thing", feature.called())));
                    case ROOF ->
                        Optional.of(new SpotLimit(
                                feature.measure(Measure.UNDERSIDE),
                                feature.kind(),
                                Fact.of("drawn.underside", feature.called())));
                    default -> Optional.empty();
                };
    }

    private static Geometry reach(Feature feature) {
        Geometry shape = Shapes.of(feature);
        return switch (feature.kind()) {
            case WINDOW ->
                shape.buffer(WINDOW_REACH_M, 2, org.locationtech.jts.operation.buffer.BufferParameters.CAP_FLAT);
            case VIEW -> shape.buffer(VIEW_REACH_M);
            case WIRE -> shape.buffer(WIRE_REACH_M);
            default -> shape;
        };
    }
}
