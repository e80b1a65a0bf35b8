package fairacre.compost;

import fairacre.bill.Acquired;
import fairacre.bill.Amounts;
import fairacre.bill.BillPart;
import fairacre.bill.Sundry;
import fairacre.limits.Limits;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.outline.Rectangle;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Lifetime;
import java.math.BigDecimal;
import java.util.Optional;
import java.util.UUID;
import org.joda.money.Money;

/**
 * Compost bays in a row, walled on all sides and between them.
 *
 * @param place outside of all bays together; the row runs along its length
 * @param bays 1 to 6
 * @param height to which a bay is filled, 0.3 to 2 m
 * @param within how far the way from the bays to each bed may be, 1 to 200 m; empty if it is of no matter
 * @param price of all bays, in the garden's currency; empty if it follows from what they are walled with, is not known,
 *     or stands on the bill elsewhere
 * @param walls empty if nobody told; boards of 1 in are reckoned with then, and nothing is bought
 * @param lifetime begins in the season in which they are built and paid for; what comes in none was there before
 */
public record CompostBays(
        UUID id,
        String name,
        Rectangle place,
        int bays,
        Length height,
        Optional<Length> within,
        Optional<Money> price,
        Optional<BayWalls> walls,
        Lifetime lifetime) {

    private static final int MOST_BAYS = 6;
    private static final Length LOWEST = Length.metres(0.3);
    private static final Length HIGHEST = Length.metres(2);
    private static final Length NEAREST = Length.metres(1);
    static final Length FURTHEST = Length.metres(200);
    /** A bay inside is a hand wide at least. */
    private static final Length NARROWEST = Length.metres(0.1);

    public CompostBays {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.present(place, "place");
        Limits.between(bays, 1, MOST_BAYS, "bays");
        walls = walls == null ? Optional.empty() : walls;
        Length wall = walls.orElse(BayWalls.BOARDS).thickness();
        Limits.between(between(wall, place.length(), bays), NARROWEST, Limits.LONGEST_SIDE, "place/length");
        Limits.between(between(wall, place.width(), 1), NARROWEST, Limits.LONGEST_SIDE, "place/width");
        Limits.between(height, LOWEST, HIGHEST, "height");
        within = within == null ? Optional.empty() : within;
        within.ifPresent(far -> Limits.between(far, NEAREST, FURTHEST, "within"));
        price = price == null ? Optional.empty() : price;
        price.ifPresent(amount -> Amounts.check(amount, "price"));
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
    }

    /** Of which nobody told what they are walled with. */
    public CompostBays(
            UUID id,
            String name,
            Rectangle place,
            int bays,
            Length height,
            Optional<Length> within,
            Optional<Money> price,
            Lifetime lifetime) {
        this(id, name, place, bays, height, within, price, Optional.empty(), lifetime);
    }

    private Length wall() {
        return walls.orElse(BayWalls.BOARDS).thickness();
    }

    /** How long each bay is between its walls. */
    Length inside() {
        return between(wall(), place.length(), bays);
    }

    /** What they hold when all are full: the room between the walls, up to the height. */
    public Volume capacity() {
        double cubicMetres =
                inside().metres() * bays * between(wall(), place.width(), 1).metres() * height.metres();
        return Volume.litres(cubicMetres * 1000);
    }

    /** The room between walls along a side, in equal parts; less than nothing where the walls alone are wider. */
    private static Length between(Length wall, Length side, int parts) {
        return new Length((side.micrometres() - wall.micrometres() * (parts + 1)) / parts);
    }

    CompostBays shifted(Length dx, Length dy) {
        return withPlace(place.shifted(dx.metres(), dy.metres()));
    }

    CompostBays withPlace(Rectangle newPlace) {
        return new CompostBays(id, name, newPlace, bays, height, within, price, walls, lifetime);
    }

    /** The same bays, from which no bed is to be further. */
    public CompostBays wanted(Length newWithin) {
        return new CompostBays(id, name, place, bays, height, Optional.of(newWithin), price, walls, lifetime);
    }

    /** The same bays, from which beds may be as far as they are. */
    CompostBays unlimited() {
        return new CompostBays(id, name, place, bays, height, Optional.empty(), price, walls, lifetime);
    }

    CompostBays beginning(int season) {
        return new CompostBays(id, name, place, bays, height, within, price, walls, lifetime.beginning(season));
    }

    /** As they stand on the plot. */
    Feature standing() {
        return Feature.of(id, name, FeatureKind.COMPOST, place.corners(), Length.ZERO, Length.ZERO)
                .withHeight(height)
                .withLifetime(lifetime);
    }

    /** What is paid for them in the season in which they come. */
    Optional<Sundry> paid() {
        return lifetime.from()
                .flatMap(season -> price.map(amount -> new Sundry(
                        id, name, season, BillPart.STRUCTURES, BigDecimal.ONE, Optional.of(amount), Acquired.BOUGHT)));
    }
}
