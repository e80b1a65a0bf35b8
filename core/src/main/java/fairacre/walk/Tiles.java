package fairacre.walk;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * Where the middle of a disk can be on one piece of ground, tile by tile: what is free in each, and which of that is
 * connected across the borders of the tiles with where one comes in.
 */
final class Tiles {

    /** Side of a tile, metres: a few beds each. */
    private static final double SIDE = 3;
    /** The grid lies a little off whole metres, where beds like to stand. */
    private static final double OFFSET = 0.0371;

    private final Polygon ground;
    private final int firstColumn;
    private final int firstRow;
    private final int columns;
    private final List<List<Tile.Part>> tiles = new ArrayList<>();
    /** Number of the first part of each tile, all parts being numbered through. */
    private final List<Integer> first = new ArrayList<>();

    private final List<Tile.Part> parts = new ArrayList<>();
    private final int[] parent;
    /** For each part of each tile whether it is connected with where one comes in. */
    private final List<List<Boolean>> connected = new ArrayList<>();

    /**
     * @param open whether one comes in from anywhere at the edge
     * @param thresholds where one comes in otherwise
     */
    Tiles(Layout layout, Polygon ground, double radius, boolean open, List<Geometry> thresholds) {
        this.ground = ground;
        Envelope bounds = ground.getEnvelopeInternal();
        this.firstColumn = number(bounds.getMinX());
        this.firstRow = number(bounds.getMinY());
        this.columns = number(bounds.getMaxX()) - firstColumn + 1;
        for (Envelope tile : over(bounds)) {
            add(Tile.parts(layout, tile, ground, radius));
        }
        this.parent = new int[parts.size()];
        for (int i = 0; i < parent.length; i++) {
            parent[i] = i;
        }
        joinAcrossBorders();
        boolean[] roots = connectedRoots(open, thresholds);
        for (int tile = 0; tile < tiles.size(); tile++) {
            connected.add(connected(tile, roots));
        }
    }

    /** Whether a place lies on this piece of ground. */
    boolean isOn(Coordinate place) {
        return ground.getEnvelopeInternal().covers(place);
    }

    /** Whether the middle of the disk can be there, coming from where one comes in. */
    boolean covers(Coordinate place) {
        int column = number(place.x) - firstColumn;
        int row = number(place.y) - firstRow;
        if (column < 0 || column >= columns || row < 0 || row * columns + column >= tiles.size()) {
            return false;
        }
        int tile = row * columns + column;
        List<Tile.Part> here = tiles.get(tile);
        for (int i = 0; i < here.size(); i++) {
            if (connected.get(tile).get(i) && here.get(i).covers(place)) {
                return true;
            }
        }
        return false;
    }

    /** Whether free ground that is connected with where one comes in meets a line. */
    boolean meets(Geometry line) {
        for (int tile = 0; tile < tiles.size(); tile++) {
            for (int i = 0; i < tiles.get(tile).size(); i++) {
                if (connected.get(tile).get(i) && tiles.get(tile).get(i).meets(line)) {
                    return true;
                }
            }
        }
        return false;
    }

    private void add(List<Tile.Part> tile) {
        tiles.add(tile);
        first.add(parts.size());
        parts.addAll(tile);
    }

    private void joinAcrossBorders() {
        for (int tile = 0; tile < tiles.size(); tile++) {
            if (tile % columns + 1 < columns) {
                join(tile, tile + 1, Tile.Border.EAST, Tile.Border.WEST);
            }
            if (tile + columns < tiles.size()) {
                join(tile, tile + columns, Tile.Border.NORTH, Tile.Border.SOUTH);
            }
        }
    }

    private void join(int tile, int next, Tile.Border border, Tile.Border itsBorder) {
        for (int i = 0; i < tiles.get(tile).size(); i++) {
            for (int j = 0; j < tiles.get(next).size(); j++) {
                if (tiles.get(tile).get(i).goesOnIn(tiles.get(next).get(j), border, itsBorder)) {
                    parent[root(first.get(tile) + i)] = root(first.get(next) + j);
                }
            }
        }
    }

    /** For each part that stands for those connected with it whether one comes into any of them. */
    private boolean[] connectedRoots(boolean open, List<Geometry> thresholds) {
        boolean[] roots = new boolean[parent.length];
        for (int i = 0; i < parent.length; i++) {
            Tile.Part part = parts.get(i);
            roots[root(i)] |= open ? part.isAtTheEdge() : meetsAny(part, thresholds);
        }
        return roots;
    }

    private static boolean meetsAny(Tile.Part part, List<Geometry> thresholds) {
        for (Geometry threshold : thresholds) {
            if (part.meets(threshold)) {
                return true;
            }
        }
        return false;
    }

    /** For each part of a tile whether it is connected with where one comes in. */
    private List<Boolean> connected(int tile, boolean[] roots) {
        Boolean[] joined = new Boolean[tiles.get(tile).size()];
        for (int i = 0; i < joined.length; i++) {
            joined[i] = roots[root(first.get(tile) + i)];
        }
        return List.of(joined);
    }

    /** What is free about a place and whether it is connected: all that answers there depend on. */
    record Around(List<List<Tile.Part>> tiles, List<List<Boolean>> connected) {}

    Around around(Envelope place) {
        List<List<Tile.Part>> near = new ArrayList<>();
        List<List<Boolean>> joined = new ArrayList<>();
        int rows = tiles.size() / columns;
        for (int row = Math.max(0, number(place.getMinY()) - firstRow);
                row <= Math.min(rows - 1, number(place.getMaxY()) - firstRow);
                row++) {
            for (int column = Math.max(0, number(place.getMinX()) - firstColumn);
                    column <= Math.min(columns - 1, number(place.getMaxX()) - firstColumn);
                    column++) {
                int tile = row * columns + column;
                near.add(tiles.get(tile));
                joined.add(connected.get(tile));
            }
        }
        return new Around(near, joined);
    }

    /** Where the middle of the disk can be in the tiles that meet an upright rectangle. */
    List<Polygon> near(Envelope place) {
        Around around = around(place);
        List<Polygon> near = new ArrayList<>();
        for (int tile = 0; tile < around.tiles().size(); tile++) {
            for (int part = 0; part < around.tiles().get(tile).size(); part++) {
                if (around.connected().get(tile).get(part)) {
                    near.add(around.tiles().get(tile).get(part).polygon());
                }
            }
        }
        return near;
    }

    private int root(int part) {
        int root = part;
        while (parent[root] != root) {
            root = parent[root];
        }
        parent[part] = root;
        return root;
    }

    /** The tiles that an upright rectangle comes into; none for an empty one. */
    static List<Envelope> over(Envelope place) {
        List<Envelope> over = new ArrayList<>();
        if (!place.isNull()) {
            for (int row = number(place.getMinY()); row <= number(place.getMaxY()); row++) {
                for (int column = number(place.getMinX()); column <= number(place.getMaxX()); column++) {
                    over.add(tile(column, row));
                }
            }
        }
        return over;
    }

    private static Envelope tile(int column, int row) {
        return new Envelope(border(column), border(column + 1), border(row), border(row + 1));
    }

    private static double border(int number) {
        return number * SIDE + OFFSET;
    }

    private static int number(double coordinate) {
        return (int) Math.floor((coordinate - OFFSET) / SIDE);
    }
}
