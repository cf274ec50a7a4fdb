package org.yellowfit.core.light;

import java.util.ArrayList;
import java.util.List;

/**
 * The outlines of the shadows at one moment, for drawing: each outline runs anticlockwise, so that together they may be
 * filled
 * as one shape. Solid shadows and those of crowns are apart, since crowns let light through.
 *
 * @param solid  outlines of full shade, m
 * @param veiled outlines of shade with light coming through, m
 */
public record ShadowPicture(List<double[][]> solid, List<double[][]> veiled) {

    private static final int ELLIPSE_CORNERS = 28;
    /** Longer shadows run off every drawing, m. */
    private static final double LONGEST_M = 400;

    /** @return nothing in shadow when the sun stands below {@link SunDay#LEAST_ALTITUDE} */
    public static ShadowPicture of(List<Obstacle> obstacles, SunPosition sun, double northDegrees, int month) {
        ShadowPicture picture = new ShadowPicture(new ArrayList<>(), new ArrayList<>());
        if (sun.altitudeDegrees() >= SunDay.LEAST_ALTITUDE - 1e-6) {
            Ray ray = Ray.towards(sun, northDegrees);
            obstacles.forEach(obstacle -> picture.add(obstacle, ray, obstacle.passes(month)));
        }
        return picture;
    }

    private void add(Obstacle obstacle, Ray ray, double passes) {
        List<double[][]> into = passes > 0.05 ? veiled : solid;
        if (obstacle instanceof Obstacle.Block block) {
            sweep(block.outline(), true, block.heightM(), ray, into);
            into.add(anticlockwise(block.outline()));
        } else if (obstacle instanceof Obstacle.Wall wall) {
            sweep(wall.line(), false, wall.heightM(), ray, into);
        } else if (obstacle instanceof Obstacle.Roof roof) {
            into.add(anticlockwise(moved(roof.outline(), ray, roof.undersideM())));
        } else if (obstacle instanceof Obstacle.Tree tree) {
            into.add(ellipse(tree, ray));
        }
    }

    private static void sweep(double[][] line, boolean closed, double heightM, Ray ray, List<double[][]> into) {
        double[][] far = moved(line, ray, heightM);
        for (int i = closed ? 0 : 1; i < line.length; i++) {
            int j = (i + line.length - 1) % line.length;
            into.add(anticlockwise(new double[][] {line[j], line[i], far[i], far[j]}));
        }
    }

    private static double[][] moved(double[][] line, Ray ray, double heightM) {
        double length = Math.min(LONGEST_M, heightM / ray.rise());
        double[][] far = new double[line.length][];
        for (int i = 0; i < line.length; i++) {
            far[i] = new double[] {line[i][0] - ray.east() * length, line[i][1] - ray.north() * length};
        }
        return far;
    }

    /** The shadow of an ellipsoid on level ground: as wide as the crown across the light, longer along it. */
    private static double[][] ellipse(Obstacle.Tree tree, Ray ray) {
        double away = tree.crownCentreM() / ray.rise();
        double along = Math.hypot(tree.crownRadiusM(), tree.crownHalfHeightM() / ray.rise());
        double[][] outline = new double[ELLIPSE_CORNERS][];
        for (int i = 0; i < ELLIPSE_CORNERS; i++) {
            double angle = 2 * Math.PI * i / ELLIPSE_CORNERS;
            double u = along * Math.cos(angle) - away;
            double v = tree.crownRadiusM() * Math.sin(angle);
            outline[i] = new double[] {
                tree.xM() + u * ray.east() - v * ray.north(), tree.yM() + u * ray.north() + v * ray.east()
            };
        }
        return anticlockwise(outline);
    }

    private static double[][] anticlockwise(double[][] outline) {
        double twice = 0;
        for (int i = 0, j = outline.length - 1; i < outline.length; j = i++) {
            twice += outline[j][0] * outline[i][1] - outline[i][0] * outline[j][1];
        }
        if (twice >= 0) {
            return outline;
        }
        double[][] turned = new double[outline.length][];
        for (int i = 0; i < outline.length; i++) {
            turned[i] = outline[outline.length - 1 - i];
        }
        return turned;
    }
}
