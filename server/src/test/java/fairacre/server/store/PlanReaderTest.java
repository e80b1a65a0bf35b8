package fairacre.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import fairacre.bill.Acquired;
import fairacre.measure.Length;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.GroundChange;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.Site;
import fairacre.plan.Things;
import fairacre.server.RunningServer;
import fairacre.testing.Gardens;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import org.jooq.DSLContext;
import org.jooq.ExecuteContext;
import org.jooq.ExecuteListener;
import org.junit.jupiter.api.Test;

/** The store on a real PostgreSQL. */
class PlanReaderTest {

    private final DSLContext database = RunningServer.get().bean(DSLContext.class);
    private final GardenStore store = new GardenStore(database, Clock.systemUTC());

    @Test
    void aPlanIsReadInOneStatementAndComesBackEqual() {
        UUID owner = account();
        Plan plan = Gardens.generated(40, 2).withId(UUID.randomUUID());
        store.insert(owner, plan);
        AtomicInteger statements = new AtomicInteger();
        assertThat(PlanReader.read(counting(statements), owner, plan.id())
                        .orElseThrow()
                        .plan())
                .isEqualTo(plan);
        assertThat(statements).hasValue(1);
    }

    private DSLContext counting(AtomicInteger statements) {
        return database.configuration()
                .derive(new ExecuteListener() {
                    @Override
                    public void executeStart(ExecuteContext context) {
                        statements.incrementAndGet();
                    }
                })
                .dsl();
    }

    @Test
    void anEditWritesTheGardensRowAndThoseOfWhatItChanges() {
        Plan plan = Gardens.everything().withId(UUID.randomUUID());
        store.insert(account(), plan);
        AtomicInteger statements = new AtomicInteger();
        GardenStore counted = new GardenStore(counting(statements), Clock.systemUTC());
        counted.update(plan, plan, 1);
        assertThat(statements).as("the garden's row").hasValue(1);
        Plan without =
                plan.apply(new Remove<>(Things.WALKS, Gardens.id("Main"))).orThrow();
        counted.update(plan, without, 2);
        assertThat(statements).as("and a walk's that goes").hasValue(3);
        counted.update(without, plan, 3);
        assertThat(statements).as("and comes back").hasValue(5);
    }

    @Test
    void everyKindOfThingHasItsRows() {
        assertThat(PlanRows.kinds()).containsExactlyInAnyOrderElementsOf(Things.all());
    }

    @Test
    void aGardenThatUsesEverythingComesBackEqualAndSoDoesEveryEditOfIt() {
        UUID owner = account();
        Feature house = Gardens.feature("House", FeatureKind.HOUSE, 0, 0, -4, -4, -2, -4, -2, -3, -4, -3);
        Plan plan = Gardens.with(
                        Gardens.everything(), Put.of(((Feature.AreaFeature) house).withRidge(Length.metres(3))))
                .withId(UUID.randomUUID());
        store.insert(owner, plan);
        assertThat(PlanReader.read(database, owner, plan.id()).orElseThrow().plan())
                .isEqualTo(plan);
        Plan before = plan;
        for (Change change : List.<Change>of(
                new Remove<>(Things.FEATURES, Gardens.id("Plum")),
                Put.of(Gardens.gate("Gate", 3, 0, 1.5)),
                new GroundChange.SetLevels(List.of()),
                new Remove<>(Things.WALKS, Gardens.id("Main")),
                new Remove<>(Things.SUNDRIES, Gardens.id("Spade")),
                Put.of(Gardens.sundry("Skip", "0.5", "99.95", Acquired.FREE)),
                new Remove<>(Things.CARRIERS, Gardens.id("Barrow")),
                new Change.MarkExisting(Gardens.id("Old"), Gardens.SEASON, false),
                new Change.SetSite(new Site(Site.rectangle(9, 9), 0, 1)))) {
            Plan after = before.apply(change).orThrow();
            store.update(before, after, 1);
            assertThat(PlanReader.read(database, owner, plan.id()).orElseThrow().plan())
                    .as(change.toString())
                    .isEqualTo(after);
            before = after;
        }
    }

    @Test
    void anotherOwnerReadsNothing() {
        Plan plan = Gardens.generated(2, 2).withId(UUID.randomUUID());
        store.insert(account(), plan);
        UUID other = account();
        assertThat(store.find(other, plan.id())).isEmpty();
        assertThat(store.version(other, plan.id())).isEmpty();
        assertThat(store.delete(other, plan.id())).isFalse();
    }

    private UUID account() {
        UUID id = UUID.randomUUID();
        new AccountStore(database, Clock.systemUTC())
                .insert(new AccountStore.Account(id, id + "@example.org", "none", Optional.empty()));
        return id;
    }
}
