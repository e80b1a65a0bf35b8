package fairacre.catalogue;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * A variety of a crop of the catalogue, or a crop of the gardener's own that is much like one. Where it has no figure
 * of its own, that of the crop counts. It comes into the bed in the same ways as the crop does.
 *
 * @param crop key of the crop in the catalogue
 * @param ownCrop whether it is a crop by itself: eaten, counted and kept company apart
 * @param figures in which it differs from the crop, each column once, in the order of a table
 * @param breeding empty if it is not known
 * @param chosen why
 * @param note at most 500 characters
 * @param seed that the gardener has; empty if none is counted
 */
public record Variety(
        UUID id,
        String name,
        String crop,
        boolean ownCrop,
        List<OwnFigure> figures,
        Optional<Breeding> breeding,
        List<WhyChosen> chosen,
        Optional<String> note,
        Optional<SeedOnHand> seed) {

    private static final int LONGEST_NOTE = 500;
    private static final String FIGURES = "figures";

    public Variety {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        CropRow like = Crops.row(Limits.present(crop, "crop"))
                .orElseThrow(
                        () -> new RefusedException("crop", "there is no such crop", "choose one of the catalogue"));
        figures = figures == null ? List.of() : figures;
        check(figures, like);
        figures = figures.stream()
                .filter(each -> !each.figure().equals(like.figures().get(each.column())))
                .sorted(Comparator.comparing(OwnFigure::column))
                .toList();
        breeding = breeding == null ? Optional.empty() : breeding;
        chosen =
                chosen == null ? List.of() : chosen.stream().distinct().sorted().toList();
        if (chosen.contains(WhyChosen.KEEPS_TRUE) && breeding.equals(Optional.of(Breeding.HYBRID))) {
            throw new RefusedException(
                    "chosen", "seed of a hybrid does not come true", "choose another reason, or say how it was bred");
        }
        note = note == null ? Optional.empty() : note.filter(text -> !text.isBlank());
        note = note.map(text -> Limits.line(text, LONGEST_NOTE, "the note", "note"));
        seed = seed == null ? Optional.empty() : seed;
        if (seed.isPresent() && !like.has(CropColumn.PACKET)) {
            throw new RefusedException("seed", like.name() + " is not grown from seed", "leave the seed out");
        }
    }

    private static void check(List<OwnFigure> figures, CropRow like) {
        Set<CropColumn> seen = new HashSet<>();
        for (OwnFigure each : figures) {
            String field = FIGURES + "/" + each.column();
            if (!seen.add(each.column())) {
                throw new RefusedException(field, "it is there more than once", "give it once");
            }
            boolean comesAsOther = each.column() == CropColumn.STOCK
                    && !each.figure().equals(like.figures().get(CropColumn.STOCK));
            if (!like.has(each.column()) || comesAsOther) {
                throw new RefusedException(
                        field,
                        like.name() + " is not grown so",
                        "leave it empty, or choose a crop that is more like it");
            }
        }
    }

    /** All its figures. */
    public CropRow row() {
        return Crops.row(crop).orElseThrow().with(figures);
    }

    /** Whether it is in nothing but its name other than the crop. */
    public boolean saysNothing() {
        return !ownCrop
                && figures.isEmpty()
                && breeding.isEmpty()
                && chosen.isEmpty()
                && note.isEmpty()
                && seed.isEmpty();
    }
}
