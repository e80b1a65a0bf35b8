package fairacre.plan;

import fairacre.bill.Amounts;
import fairacre.bill.Budget;
import fairacre.bill.Price;
import fairacre.bill.PriceItem;
import fairacre.build.Frame;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Units;
import fairacre.outline.Angles;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.outline.Shape;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * One edit of a plan. Edits of how a bed is built address the revision that begins in the season {@code from}.
 *
 * <p>For every change and plan: if it is taken, its inverse applied to the result gives the plan it started from.
 */
public sealed interface Change
        permits Change.PlaceBed,
                Change.RemoveBed,
                Change.MoveBed,
                Change.ReshapeBed,
                Change.MarkExisting,
                Change.ReframeBed,
                Change.RebuildBed,
                Change.ReviseBed,
                Change.DropRevision,
                Change.RescheduleRevision,
                Change.RenameBed,
                Change.TendBed,
                Change.RetireBed,
                Change.SetBudget,
                Change.SetPrice,
                Change.ClearPrice,
                Change.SetSite,
                Change.DescribeGarden,
                Change.TakeOver,
                Change.Batch,
                Put,
                Remove,
                GroundChange,
                PurseChange {

    /**
     * The plan with this change made; call {@link Plan#apply} instead, which answers a refusal as a value.
     *
     * @throws RefusedException if it can't be made
     */
    Plan carriedOut(Plan plan);

    /**
     * The change that leads back to {@code before}.
     *
     * @throws RefusedException if this change can't be made on {@code before}
     */
    Change inverse(Plan before);

    /** What the edit did, in a few words for the list of edits: "Moved Beans". */
    String words(Names names);

    /** A new bed, with all its revisions. */
    record PlaceBed(Bed bed) implements Change {
        public PlaceBed {
            Limits.present(bed, "bed");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withBeds(
                    Stream.concat(plan.beds().stream(), Stream.of(bed)).toList());
        }

        @Override
        public Change inverse(Plan before) {
            return new RemoveBed(bed.id());
        }

        @Override
        public String words(Names names) {
            return "Placed " + bed.name();
        }
    }

    /** Takes a bed out of all seasons, as if it had never been planned. To end a bed that stood, retire it. */
    record RemoveBed(UUID bed) implements Change {
        public RemoveBed {
            Limits.present(bed, "bed");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            plan.bed(bed);
            return plan.withBeds(
                    plan.beds().stream().filter(b -> !b.id().equals(bed)).toList());
        }

        @Override
        public Change inverse(Plan before) {
            return new PlaceBed(before.bed(bed));
        }

        @Override
        public String words(Names names) {
            return "Took out " + names.bed(bed);
        }
    }

    /** Another place or another turn. */
    record MoveBed(UUID bed, int from, Point centre, double turn) implements Change {
        public MoveBed {
            Limits.present(bed, "bed");
            Point.near(centre, "centre");
            turn = Angles.normal(turn, "turn");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            Bed moved =
                    plan.bed(bed).revised(from, r -> r.withOutline(r.outline().movedTo(centre, turn)));
            return plan.withBed(moved);
        }

        @Override
        public Change inverse(Plan before) {
            Rectangle outline = revision(before, bed, from).outline();
            return new MoveBed(bed, from, outline.centre(), outline.turn());
        }

        @Override
        public String words(Names names) {
            return "Moved " + names.bed(bed);
        }
    }

    /**
     * Another outside size, and with it perhaps another place and another shape.
     *
     * @param shape empty to keep the form and fit it to the new size
     */
    record ReshapeBed(UUID bed, int from, Rectangle outline, Optional<Shape> shape) implements Change {
        public ReshapeBed {
            Limits.present(bed, "bed");
            Limits.present(outline, "outline");
            shape = shape == null ? Optional.empty() : shape;
        }

        public ReshapeBed(UUID bed, int from, Rectangle outline) {
            this(bed, from, outline, Optional.empty());
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withBed(plan.bed(bed)
                    .revised(
                            from,
                            r -> shape.map(s -> r.withShape(outline, s)).orElseGet(() -> r.withOutline(outline))));
        }

        @Override
        public Change inverse(Plan before) {
            BedRevision old = revision(before, bed, from);
            return new ReshapeBed(bed, from, old.outline(), Optional.of(old.shape()));
        }

        @Override
        public String words(Names names) {
            return "Reshaped " + names.bed(bed);
        }
    }

    /** Whether a bed stood already when the garden was taken over. */
    record MarkExisting(UUID bed, int from, boolean existing) implements Change {
        public MarkExisting {
            Limits.present(bed, "bed");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withBed(plan.bed(bed).revised(from, r -> r.withExisting(existing)));
        }

        @Override
        public Change inverse(Plan before) {
            return new MarkExisting(bed, from, revision(before, bed, from).existing());
        }

        @Override
        public String words(Names names) {
            return names.bed(bed) + (existing ? " stood already" : " is built new");
        }
    }

    /** Another frame, or none. */
    record ReframeBed(UUID bed, int from, Optional<Frame> frame) implements Change {
        public ReframeBed {
            Limits.present(bed, "bed");
            frame = frame == null ? Optional.empty() : frame;
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withBed(plan.bed(bed).revised(from, r -> r.withFrame(frame)));
        }

        @Override
        public Change inverse(Plan before) {
            return new ReframeBed(bed, from, revision(before, bed, from).frame());
        }

        @Override
        public String words(Names names) {
            return "Reframed " + names.bed(bed);
        }
    }

    /**
     * Everything of the revision that begins in a season at once: size, shape, frame and what else it is built with.
     */
    record RebuildBed(UUID bed, BedRevision revision) implements Change {
        public RebuildBed {
            Limits.present(bed, "bed");
            Limits.present(revision, "revision");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withBed(plan.bed(bed).revised(revision.from(), r -> revision));
        }

        @Override
        public Change inverse(Plan before) {
            return new RebuildBed(bed, Change.revision(before, bed, revision.from()));
        }

        @Override
        public String words(Names names) {
            return "Built " + names.bed(bed) + " otherwise";
        }
    }

    /** From a season on the bed is built otherwise: reshaped, raised, moved. */
    record ReviseBed(UUID bed, BedRevision revision) implements Change {
        public ReviseBed {
            Limits.present(bed, "bed");
            Limits.present(revision, "revision");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withBed(plan.bed(bed).withRevision(revision));
        }

        @Override
        public Change inverse(Plan before) {
            return new DropRevision(bed, revision.from());
        }

        @Override
        public String words(Names names) {
            return "Planned " + names.bed(bed) + " anew from " + revision.from();
        }
    }

    /** The rebuild that was planned for a season is not made. The last remaining revision can't be dropped. */
    record DropRevision(UUID bed, int from) implements Change {
        public DropRevision {
            Limits.present(bed, "bed");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withBed(plan.bed(bed).without(from));
        }

        @Override
        public Change inverse(Plan before) {
            return new ReviseBed(bed, revision(before, bed, from));
        }

        @Override
        public String words(Names names) {
            return "Dropped the rebuild of " + names.bed(bed) + " in " + from;
        }
    }

    /** A revision begins in another season; moving the first one moves the bed's beginning. */
    record RescheduleRevision(UUID bed, int from, int to) implements Change {
        public RescheduleRevision {
            Limits.present(bed, "bed");
            Limits.season(to, "to");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withBed(plan.bed(bed).revised(from, r -> r.startingIn(to)));
        }

        @Override
        public Change inverse(Plan before) {
            revision(before, bed, from);
            return new RescheduleRevision(bed, to, from);
        }

        @Override
        public String words(Names names) {
            return "Put " + names.bed(bed) + " from " + from + " to " + to;
        }
    }

    record RenameBed(UUID bed, String name) implements Change {
        public RenameBed {
            Limits.present(bed, "bed");
            name = Limits.name(name, "name");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withBed(plan.bed(bed).withName(name));
        }

        @Override
        public Change inverse(Plan before) {
            return new RenameBed(bed, before.bed(bed).name());
        }

        @Override
        public String words(Names names) {
            return "Renamed a bed to " + name;
        }
    }

    /**
     * Who tends a bed: it is judged for them alone.
     *
     * @param gardeners empty for everybody
     */
    record TendBed(UUID bed, List<UUID> gardeners) implements Change {
        public TendBed {
            Limits.present(bed, "bed");
            gardeners = List.copyOf(Limits.present(gardeners, "gardeners"));
        }

        @Override
        public Plan carriedOut(Plan plan) {
            for (UUID gardener : gardeners) {
                if (plan.gardener(gardener).isEmpty()) {
                    throw new RefusedException(
                            "gardeners", "there is no gardener " + gardener, "look at the newest plan");
                }
            }
            return plan.withBed(plan.bed(bed).withTendedBy(gardeners));
        }

        @Override
        public Change inverse(Plan before) {
            return new TendBed(
                    bed,
                    before.bed(bed).tendedBy().stream()
                            .filter(id -> before.gardener(id).isPresent())
                            .toList());
        }

        @Override
        public String words(Names names) {
            return gardeners.isEmpty()
                    ? "Gave " + names.bed(bed) + " to everybody"
                    : "Said who tends " + names.bed(bed);
        }
    }

    /**
     * The bed is gone from a season on; its history stays.
     *
     * @param season empty to let it stand after all
     */
    record RetireBed(UUID bed, Optional<Integer> season) implements Change {
        public RetireBed {
            Limits.present(bed, "bed");
            season = season == null ? Optional.empty() : season;
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withBed(plan.bed(bed).withRetired(season));
        }

        @Override
        public Change inverse(Plan before) {
            return new RetireBed(bed, before.bed(bed).retired());
        }

        @Override
        public String words(Names names) {
            return season.map(gone -> "Retired " + names.bed(bed) + " from " + gone)
                    .orElseGet(() -> "Let " + names.bed(bed) + " stand");
        }
    }

    record SetBudget(Budget budget) implements Change {
        public SetBudget {
            Limits.present(budget, "budget");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            Amounts.sameCurrency(plan.currency(), budget.sum(), "budget/sum");
            return plan.withBudget(budget);
        }

        @Override
        public Change inverse(Plan before) {
            return new SetBudget(before.budget());
        }

        @Override
        public String words(Names names) {
            return "Set the budget";
        }
    }

    record SetPrice(Price price) implements Change {
        public SetPrice {
            Limits.present(price, "price");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            Amounts.sameCurrency(plan.currency(), price.amount(), "price/amount");
            return plan.withPrices(
                    Stream.concat(others(plan, price.item()), Stream.of(price)).toList());
        }

        @Override
        public Change inverse(Plan before) {
            return before.price(price.item()).<Change>map(SetPrice::new).orElseGet(() -> new ClearPrice(price.item()));
        }

        @Override
        public String words(Names names) {
            return "Set the price of " + price.item().label();
        }
    }

    /** The price of an item is not known any more. */
    record ClearPrice(PriceItem item) implements Change {
        public ClearPrice {
            Limits.present(item, "item");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withPrices(others(plan, item).toList());
        }

        @Override
        public Change inverse(Plan before) {
            return new SetPrice(before.price(item)
                    .orElseThrow(() -> new RefusedException(
                            "item", item.label() + " has no price", "look at the newest price book")));
        }

        @Override
        public String words(Names names) {
            return "Cleared the price of " + item.label();
        }
    }

    record SetSite(Site site) implements Change {
        public SetSite {
            Limits.present(site, "site");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withSite(site);
        }

        @Override
        public Change inverse(Plan before) {
            return new SetSite(before.site());
        }

        @Override
        public String words(Names names) {
            return "Changed the plot";
        }
    }

    /**
     * Another name for the garden, other units for display, or another day on which its year begins.
     *
     * @param yearBegins 1 January if it is left out
     */
    record DescribeGarden(String name, Units units, MonthDay yearBegins) implements Change {
        public DescribeGarden {
            name = Limits.name(name, "name");
            Limits.present(units, "units");
            yearBegins = yearBegins == null ? Plan.NEW_YEAR : yearBegins;
        }

        public DescribeGarden(String name, Units units) {
            this(name, units, Plan.NEW_YEAR);
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.described(name, units, yearBegins);
        }

        @Override
        public Change inverse(Plan before) {
            return new DescribeGarden(before.name(), before.units(), before.yearBegins());
        }

        @Override
        public String words(Names names) {
            return "Changed name, units or the year's beginning";
        }
    }

    /**
     * Everything as it is in another version of the garden; id and name stay.
     *
     * @param label what the gardener calls it, for the list of edits
     */
    record TakeOver(String label, Plan version) implements Change {
        public TakeOver {
            label = Limits.name(label, "label");
            Limits.present(version, "version");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            Amounts.sameCurrency(plan.currency(), version.budget().sum(), "version/budget/sum");
            return version.withId(plan.id()).described(plan.name(), plan.units(), plan.yearBegins());
        }

        @Override
        public Change inverse(Plan before) {
            return new TakeOver(label, before);
        }

        @Override
        public String words(Names names) {
            return "Took over " + label;
        }
    }

    /**
     * Several changes that are one to the gardener: all are made, or none.
     *
     * @param label what the gardener calls it, for the list of edits
     */
    record Batch(String label, List<Change> changes) implements Change {
        public static final int MOST = 2000;

        public Batch {
            label = Limits.name(label, "label");
            Limits.atMost(MOST, changes, "changes");
            changes = List.copyOf(changes);
            if (changes.stream().anyMatch(Batch.class::isInstance)) {
                throw new RefusedException("changes", "a batch holds another batch", "put all changes into one");
            }
        }

        @Override
        public Plan carriedOut(Plan plan) {
            Plan after = plan;
            for (int i = 0; i < changes.size(); i++) {
                after = step(after, i);
            }
            return after;
        }

        @Override
        public Change inverse(Plan before) {
            List<Change> back = new ArrayList<>();
            Plan plan = before;
            for (int i = 0; i < changes.size(); i++) {
                Plan soFar = plan;
                back.add(0, naming(i, change -> change.inverse(soFar)));
                plan = step(plan, i);
            }
            return new Batch(label, back);
        }

        @Override
        public String words(Names names) {
            return label;
        }

        private Plan step(Plan plan, int index) {
            return naming(index, change -> change.carriedOut(plan));
        }

        /** Does something with one of the changes; a refusal says which one it was. */
        private <T> T naming(int index, Function<Change, T> work) {
            try {
                return work.apply(changes.get(index));
            } catch (RefusedException refused) {
                throw new RefusedException(refused.refusal().within("changes/" + index));
            }
        }
    }

    private static BedRevision revision(Plan plan, UUID bed, int from) {
        Bed found = plan.bed(bed);
        return found.revision(from)
                .orElseThrow(() -> new RefusedException(
                        "from",
                        found.name() + " has no revision that begins in " + from,
                        "give one of "
                                + found.revisions().stream()
                                        .map(BedRevision::from)
                                        .toList()));
    }

    private static Stream<Price> others(Plan plan, PriceItem item) {
        return plan.prices().stream().filter(p -> !p.item().equals(item));
    }
}
