package fairacre.takeoff;

import fairacre.bill.BillPart;
import fairacre.bill.PriceItem;
import fairacre.bill.WorkRate;
import fairacre.goods.BulkGood;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import fairacre.parts.Parts;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.shape.Memo;
import fairacre.sheet.SheetGood;
import fairacre.sheet.SheetPart;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.IntConsumer;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/**
 * Everything that a plan calls for, over all seasons; made with {@link #of}, and filled by each part of the trade. An
 * empty plan calls for nothing.
 */
public final class Takeoff {

    private final Plan plan;
    private final Memo memo;
    private final List<Boards> boards = new ArrayList<>();
    private final List<Sheets> sheets = new ArrayList<>();
    private final List<Loose> loose = new ArrayList<>();
    private final List<Gained> gained = new ArrayList<>();
    private final Map<Sold.Line, Sold> sold = new LinkedHashMap<>();
    private final List<Job> jobs = new ArrayList<>();
    private final List<Wear> wears = new ArrayList<>();
    private final Optional<Ahead> ahead;
    /** How often something was put down. */
    private int put;

    private final Map<Object, Object> once = new HashMap<>();

    /** A loose good that the work itself brings, in a season; it is there from then on. */
    public record Gained(int season, BulkGood good, Volume volume) {}

    private Takeoff(Plan plan, Memo memo, Optional<Ahead> ahead) {
        this.plan = plan;
        this.memo = memo;
        this.ahead = ahead;
    }

    /** @param memo of what was worked out before, for this plan or one like it */
    public static Takeoff of(Plan plan, Memo memo) {
        return of(plan, memo, Optional.empty());
    }

    /**
     * The same with what is renewed because it wears out.
     *
     * @param ahead the seasons for which that is reckoned; empty where only what is wanted until a season is renewed,
     *     as the bill has it
     */
    public static Takeoff of(Plan plan, Memo memo, Optional<Ahead> ahead) {
        Takeoff takeoff = new Takeoff(plan, memo, ahead);
        Parts.bringing(TakeoffSource.class).forEach(source -> source.takeOff(takeoff));
        return takeoff;
    }

    public Plan plan() {
        return plan;
    }

    public Memo memo() {
        return memo;
    }

    /** What is worked out on the way and asked for again, by what it is. */
    @SuppressWarnings("unchecked")
    public <T> List<T> once(Class<T> what, Supplier<List<T>> work) {
        return (List<T>) once.computeIfAbsent(what, unknown -> List.copyOf(work.get()));
    }

    /**
     * Puts down a part that wears out, each time that it is bought: in the season in which it comes, and whenever it is
     * renewed while it is wanted. Nothing for what was there before; a part that takes nothing does not wear out.
     *
     * @param bought puts down what is bought in a season
     */
    public void lasting(Served served, String part, Lifetime wanted, Lasts lasts, IntConsumer bought) {
        List<Integer> known = wanted.boughtIn(lasts.renewed()).boxed().toList();
        List<Integer> made = wanted.until().isPresent() ? known : made(wanted, lasts);
        int before = put;
        made.forEach(bought::accept);
        if (put > before) {
            wears.add(new Wear(served, part, wanted, lasts, made));
        }
    }

    /**
     * Puts down a part that wears out and was put down for the season in which it comes: what is renewed of it is
     * bought in the seasons ahead alone.
     *
     * @param again puts down what is bought in a season in which it is renewed
     */
    public void wearing(Served served, String part, Lifetime wanted, Lasts lasts, IntConsumer again) {
        List<Integer> made = made(wanted, lasts);
        if (!made.isEmpty()) {
            made.subList(1, made.size()).forEach(again::accept);
            wears.add(new Wear(served, part, wanted, lasts, made));
        }
    }

    /** The season in which something comes, and those ahead in which it is renewed. */
    private List<Integer> made(Lifetime wanted, Lasts lasts) {
        List<Integer> made = new ArrayList<>();
        wanted.from().ifPresent(from -> {
            made.add(from);
            ahead.ifPresent(seasons -> IntStream.iterate(
                            Math.max(from + lasts.renewed(), seasons.from()), season -> season + lasts.renewed())
                    .takeWhile(season -> seasons.includes(season) && !wanted.isOver(season))
                    .forEach(made::add));
        });
        return made;
    }

    /** The seasons ahead, where it is reckoned what is renewed in them. */
    public Optional<Ahead> ahead() {
        return ahead;
    }

    /** What one thing calls for, without the yearly top-up of a bed. */
    public Takeoff of(UUID thing) {
        Takeoff only = new Takeoff(plan, memo, ahead);
        boards.stream().filter(each -> each.served().id().equals(thing)).forEach(only.boards::add);
        sheets.stream().filter(each -> each.served().id().equals(thing)).forEach(only.sheets::add);
        loose.stream()
                .filter(each -> each.served().id().equals(thing) && each.use() != Use.TOP_UP)
                .forEach(only.loose::add);
        sold.forEach((line, all) -> all.of(thing).ifPresent(its -> only.sold.put(line, its)));
        return only;
    }

    /** Nothing for no pieces. */
    public void boards(int season, BillPart part, BoardKind kind, List<Length> pieces, Served served) {
        if (!pieces.isEmpty()) {
            put++;
            boards.add(new Boards(season, part, kind, pieces, served));
        }
    }

    /**
     * Nothing for no parts.
     *
     * @param parts each of which some sheet on sale holds
     */
    public void sheets(int season, BillPart part, SheetGood good, List<SheetPart> parts, Served served) {
        if (!parts.isEmpty()) {
            put++;
            sheets.add(new Sheets(season, part, good, parts, served));
        }
    }

    /** Nothing for no volume. */
    public void loose(int season, Use use, BulkGood good, Volume volume, Served served) {
        if (volume.millilitres() > 0) {
            put++;
            loose.add(new Loose(season, use, good, volume, served));
        }
    }

    /** Something that comes out of the ground or off the plot and can be used in the place of what is bought. */
    public void gain(int season, BulkGood good, Volume volume) {
        gained.add(new Gained(season, good, volume));
    }

    /** Sold by the foot or the metre. */
    public void length(int season, BillPart part, Function<Units, PriceItem> item, Length length, Served served) {
        if (length.isPositive()) {
            sold(season, part, item.apply(plan.units())).add(length, served);
        }
    }

    /** Sold by the square foot or the square metre. */
    public void area(int season, BillPart part, Function<Units, PriceItem> item, Area area, Served served) {
        if (!area.isZero()) {
            sold(season, part, item.apply(plan.units())).add(area, served);
        }
    }

    /**
     * Sold by the piece or in packs of several.
     *
     * @param pieces that are used up
     * @param toThePack at least 1
     */
    public void pieces(int season, BillPart part, PriceItem item, double pieces, int toThePack, Served served) {
        if (pieces > 0) {
            sold(season, part, item).add(pieces, toThePack, served);
        }
    }

    /** Something to be done in a season, so many of the rate's unit; nothing for none. */
    public void work(int season, WorkRate rate, double quantity, Served served) {
        work(Job.of(season, rate, quantity, served));
    }

    /** Something to be done on a day, about something that is in a bed. */
    public void work(int season, WorkRate rate, double quantity, Served served, UUID about, LocalDate day) {
        work(new Job(season, rate.stage(), rate, quantity, served, about, Optional.of(day)));
    }

    private void work(Job job) {
        if (job.quantity() > 0) {
            put++;
            jobs.add(job);
        }
    }

    private Sold sold(int season, BillPart part, PriceItem item) {
        put++;
        return sold.computeIfAbsent(new Sold.Line(season, part, item), Sold::new);
    }

    public List<Boards> boards() {
        return Collections.unmodifiableList(boards);
    }

    public List<Sheets> sheets() {
        return Collections.unmodifiableList(sheets);
    }

    public List<Loose> loose() {
        return Collections.unmodifiableList(loose);
    }

    public List<Gained> gained() {
        return Collections.unmodifiableList(gained);
    }

    /** What is to be done, in the order in which it was put down. */
    public List<Job> jobs() {
        return Collections.unmodifiableList(jobs);
    }

    /** What wears out, in the order in which it was put down. */
    public List<Wear> wears() {
        return Collections.unmodifiableList(wears);
    }

    public Collection<Sold> sold() {
        return Collections.unmodifiableCollection(sold.values());
    }
}
