package fairacre.cost;

import fairacre.bill.PriceItem;
import fairacre.frame.CutList;
import fairacre.frame.CutStudy;
import fairacre.frame.Saw;
import fairacre.frame.Stock;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.plan.Plan;
import fairacre.water.PipeKind;
import fairacre.water.PipePiece;
import fairacre.water.PipePieces;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * One sort of pipe, hose or line in a season, cut from rolls and lengths as they are sold: as few metres are bought as
 * can be found. What is longer than the longest roll is joined by couplings.
 *
 * @param pipe what it is sold as, by length
 * @param material what it is, as one says it
 * @param rolls to buy, and what is cut from each
 * @param used length of all pieces
 * @param left of all rolls, usable or not
 * @param couplings that join parts of what is longer than a roll
 */
public record PipeRolls(PriceItem pipe, String material, List<Roll> rolls, Length used, Length left, int couplings) {

    /**
     * A roll or length as it is bought.
     *
     * @param pieces longest first
     */
    public record Roll(Length length, List<PipePiece> pieces, Length rest) {
        public Roll {
            pieces = List.copyOf(pieces);
        }
    }

    /** Scissors lose nothing; what is trimmed off the end of a roll: a guess. */
    private static final Saw SCISSORS = new Saw(Length.ZERO, Length.millimetres(20));

    /**
     * The best layout is searched for up to so many different lengths, within a second; more are laid out longest
     * first, which wastes little where rolls are much longer than pieces.
     */
    private static final int MOST_TO_SEARCH = 40;

    /** Decimals of a metre. */
    private static final int MICROMETRES = 6;

    /** Rolls of tube and dripline, metres and feet (common practice). */
    private static final List<Integer> ROLLS = List.of(25, 50, 100);

    private static final List<Integer> ROLLS_IN_FEET = List.of(50, 100, 250, 500);
    /** Hoses, metres and feet (common practice). */
    private static final List<Integer> HOSES = List.of(10, 15, 25, 50);

    private static final List<Integer> HOSES_IN_FEET = List.of(15, 25, 50, 100);
    /** Stiff pipe (common practice). */
    private static final List<Integer> LENGTHS = List.of(2, 3, 5);

    private static final List<Integer> LENGTHS_IN_FEET = List.of(5, 10, 20);

    public PipeRolls {
        rolls = List.copyOf(rolls);
    }

    /** Of everything that is laid in a season, by what it is sold as. */
    public static List<PipeRolls> of(Plan plan, int season) {
        Map<PriceItem, List<PipePiece>> byPipe = new LinkedHashMap<>();
        PipePieces.of(plan, season)
                .forEach(piece -> byPipe.computeIfAbsent(piece.pipe(), unknown -> new ArrayList<>())
                        .add(piece));
        List<PipeRolls> all = new ArrayList<>();
        byPipe.forEach((pipe, pieces) -> all.add(of(pipe, pieces, sold(pipe, plan))));
        return all;
    }

    /** @param rolls lengths in which it is sold, shortest first */
    static PipeRolls of(PriceItem pipe, List<PipePiece> pieces, List<Length> rolls) {
        Length longest = rolls.get(rolls.size() - 1).minus(SCISSORS.trim());
        List<PipePiece> parts = new ArrayList<>();
        pieces.forEach(piece -> {
            Length rest = piece.length();
            for (; rest.compareTo(longest) > 0; rest = rest.minus(longest)) {
                parts.add(new PipePiece(pipe, piece.material(), piece.of(), longest));
            }
            parts.add(new PipePiece(pipe, piece.material(), piece.of(), rest));
        });
        parts.sort((a, b) -> b.length().compareTo(a.length()));
        CutList cut = cut(parts.stream().map(PipePiece::length).toList(), rolls);
        Length used = parts.stream().map(PipePiece::length).reduce(Length.ZERO, Length::plus);
        return new PipeRolls(
                pipe, pieces.get(0).material(), rolls(cut, parts), used, cut.offcut(), parts.size() - pieces.size());
    }

    private static CutList cut(List<Length> pieces, List<Length> rolls) {
        return pieces.stream().distinct().count() > MOST_TO_SEARCH
                ? CutList.of(pieces, rolls, SCISSORS, PipeRolls::worth)
                : CutStudy.of(
                                pieces,
                                rolls.stream()
                                        .map(roll -> Stock.bought(roll, worth(roll)))
                                        .toList(),
                                SCISSORS)
                        .cutList();
    }

    /** A roll counts by its metres. */
    private static BigDecimal worth(Length roll) {
        return BigDecimal.valueOf(roll.micrometres(), MICROMETRES);
    }

    /** Each roll by itself, its pieces by name. */
    private static List<Roll> rolls(CutList cut, List<PipePiece> parts) {
        List<PipePiece> waiting = new ArrayList<>(parts);
        List<Roll> rolls = new ArrayList<>();
        for (CutList.Cut each : cut.cuts()) {
            for (int i = 0; i < each.times(); i++) {
                rolls.add(new Roll(
                        each.stock(),
                        each.pieces().stream()
                                .map(length -> taken(waiting, length))
                                .toList(),
                        each.rest()));
            }
        }
        return rolls;
    }

    private static PipePiece taken(List<PipePiece> waiting, Length length) {
        PipePiece piece = waiting.stream()
                .filter(each -> each.length().equals(length))
                .findFirst()
                .orElseThrow();
        waiting.remove(piece);
        return piece;
    }

    private static List<Length> sold(PriceItem pipe, Plan plan) {
        Units units = plan.units();
        boolean feet = units == Units.FEET_AND_INCHES;
        Optional<PipeKind> kind = Stream.concat(PipeKind.values().stream(), PipeKind.ownOf(plan).stream())
                .filter(each -> each.soldAs(units).equals(pipe))
                .findFirst();
        List<Integer> lengths = feet ? ROLLS_IN_FEET : ROLLS;
        if (kind.filter(PipeKind::stiff).isPresent()) {
            lengths = feet ? LENGTHS_IN_FEET : LENGTHS;
        } else if (kind.filter(PipeKind::hose).isPresent()) {
            lengths = feet ? HOSES_IN_FEET : HOSES;
        }
        return lengths.stream()
                .map(length -> feet ? Length.feet(length) : Length.metres(length))
                .toList();
    }
}
