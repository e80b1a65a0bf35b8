package fairacre.takeoff;

import fairacre.bill.BillPart;
import fairacre.bill.Packs;
import fairacre.bill.PriceItem;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Units;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** All of one item that a season calls for in a part of the work: by length, by area, or by the piece. */
public final class Sold {

    /** One line of the bill. */
    public record Line(int season, BillPart part, PriceItem item) {}

    private final Line line;
    private final List<Served> served = new ArrayList<>();
    private Length length = Length.ZERO;
    private Area area = Area.ZERO;
    private double pieces;
    private int toThePack = 1;

    Sold(Line line) {
        this.line = line;
    }

    void add(Length more, Served servedBy) {
        length = length.plus(more);
        served.add(servedBy);
    }

    void add(Area more, Served servedBy) {
        area = area.plus(more);
        served.add(servedBy);
    }

    void add(double more, int ofAPack, Served servedBy) {
        pieces += more;
        toThePack = ofAPack;
        served.add(servedBy);
    }

    public Line line() {
        return line;
    }

    /** How many are used up, before they are rounded up to whole ones. */
    public double units(Units units) {
        return pieces / toThePack + Packs.of(length, units) + Packs.of(area, units);
    }

    public List<UUID> beds() {
        return Served.beds(served);
    }

    public List<UUID> places() {
        return Served.places(served);
    }
}
