package fairacre.appraisal;

import fairacre.bill.BillLine;
import fairacre.build.Holder;
import fairacre.frame.Bowing;
import fairacre.frame.Piece;
import fairacre.frame.Seam;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.outline.Shape;
import fairacre.reach.GardenerReach;
import fairacre.reach.Unreached;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.joda.money.Money;

/**
 * What there is to know of one bed in a season.
 *
 * @param revision the season with which the revision in force begins
 * @param outline the rectangle round the bed
 * @param corners of the bed, keyholes cut out
 * @param inside corners of the soil within the boards
 * @param seams where boards of its uppermost course meet
 * @param insideLength between the boards; the outside without a frame
 * @param height from the ground to the top of the frame or mound; zero for flat ground
 * @param leansOut how much of the walk beside it a cap or crops take
 * @param soil area inside the frame
 * @param fillDepth how deep it is filled
 * @param pieces of its frame
 * @param bowing whether its boards bow; empty without boards, and not worked out for a preview
 * @param alone what to buy if this bed alone were built; not worked out for a preview
 * @param aloneCost sum of {@code alone}; empty if a price is missing, and for a preview
 */
public record BedAppraisal(
        UUID bed,
        String name,
        int revision,
        Rectangle outline,
        Shape shape,
        boolean existing,
        List<Point> corners,
        List<Point> inside,
        List<Seam> seams,
        Length insideLength,
        Length insideWidth,
        Holder holder,
        Length height,
        Length leansOut,
        Area soil,
        List<GardenerReach> reach,
        Unreached nobody,
        Length fillDepth,
        Volume fill,
        List<Piece> pieces,
        Optional<Bowing> bowing,
        List<BillLine> alone,
        Optional<Money> aloneCost) {

    public BedAppraisal {
        corners = List.copyOf(corners);
        inside = List.copyOf(inside);
        seams = List.copyOf(seams);
        reach = List.copyOf(reach);
        pieces = List.copyOf(pieces);
        alone = List.copyOf(alone);
    }
}
