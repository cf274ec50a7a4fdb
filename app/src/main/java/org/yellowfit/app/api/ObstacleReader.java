package org.yellowfit.app.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.light.CrownFoliage;
import org.yellowfit.core.light.LightStudy;
import org.yellowfit.core.light.Obstacle;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Months;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.site.Outlines;

/** Reads the obstacles of a request; every problem is collected with its place, like {@code obstacles[2].heightM}. */
final class ObstacleReader {

    private static final double TALLEST_M = 200;

    private enum Kind {
        BLOCK,
        WALL,
        FENCE,
        HEDGE,
        TREE,
        ROOF
    }

    private final List<Problem> problems;
    private final Set<Integer> usualLeaf;

    ObstacleReader(List<Problem> problems, boolean south) {
        this.problems = problems;
        this.usualLeaf = CrownFoliage.usualLeafMonths(south);
    }

    List<Obstacle> read(Object value) {
        if (value == null) {
            return List.of();
        }
        if (!(value instanceof List<?> list)) {
            problems.add(new Problem("obstacles", "A list is expected here."));
            return List.of();
        }
        if (list.size() > LightStudy.MOST_OBSTACLES) {
            problems.add(new Problem(
                    "obstacles",
                    "A study takes at most %d obstacles; here are %d.",
                    LightStudy.MOST_OBSTACLES,
                    list.size()));
            return List.of();
        }
        List<Obstacle> obstacles = new ArrayList<>();
        for (int i = 0; i < list.size(); i++) {
            Obstacle obstacle = obstacle(list.get(i), "obstacles[" + i + "]");
            if (obstacle != null) {
                obstacles.add(obstacle);
            }
        }
        return obstacles;
    }

    private Obstacle obstacle(Object value, String at) {
        if (!(value instanceof Map<?, ?> map)) {
            problems.add(new Problem(at, "An object is expected here."));
            return null;
        }
        int before = problems.size();
        @SuppressWarnings("unchecked")
        Map<String, Object> fields = (Map<String, Object>) map;
        InputReader in = new InputReader(fields, at + ".", problems);
        Kind kind = in.word("kind", Kind.class);
        if (kind == null) {
            if (problems.size() == before) {
                in.problem(
                        "kind",
                        "It is not said what this is; expected one of: %s.",
                        Words.list(List.of(Kind.values())));
            }
            return null;
        }
        String name = in.text("name", text -> text);
        Obstacle obstacle =
                built(kind, name == null ? Sentences.say("api.the-obstacle", Words.of(kind)) : name, in, fields, at);
        return problems.size() > before ? null : obstacle;
    }

    private Obstacle built(Kind kind, String name, InputReader in, Map<String, Object> fields, String at) {
        return switch (kind) {
            case BLOCK ->
                new Obstacle.Block(
                        name, Outlines.area(fields.get("outline"), at + ".outline", problems), height(in, "heightM"));
            case WALL, FENCE ->
                new Obstacle.Wall(
                        name,
                        Outlines.line(fields.get("line"), at + ".line", problems),
                        height(in, "heightM"),
                        passes(in),
                        null,
                        Set.of());
            case HEDGE ->
                new Obstacle.Wall(
                        name,
                        Outlines.line(fields.get("line"), at + ".line", problems),
                        height(in, "heightM"),
                        null,
                        foliage(in),
                        leafOn(in));
            case ROOF ->
                new Obstacle.Roof(
                        name,
                        Outlines.area(fields.get("outline"), at + ".outline", problems),
                        height(in, "undersideM"),
                        passes(in));
            case TREE -> tree(name, in, fields, at);
        };
    }

    private Obstacle tree(String name, InputReader in, Map<String, Object> fields, String at) {
        double[] point = Outlines.point(fields.get("at"), at + ".at", problems);
        double height = height(in, "heightM");
        Double radius = in.number("crownRadiusM", 0.05, 60, "m");
        if (radius == null) {
            in.problem("crownRadiusM", "The crown's radius is needed, in m.");
        }
        Double base = in.number("crownBaseM", 0, TALLEST_M, "m");
        if (base != null && base >= height && height > 0) {
            in.problem("crownBaseM", "The crown begins at or above the top of the tree.");
        }
        return new Obstacle.Tree(
                name,
                point[0],
                point[1],
                height,
                radius == null ? 1 : radius,
                base == null ? 0 : base,
                foliage(in),
                leafOn(in));
    }

    private static double height(InputReader in, String field) {
        Double height = in.number(field, 0.01, TALLEST_M, "m");
        if (height == null) {
            in.problem(field, "The height is needed, in m.");
        }
        return height == null ? 0 : height;
    }

    private static Double passes(InputReader in) {
        Double passes = in.number("passes", 0, 1, "share");
        return passes == null ? 0 : passes;
    }

    private static CrownFoliage foliage(InputReader in) {
        CrownFoliage foliage = in.word("foliage", CrownFoliage.class);
        return foliage == null ? CrownFoliage.DECIDUOUS : foliage;
    }

    private Set<Integer> leafOn(InputReader in) {
        List<Integer> months = in.list("leafOnMonths", Months::parse);
        return months == null ? usualLeaf : new TreeSet<>(months);
    }
}
