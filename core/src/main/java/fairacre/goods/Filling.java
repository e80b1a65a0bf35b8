package fairacre.goods;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import java.util.List;
import java.util.Optional;

/**
 * What a bed is filled with: a mix by parts of volume and, if wanted, something else below it.
 *
 * <p>Parts are relative: 1 : 1 : 1 is the same mix as 10 : 10 : 10, but another value. {@link #MIX} is one good mix all
 * through.
 *
 * @param parts one to eight goods, each once
 * @param below what fills the lowest share of the depth
 */
public record Filling(List<MixPart> parts, Optional<Below> below) {

    public static final Filling MIX = new Filling(List.of(new MixPart(BulkGood.GARDEN_MIX, 1)), Optional.empty());

    private static final int MOST_GOODS = 8;

    /** @param parts 1 to 1 000 000 */
    public record MixPart(BulkGood good, int parts) {

        private static final int MOST_PARTS = 1_000_000;

        public MixPart {
            Limits.present(good, "good");
            Limits.between(parts, 1, MOST_PARTS, "parts");
        }
    }

    /** @param percent of the depth, 10 to 60 */
    public record Below(BulkGood good, int percent) {

        private static final int LEAST = 10;
        private static final int MOST = 60;

        public Below {
            Limits.present(good, "good");
            Limits.between(percent, LEAST, MOST, "percent");
        }
    }

    public Filling {
        parts = parts == null ? List.of() : parts;
        Limits.atMost(MOST_GOODS, parts, "parts");
        if (parts.isEmpty()) {
            throw new RefusedException("parts", "a mix of nothing fills no bed", "give at least one part of something");
        }
        for (int i = 0; i < parts.size(); i++) {
            BulkGood good = Limits.present(parts.get(i), "parts/" + i).good();
            if (parts.subList(0, i).stream().anyMatch(part -> part.good() == good)) {
                throw new RefusedException(
                        "parts/" + i + "/good", good.label() + " is in the mix twice", "add the two up");
            }
        }
        parts = List.copyOf(parts);
        below = below == null ? Optional.empty() : below;
    }

    public Filling withoutBelow() {
        return new Filling(parts, Optional.empty());
    }

    /** The sum of all parts. */
    public int whole() {
        return parts.stream().mapToInt(MixPart::parts).sum();
    }

    /** How deep the lowest stuff lies in a bed filled so deep; zero without any. */
    public Length below(Length depth) {
        return below.map(b -> Length.metres(depth.metres() * b.percent() / 100)).orElse(Length.ZERO);
    }
}
