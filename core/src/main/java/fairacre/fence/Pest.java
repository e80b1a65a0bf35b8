package fairacre.fence;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Units;
import fairacre.plan.Lifetime;
import java.util.Optional;
import java.util.UUID;

/**
 * Something that the garden is to be kept from.
 *
 * @param own what one of the gardener's own takes; empty for the kinds that are known
 * @param lifetime the seasons in which it is about
 */
public record Pest(UUID id, String name, PestKind kind, Pressing pressing, Optional<Needs> own, Lifetime lifetime) {

    /** How hard it presses: now and then, or whenever it can. */
    public enum Pressing {
        LOW,
        HIGH
    }

    public Pest {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.present(kind, "kind");
        Limits.present(pressing, "pressing");
        own = own == null ? Optional.empty() : own;
        if (own.isPresent() && kind != PestKind.OWN) {
            throw new RefusedException(
                    "own", "it is known what keeps out " + kind.label(), "leave it out, or choose \"Something else\"");
        }
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
    }

    /** What a fence has to be, in the figures that one says in feet or in metres; empty for what flies over it. */
    public Optional<Needs> needs(Units units) {
        return own.or(() -> said(kind.needs(pressing), units));
    }

    private static Optional<Needs> said(Optional<Needs> needs, Units units) {
        return units == Units.METRIC ? needs.map(Needs::inMetres) : needs;
    }

    /** What is enough where it sees no clear place to land behind the fence; empty if that is of no matter to it. */
    Optional<Needs> withoutLanding(Units units) {
        return kind == PestKind.DEER && pressing == Pressing.LOW
                ? said(kind.needs(pressing).map(needs -> needs.withHeight(PestKind.WITHOUT_LANDING)), units)
                : Optional.empty();
    }
}
