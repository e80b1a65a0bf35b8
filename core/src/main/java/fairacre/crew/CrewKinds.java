package fairacre.crew;

import fairacre.bill.Amounts;
import fairacre.bill.MoneyText;
import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.limits.Limits;
import fairacre.plan.Plan;
import fairacre.plan.Things;
import java.util.Optional;

/** Who works on the garden and when, as kinds of things of the plan. */
public final class CrewKinds {

    private static final int MOST_RAIN_DAYS = 500;
    private static final int MOST_KEPT = 2000;
    private static final int MOST_SEASONS = 100;
    private static final int MOST_OWN = 500;
    private static final int MOST_DELIVERIES = 500;
    private static final int MOST_INCOMES = 1000;
    private static final int MOST_HIRES = 100;
    private static final int MOST_RATES = 200;

    public static final Things<Worker> WORKERS = new Things<>(
            Worker.class,
            "worker",
            "workers",
            Limits.MOST_GARDENERS,
            Worker::id,
            Worker::name,
            (terms, worker) -> {},
            new Things.Words("Put %s down for work", "Took %s off the work", "somebody"),
            Things.Seasons.all());

    public static final Things<RainDay> RAIN_DAYS = new Things<>(
            RainDay.class,
            "rainDay",
            "rainDays",
            MOST_RAIN_DAYS,
            RainDay::id,
            rain -> rain.day().toString(),
            (terms, rain) -> {},
            new Things.Words("Lost %s to rain", "Gave %s back to the work", "a day"),
            Things.Seasons.all());

    public static final Things<KeptDay> KEPT_DAYS = new Things<>(
            KeptDay.class,
            "keptDay",
            "keptDays",
            MOST_KEPT,
            KeptDay::id,
            kept -> "a task for " + kept.day(),
            (terms, kept) -> {},
            new Things.Words("Settled %s", "Left the day open for %s", "a task"),
            Things.Seasons.all());

    public static final Things<WorkSeason> WORK_SEASONS = new Things<>(
            WorkSeason.class,
            "workSeason",
            "workSeasons",
            MOST_SEASONS,
            WorkSeason::id,
            work -> "the work of " + work.season(),
            (terms, work) -> {},
            new Things.Words("Planned %s", "Planned %s no more", "the work of a season"),
            Things.Seasons.all());

    public static final Things<OwnTask> OWN_TASKS = new Things<OwnTask>(
                    OwnTask.class,
                    "ownTask",
                    "ownTasks",
                    MOST_OWN,
                    OwnTask::id,
                    OwnTask::name,
                    CrewKinds::check,
                    new Things.Words("Wants done: %s", "Does without %s", "a task"),
                    Things.Seasons.all())
            .paidAs(OwnTask::paid, OwnTask::inSeason);

    public static final Things<Delivery> DELIVERIES = new Things<>(
            Delivery.class,
            "delivery",
            "deliveries",
            MOST_DELIVERIES,
            Delivery::id,
            Delivery::name,
            (terms, delivery) -> {},
            new Things.Words("Waits for %s", "Waits for %s no more", "a delivery"),
            Things.Seasons.all());

    public static final Things<Income> INCOMES = new Things<>(
            Income.class,
            "income",
            "incomes",
            MOST_INCOMES,
            Income::id,
            income -> MoneyText.format(income.amount()) + " on " + income.day(),
            (terms, income) -> Amounts.sameCurrency(terms.currency(), income.amount(), "amount"),
            new Things.Words("Counts on %s", "Counts on %s no more", "money"),
            Things.Seasons.all());

    public static final Things<Hire> HIRES = new Things<Hire>(
                    Hire.class,
                    "hire",
                    "hires",
                    MOST_HIRES,
                    Hire::id,
                    Hire::name,
                    CrewKinds::check,
                    new Things.Words("Hires %s", "Hires %s no more", "a machine"),
                    Things.Seasons.all())
            .paidAs(Hire::paid, Hire::inSeason);

    public static final Things<OwnRate> OWN_RATES = new Things<>(
            OwnRate.class,
            "ownRate",
            "ownRates",
            MOST_RATES,
            OwnRate::id,
            rate -> "“" + label(rate) + "”",
            (terms, rate) -> {},
            new Things.Words("Set how long %s takes", "Reckons %s as usual", "a kind of work"),
            Things.Seasons.all());

    private CrewKinds() {}

    private static String label(OwnRate own) {
        return WorkRates.all()
                .filter(rate -> rate.key().equals(own.rate()))
                .map(WorkRate::label)
                .findFirst()
                .orElse(own.rate());
    }

    private static void check(Things.Terms terms, Hire hire) {
        Amounts.sameCurrency(terms.currency(), hire.daily(), "daily");
        hire.weekend().ifPresent(price -> Amounts.sameCurrency(terms.currency(), price, "weekend"));
        terms.begin(hire.season(), "season", hire.name(), "hired");
    }

    private static void check(Things.Terms terms, OwnTask task) {
        task.cost().ifPresent(cost -> Amounts.sameCurrency(terms.currency(), cost, "cost"));
        task.season().ifPresent(season -> terms.begin(season, "season", task.name(), "done"));
    }

    /** How the work of a season is planned; empty where nobody has said anything of it. */
    public static Optional<WorkSeason> workOf(Plan plan, int season) {
        return plan.list(WORK_SEASONS).stream()
                .filter(work -> work.season() == season)
                .findFirst();
    }
}
