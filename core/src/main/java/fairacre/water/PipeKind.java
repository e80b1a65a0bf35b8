package fairacre.water;

import fairacre.bill.PriceItem;
import fairacre.build.Kind;
import fairacre.build.OwnKey;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.plan.Plan;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Pipes and hoses by the bore that the water has. Bores of PVC are those of ASTM D1785, schedule 40; the others are
 * common practice. Walls of plastic are taken to be as rough as drawn tube, 1.5 micrometres. A gardener can add kinds
 * with {@link #own}.
 */
public final class PipeKind extends Kind<PipeKind> {

    /** How it is sold and joined. */
    public enum Sort {
        TUBE("tube", "Tube, by the roll"),
        HOSE("hose", "Hose, with hose ends"),
        STIFF("stiff pipe", "Stiff pipe, in straight lengths");

        private final String noun;
        private final String label;

        Sort(String noun, String label) {
            this.noun = noun;
            this.label = label;
        }

        String noun() {
            return noun;
        }

        public String label() {
            return label;
        }
    }

    public static final PipeKind TUBE_13 = known("TUBE_13", "Polyethylene tube, 1/2 in", 15.2, Sort.TUBE);
    public static final PipeKind TUBE_16 = known("TUBE_16", "Polyethylene tube, 16 mm", 13.6, Sort.TUBE);
    public static final PipeKind TUBE_19 = known("TUBE_19", "Polyethylene tube, 3/4 in", 20.8, Sort.TUBE);
    public static final PipeKind HOSE_13 = known("HOSE_13", "Hose, 1/2 in", 12.7, Sort.HOSE);
    public static final PipeKind HOSE_16 = known("HOSE_16", "Hose, 5/8 in", 15.9, Sort.HOSE);
    public static final PipeKind HOSE_19 = known("HOSE_19", "Hose, 3/4 in", 19.1, Sort.HOSE);
    public static final PipeKind PVC_13 = known("PVC_13", "PVC pipe, 1/2 in", 15.8, Sort.STIFF);
    public static final PipeKind PVC_19 = known("PVC_19", "PVC pipe, 3/4 in", 20.9, Sort.STIFF);
    public static final PipeKind PVC_25 = known("PVC_25", "PVC pipe, 1 in", 26.6, Sort.STIFF);

    private static final List<PipeKind> ALL =
            List.of(TUBE_13, TUBE_16, TUBE_19, HOSE_13, HOSE_16, HOSE_19, PVC_13, PVC_19, PVC_25);

    /** Height of the wall's roughness, metres (drawn tubing, Moody 1944). */
    static final double ROUGHNESS = 1.5e-6;

    private static final Length NARROWEST = Length.millimetres(3);
    private static final Length WIDEST = Length.millimetres(60);
    /** A pipe is larger if its bore is by at least so much. */
    private static final double LARGER = 1.1;

    private final Length bore;
    private final Sort sort;

    private PipeKind(String key, String label, Length bore, Sort sort) {
        super(key, label);
        this.bore = bore;
        this.sort = sort;
    }

    private static PipeKind known(String key, String label, double boreMillimetres, Sort sort) {
        return new PipeKind(key, label, Length.millimetres(boreMillimetres), sort);
    }

    /**
     * A pipe of the gardener's own.
     *
     * @param name as in the shop
     * @param bore inside diameter, 3 to 60 mm
     * @throws RefusedException at the field that is missing or out of range
     */
    public static PipeKind own(String name, Length bore, Sort sort) {
        String label = Limits.name(name, "name");
        Limits.between(Limits.present(bore, "bore"), NARROWEST, WIDEST, "bore");
        Limits.present(sort, "sort");
        return new PipeKind(OwnKey.of(label, OwnKey.field(List.of(bore)), sort), label, bore, sort);
    }

    /** @throws RefusedException if there is no such pipe */
    public static PipeKind of(String key) {
        if (OwnKey.is(key)) {
            OwnKey own = OwnKey.read(key);
            return own(own.text(), own.lengths().get(0), sort(own.text()));
        }
        return ALL.stream()
                .filter(kind -> kind.key().equals(key))
                .findFirst()
                .orElseThrow(() ->
                        unknown("there is no pipe \"" + key + "\"", ALL.stream().map(PipeKind::key)));
    }

    private static Sort sort(String name) {
        return Arrays.stream(Sort.values())
                .filter(sort -> sort.name().equals(name))
                .findFirst()
                .orElseThrow(() -> unknown(
                        "there is no sort of pipe \"" + name + "\"",
                        Arrays.stream(Sort.values()).map(Sort::name)));
    }

    private static RefusedException unknown(String fault, Stream<String> known) {
        return new RefusedException("", fault, "give one of " + known.toList());
    }

    /** Those that every garden knows. */
    public static List<PipeKind> values() {
        return ALL;
    }

    /** The gardener's own that runs are laid of. */
    public static List<PipeKind> ownOf(Plan plan) {
        return plan.list(WaterKinds.RUNS).stream()
                .map(WaterRun::pipe)
                .filter(PipeKind::own)
                .distinct()
                .sorted()
                .toList();
    }

    @Override
    protected List<PipeKind> known() {
        return ALL;
    }

    /** Inside diameter. */
    public Length bore() {
        return bore;
    }

    public Sort sort() {
        return sort;
    }

    /** What it is sold as, by length. */
    public PriceItem soldAs(Units units) {
        return WaterPrices.pipe(this, units);
    }

    /** Whether it is sold in straight lengths, not rolled up. */
    public boolean stiff() {
        return sort == Sort.STIFF;
    }

    /** Whether it is sold as a hose, with hose ends. */
    public boolean hose() {
        return sort == Sort.HOSE;
    }

    /** The next larger that every garden knows, of the same sort; for a tube for which there is none, of stiff pipe. */
    Optional<PipeKind> larger() {
        Optional<PipeKind> same = larger(sort);
        return sort == Sort.TUBE ? same.or(() -> larger(Sort.STIFF)) : same;
    }

    private Optional<PipeKind> larger(Sort wanted) {
        return ALL.stream()
                .filter(kind -> kind.sort == wanted)
                .filter(kind -> kind.bore.metres() >= LARGER * bore.metres())
                .min(Comparator.comparing(PipeKind::bore));
    }
}
