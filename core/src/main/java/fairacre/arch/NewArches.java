package fairacre.arch;

import fairacre.measure.Length;
import fairacre.plan.Change;
import fairacre.plan.Lifetime;
import fairacre.plan.Names;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;

/** Arches of the usual panel that could stand between beds. */
public final class NewArches {

    private NewArches() {}

    /**
     * An arch that could be put up; it is not put up yet.
     *
     * @param beds the two that it would stand between
     * @param high whether everybody walks upright below it
     */
    public record ArchProposal(List<UUID> beds, Length span, Length headroom, boolean high, Change change) {}

    /** Between all beds of a season that lie opposite each other, those with enough headroom first. */
    public static List<ArchProposal> in(Plan plan, int season, Supplier<UUID> ids) {
        ArchStudy study = ArchStudy.of(plan, season, plan.standing(season));
        String name =
                Names.free(plan.list(ArchKinds.ARCHES).stream().map(Arch::name).toList(), "Arch");
        List<ArchProposal> all = new ArchPlaces(study.soil(), Arch.USUAL_WIDTH)
                .all().stream()
                        .filter(place ->
                                Headroom.bow(Arch.USUAL_PANEL, place.span()).isPresent())
                        .flatMap(place -> proposal(plan, season, study, place, name, ids.get()).stream())
                        .toList();
        return all.stream()
                .sorted((one, other) -> Boolean.compare(other.high(), one.high()))
                .toList();
    }

    /** Empty where a bed is too slim for the ends of a foot. */
    private static Optional<ArchProposal> proposal(
            Plan plan, int season, ArchStudy study, ArchPlaces.Place place, String name, UUID id) {
        Arch arch =
                new Arch(id, name, place.from(), place.to(), Arch.USUAL_PANEL, Arch.USUAL_WIDTH, Lifetime.from(season));
        ArchTold told = study.told(arch);
        if (told.beds().size() < 2) {
            return Optional.empty();
        }
        Length headroom = told.headroom().orElse(Length.ZERO);
        return Optional.of(new ArchProposal(
                List.of(place.one().id(), place.other().id()),
                arch.span(),
                headroom,
                headroom.compareTo(Headroom.wanted(plan)) >= 0,
                Put.of(arch)));
    }
}
