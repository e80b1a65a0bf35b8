package fairacre.trellis;

import fairacre.arch.ArchPrices;
import fairacre.bill.BillPart;
import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import fairacre.fence.FencePrices;
import fairacre.fence.PostKind;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.takeoff.Lasts;
import fairacre.takeoff.Served;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.Use;
import java.util.stream.Stream;

/** Takes off trellises: posts and what hangs on them, each again when it is worn out. */
final class TrellisWants {

    private static final String GUESS = "a rough guess, from memory";
    private static final WorkRate HANGING = new WorkRate(
            "trellis/hanging", "Hanging a net, wires or panels on posts", 5, "metre", GUESS, Stage.STRUCTURES);
    private static final WorkRate A_FRAME = new WorkRate(
            "trellis/a-frame", "Leaning panels together and staking them", 6, "metre", GUESS, Stage.STRUCTURES);
    private static final WorkRate STAKE = new WorkRate(
            "trellis/stake", "Cutting a strip off a panel and pushing it in", 6, "stake", GUESS, Stage.STRUCTURES);
    private static final WorkRate TEEPEE =
            new WorkRate("trellis/teepee", "Tying a teepee of canes", 10, "teepee", GUESS, Stage.STRUCTURES);

    /** A stake on either side holds each pair of feet of an A-frame. */
    private static final int STAKES = 2;

    private final Takeoff takeoff;

    TrellisWants(Takeoff takeoff) {
        this.takeoff = takeoff;
    }

    static Stream<WorkRate> rates() {
        return Stream.of(HANGING, A_FRAME, STAKE, TEEPEE);
    }

    void takeOff() {
        takeoff.plan().list(TrellisKinds.TRELLISES).forEach(this::takeOff);
    }

    private void takeOff(Trellis trellis) {
        Served served = Served.place(trellis.id());
        TrellisFrame frame = new TrellisFrame(takeoff.plan(), trellis);
        int marks = frame.marks().size();
        frame.post()
                .ifPresent(post -> takeoff.lasting(
                        served,
                        "Posts",
                        trellis.lifetime(),
                        Lasts.about(trellis.posts().years()),
                        in -> post.takeOff(takeoff, in, Use.STRUCTURES, marks, served)));
        takeoff.lasting(
                served,
                trellis.kind().label(),
                trellis.lifetime(),
                Lasts.about(trellis.kind().years()),
                in -> hung(in, trellis, frame, served));
    }

    private void hung(int season, Trellis trellis, TrellisFrame frame, Served served) {
        int marks = frame.marks().size();
        double metres = trellis.length().metres();
        switch (trellis.kind()) {
            case NETTING -> {
                takeoff.area(season, BillPart.STRUCTURES, TrellisPrices::net, Area.squareMetres(frame.area()), served);
                takeoff.work(season, HANGING, metres, served);
            }
            case WIRES -> {
                takeoff.length(
                        season,
                        BillPart.STRUCTURES,
                        TrellisPrices::wire,
                        Length.metres(metres * frame.wires()),
                        served);
                takeoff.work(season, HANGING, metres, served);
            }
            case PANEL -> {
                panels(season, frame, served);
                takeoff.work(season, HANGING, metres, served);
            }
            case STAKES -> {
                panels(season, frame, served);
                takeoff.work(season, STAKE, marks, served);
            }
            case A_FRAME -> {
                panels(season, frame, served);
                takeoff.pieces(season, BillPart.STRUCTURES, ArchPrices.STAKE, STAKES * marks, 1, served);
                takeoff.work(season, A_FRAME, metres, served);
            }
            case TEEPEE -> {
                Length cane = frame.caneBought()
                        .orElseGet(() -> TrellisFrame.canesOnSale(takeoff.plan().units()).stream()
                                .reduce(Length.ZERO, Length::max));
                takeoff.pieces(
                        season,
                        BillPart.STRUCTURES,
                        FencePrices.post(
                                PostKind.CANES, false, cane, takeoff.plan().units()),
                        marks * frame.canes(),
                        1,
                        served);
                takeoff.work(season, TEEPEE, marks, served);
            }
        }
    }

    private void panels(int season, TrellisFrame frame, Served served) {
        takeoff.area(season, BillPart.STRUCTURES, ArchPrices::panel, Area.squareMetres(frame.area()), served);
    }
}
