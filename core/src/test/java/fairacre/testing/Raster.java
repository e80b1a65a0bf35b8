package fairacre.testing;

import fairacre.outline.Point;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;

/**
 * Ground, ways and reach by trying places on a grid: slow, plain, and sharing no code with the studies it is held
 * against. All corners and sizes in metres; polygons are rings of corners.
 */
public final class Raster {

    public static final double CELL = 0.02;

    private final List<Point> plot;
    private final List<List<Point>> obstacles;
    private final double[] leans;
    private final double radius;
    private final int columns;
    private final int rows;
    private final boolean[] usable;

    /**
     * @param leans how far each obstacle leans out over the ground
     * @param entries places at the plot's edge where the disk may come in, each with the width of the opening; none for
     *     a plot that is open all round
     */
    public Raster(
            List<Point> plot,
            List<List<Point>> obstacles,
            double[] leans,
            double width,
            double length,
            double height,
            double[][] entries) {
        this.plot = plot;
        this.obstacles = obstacles;
        this.leans = leans;
        this.radius = width / 2;
        this.columns = (int) Math.ceil(length / CELL);
        this.rows = (int) Math.ceil(height / CELL);
        this.usable = new boolean[columns * rows];
        flood(entries);
    }

    private void flood(double[][] entries) {
        boolean[] free = new boolean[usable.length];
        ArrayDeque<Integer> open = new ArrayDeque<>();
        for (int cell = 0; cell < free.length; cell++) {
            free[cell] = isFree(x(cell), y(cell));
            if (free[cell] && comesIn(x(cell), y(cell), entries)) {
                usable[cell] = true;
                open.add(cell);
            }
        }
        while (!open.isEmpty()) {
            int cell = open.poll();
            int column = cell % columns;
            for (int step : new int[] {-1, 1, -columns, columns}) {
                int next = cell + step;
                boolean sameRow = Math.abs(step) != 1 || next >= 0 && Math.abs(next % columns - column) == 1;
                if (sameRow && next >= 0 && next < free.length && free[next] && !usable[next]) {
                    usable[next] = true;
                    open.add(next);
                }
            }
        }
    }

    private boolean comesIn(double x, double y, double[][] entries) {
        if (entries.length == 0) {
            return toRing(plot, x, y) <= radius + 2 * CELL;
        }
        for (double[] entry : entries) {
            double play = entry[2] / 2 - radius;
            if (play >= 0 && Math.abs(x - entry[0]) <= play + CELL && Math.abs(y - entry[1]) <= radius + 2 * CELL) {
                return true;
            }
        }
        return false;
    }

    /** Whether the disk can stand with its middle there, whether or not it can get there. */
    public boolean isFree(double x, double y) {
        if (!inside(plot, x, y) || toRing(plot, x, y) < radius) {
            return false;
        }
        for (int i = 0; i < obstacles.size(); i++) {
            if (inside(obstacles.get(i), x, y) || toRing(obstacles.get(i), x, y) < radius + leans[i]) {
                return false;
            }
        }
        return true;
    }

    /** Whether the flood came within two cells of a place. */
    public boolean cameTo(double x, double y) {
        int column = (int) (x / CELL);
        int row = (int) (y / CELL);
        for (int r = Math.max(0, row - 2); r <= Math.min(rows - 1, row + 2); r++) {
            for (int c = Math.max(0, column - 2); c <= Math.min(columns - 1, column + 2); c++) {
                if (usable[r * columns + c]) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Area of the ground that the disk covers from all places it came to, square metres. */
    public double covered() {
        int[] starts = new int[usable.length + 1];
        int cells = (int) Math.ceil(radius / CELL);
        for (int cell = 0; cell < usable.length; cell++) {
            if (usable[cell]) {
                cover(starts, cell % columns, cell / columns, cells);
            }
        }
        int count = 0;
        for (int cell = 0, over = 0; cell < usable.length; cell++) {
            over += starts[cell];
            count += over > 0 ? 1 : 0;
        }
        return count * CELL * CELL;
    }

    /** Marks where each row of the disk begins and ends. */
    private void cover(int[] starts, int column, int row, int cells) {
        for (int r = Math.max(0, row - cells); r <= Math.min(rows - 1, row + cells); r++) {
            double half = Math.sqrt(Math.max(0, radius * radius - (r - row) * (r - row) * CELL * CELL)) / CELL;
            int first = Math.max(0, (int) Math.ceil(column - half));
            int last = Math.min(columns - 1, (int) Math.floor(column + half));
            starts[r * columns + first]++;
            starts[r * columns + last + 1]--;
        }
    }

    /**
     * Places on the outline of a bed at which the disk can stand, with the direction out of the bed there; none at a
     * corner.
     */
    public List<double[]> stoodAt(List<Point> bed, double lean) {
        List<double[]> stood = new ArrayList<>();
        for (int i = 0; i < bed.size(); i++) {
            Point from = bed.get(i);
            Point to = bed.get((i + 1) % bed.size());
            double dx = to.x().metres() - from.x().metres();
            double dy = to.y().metres() - from.y().metres();
            double length = Math.hypot(dx, dy);
            for (double at = 0; at <= length; at += CELL / 2) {
                double x = from.x().metres() + dx * at / length;
                double y = from.y().metres() + dy * at / length;
                tryAt(x, y, dy / length, -dx / length, true, lean, stood);
            }
            for (double turn = 0; turn < 2 * Math.PI; turn += Math.PI / 180) {
                tryAt(from.x().metres(), from.y().metres(), Math.cos(turn), Math.sin(turn), false, lean, stood);
            }
        }
        return stood;
    }

    private void tryAt(double x, double y, double nx, double ny, boolean edge, double lean, List<double[]> stood) {
        double middleX = x + nx * (radius + lean + 1e-6);
        double middleY = y + ny * (radius + lean + 1e-6);
        if (isFree(middleX, middleY) && cameTo(middleX, middleY)) {
            stood.add(new double[] {x, y, edge ? nx : 0, edge ? ny : 0});
        }
    }

    private double x(int cell) {
        return (cell % columns + 0.5) * CELL;
    }

    private double y(int cell) {
        return (cell / columns + 0.5) * CELL;
    }

    public static boolean inside(List<Point> ring, double x, double y) {
        boolean inside = false;
        for (int i = 0; i < ring.size(); i++) {
            Point a = ring.get(i);
            Point b = ring.get((i + 1) % ring.size());
            boolean spans = a.y().metres() > y != b.y().metres() > y;
            if (spans
                    && x
                            < (b.x().metres() - a.x().metres())
                                            * (y - a.y().metres())
                                            / (b.y().metres() - a.y().metres())
                                    + a.x().metres()) {
                inside = !inside;
            }
        }
        return inside;
    }

    private static double toRing(List<Point> ring, double x, double y) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < ring.size(); i++) {
            Point a = ring.get(i);
            Point b = ring.get((i + 1) % ring.size());
            double dx = b.x().metres() - a.x().metres();
            double dy = b.y().metres() - a.y().metres();
            double t = ((x - a.x().metres()) * dx + (y - a.y().metres()) * dy) / (dx * dx + dy * dy);
            double clamped = Math.max(0, Math.min(1, t));
            least = Math.min(least, Math.hypot(a.x().metres() + clamped * dx - x, a.y().metres() + clamped * dy - y));
        }
        return least;
    }
}
