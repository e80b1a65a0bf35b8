package fairacre.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import fairacre.plan.Plan;
import fairacre.server.RunningServer;
import fairacre.testing.Gardens;
import java.time.Clock;
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
        DSLContext counted = database.configuration().derive(new ExecuteListener() {
            @Override
            public void executeStart(ExecuteContext context) {
                statements.incrementAndGet();
            }
        }).dsl();
        assertThat(PlanReader.read(counted, owner, plan.id()).orElseThrow().plan()).isEqualTo(plan);
        assertThat(statements).hasValue(1);
    }

    @Test
    void anotherOwnerReadsNothing() {
        Plan plan = Gardens.generated(2, 2).withId(UUID.randomUUID());
        store.insert(account(), plan);
        UUID other = account();
        assertThat(store.find(other, plan.id())).isEmpty();
        assertThat(store.revision(other, plan.id())).isEmpty();
        assertThat(store.delete(other, plan.id())).isFalse();
    }

    private UUID account() {
        UUID id = UUID.randomUUID();
        new AccountStore(database, Clock.systemUTC()).insert(new AccountStore.Account(id, id + "@example.org", "none"));
        return id;
    }
}
