package fairacre.ground;

import fairacre.shape.Box;

/**
 * The shortest move of a second box that takes it off a first one, by the separating-axis theorem: two convex shapes
 * are apart exactly if they are apart along the normal of an edge of either (Gottschalk, Lin, Manocha 1996, for boxes).
 *
 * @param depth how far they overlap along the shallowest axis; zero or less if they are apart
 */
record Separation(double depth, double moveX, double moveY) {

    static Separation of(Box first, Box second) {
        Separation shallowest = null;
        for (Box axes : new Box[] {first, second}) {
            for (int edge = 0; edge < Box.EDGES; edge++) {
                double nx = axes.normalX(edge);
                double ny = axes.normalY(edge);
                double depth = furthest(first, nx, ny) + furthest(second, -nx, -ny);
                if (shallowest == null || depth < shallowest.depth) {
                    shallowest = new Separation(depth, nx * depth, ny * depth);
                }
            }
        }
        return shallowest;
    }

    private static double furthest(Box box, double nx, double ny) {
        double most = Double.NEGATIVE_INFINITY;
        for (int corner = 0; corner < Box.EDGES; corner++) {
            most = Math.max(most, box.cornerX(corner) * nx + box.cornerY(corner) * ny);
        }
        return most;
    }
}
