package fairacre.takeoff;

import fairacre.bill.BillPart;
import fairacre.bill.Packs;
import fairacre.bill.PriceItem;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Units;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** All of one item that a season calls for in a part of the work: by length, by area, or by the piece. */
public final class Sold {

    /** One line of the bill. */
    public record Line(int season, BillPart part, PriceItem item) {}

    private final Line line;
    private final List<Portion> portions = new ArrayList<>();
    private Length length = Length.ZERO;
    private Area area = Area.ZERO;
    private double pieces;
    private int toThePack = 1;

    /** What one thing calls for. */
    private record Portion(Served served, Length length, Area area, double pieces) {}

    /**
     * What one thing takes of it.
     *
     * @param units that are used up, not rounded: of what is sold in packs, a part of a pack
     */
    public record Share(Served served, double units) {}

    Sold(Line line) {
        this.line = line;
    }

    void add(Length more, Served servedBy) {
        add(new Portion(servedBy, more, Area.ZERO, 0));
    }

    void add(Area more, Served servedBy) {
        add(new Portion(servedBy, Length.ZERO, more, 0));
    }

    void add(double more, int ofAPack, Served servedBy) {
        toThePack = ofAPack;
        add(new Portion(servedBy, Length.ZERO, Area.ZERO, more));
    }

    /** What of it one thing calls for; empty for nothing. */
    Optional<Sold> of(UUID thing) {
        Sold its = new Sold(line);
        its.toThePack = toThePack;
        portions.stream().filter(portion -> portion.served.id().equals(thing)).forEach(its::add);
        return its.portions.isEmpty() ? Optional.empty() : Optional.of(its);
    }

    private void add(Portion portion) {
        length = length.plus(portion.length);
        area = area.plus(portion.area);
        pieces += portion.pieces;
        portions.add(portion);
    }

    public Line line() {
        return line;
    }

    /** How many are used up, before they are rounded up to whole ones. */
    public double units(Units units) {
        return units(length, area, pieces, units);
    }

    private double units(Length sumOfLengths, Area sumOfAreas, double sumOfPieces, Units units) {
        return sumOfPieces / toThePack + Packs.of(sumOfLengths, units) + Packs.of(sumOfAreas, units);
    }

    /** What each thing takes, in the order in which it was put down; one may be there several times. */
    public List<Share> shares(Units units) {
        return portions.stream()
                .map(each -> new Share(each.served, units(each.length, each.area, each.pieces, units)))
                .toList();
    }

    public List<UUID> beds() {
        return Served.beds(served());
    }

    public List<UUID> places() {
        return Served.places(served());
    }

    private List<Served> served() {
        return portions.stream().map(Portion::served).toList();
    }
}
