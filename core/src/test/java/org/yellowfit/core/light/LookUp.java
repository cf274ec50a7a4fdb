package org.yellowfit.core.light;

/** The light at one point found the plain way: by following its ray to the sun past one obstacle. For tests only. */
final class LookUp {

    private LookUp() {}

    static double light(Obstacle obstacle, double x, double y, double z, Ray ray, int month) {
        return meets(obstacle, x, y, z, ray) ? obstacle.passes(month) : 1;
    }

    private static boolean meets(Obstacle obstacle, double x, double y, double z, Ray ray) {
        if (obstacle instanceof Obstacle.Block block) {
            return z < block.heightM()
                    && (within(block.outline(), x, y) || crosses(block.outline(), true, block.heightM(), x, y, z, ray));
        }
        if (obstacle instanceof Obstacle.Wall wall) {
            return crosses(wall.line(), false, wall.heightM(), x, y, z, ray);
        }
        if (obstacle instanceof Obstacle.Roof roof) {
            double away = (roof.undersideM() - z) / ray.rise();
            return away > 0 && within(roof.outline(), x + away * ray.east(), y + away * ray.north());
        }
        Obstacle.Tree tree = (Obstacle.Tree) obstacle;
        // Steps along the ray, near enough for the eye of a test: half a centimetre.
        double px = (x - tree.xM()) / tree.crownRadiusM();
        double py = (y - tree.yM()) / tree.crownRadiusM();
        double pz = (z - tree.crownCentreM()) / tree.crownHalfHeightM();
        double dx = ray.east() / tree.crownRadiusM();
        double dy = ray.north() / tree.crownRadiusM();
        double dz = ray.rise() / tree.crownHalfHeightM();
        double nearest = Math.max(0, -(px * dx + py * dy + pz * dz) / (dx * dx + dy * dy + dz * dz));
        double mx = px + nearest * dx;
        double my = py + nearest * dy;
        double mz = pz + nearest * dz;
        return mx * mx + my * my + mz * mz <= 1;
    }

    private static boolean crosses(
            double[][] line, boolean closed, double height, double x, double y, double z, Ray ray) {
        for (int i = closed ? 0 : 1; i < line.length; i++) {
            double[] a = line[(i + line.length - 1) % line.length];
            double[] b = line[i];
            double ex = b[0] - a[0];
            double ey = b[1] - a[1];
            double cross = ray.east() * ey - ray.north() * ex;
            double along = ((a[0] - x) * ey - (a[1] - y) * ex) / cross;
            double at = ((a[0] - x) * ray.north() - (a[1] - y) * ray.east()) / cross;
            if (along > 0 && at >= 0 && at <= 1 && z + along * ray.rise() < height) {
                return true;
            }
        }
        return false;
    }

    private static boolean within(double[][] outline, double x, double y) {
        boolean in = false;
        for (int i = 0, j = outline.length - 1; i < outline.length; j = i++) {
            if (outline[i][1] <= y != outline[j][1] <= y
                    && x
                            < outline[i][0]
                                    + (y - outline[i][1])
                                            / (outline[j][1] - outline[i][1])
                                            * (outline[j][0] - outline[i][0])) {
                in = !in;
            }
        }
        return in;
    }
}
