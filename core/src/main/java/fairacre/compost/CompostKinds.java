package fairacre.compost;

import fairacre.bill.Amounts;
import fairacre.plan.Things;

/** Compost bays as a kind of thing of the plan. */
public final class CompostKinds {

    private static final int MOST = 20;

    public static final Things<CompostBays> BAYS = new Things<CompostBays>(
                    CompostBays.class,
                    "compostBays",
                    "compost",
                    MOST,
                    CompostBays::id,
                    CompostBays::name,
                    CompostKinds::check,
                    new Things.Words("Built %s", "Took %s down", "compost bays"),
                    new Things.Seasons<>((plan, bays) -> bays.lifetime(), bays -> "compost heap"))
            .standingAs(CompostBays::standing, CompostBays::shifted)
            .paidAs(CompostBays::paid, CompostBays::beginning);

    private CompostKinds() {}

    private static void check(Things.Terms terms, CompostBays bays) {
        bays.price().ifPresent(price -> Amounts.sameCurrency(terms.currency(), price, "price"));
        bays.lifetime().from().ifPresent(season -> terms.begin(season, "lifetime/from", bays.name(), "built"));
    }
}
