package fairacre.server.garden;

import static org.assertj.core.api.Assertions.assertThat;

import fairacre.format.GardenJson;
import fairacre.server.RunningServer;
import java.util.Map;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.core.env.Environment;
import org.springframework.core.env.MapPropertySource;
import org.springframework.core.env.StandardEnvironment;

class RehearsalTest {

    private static final StandardEnvironment ENVIRONMENT = new StandardEnvironment();

    @Test
    @Timeout(60)
    void soManyPreviewsAreJudgedBesideTheProgramsWork() throws InterruptedException {
        Rehearsal rehearsal = new Rehearsal(GardenJson.mapper(), 3, false, ENVIRONMENT);
        rehearsal.begin();
        rehearsal.await();
        assertThat(rehearsal.judged()).isEqualTo(3);
    }

    @Test
    void noneIsHeldWhereNoneIsWanted() throws InterruptedException {
        Rehearsal rehearsal = new Rehearsal(GardenJson.mapper(), 0, true, ENVIRONMENT);
        rehearsal.begin();
        rehearsal.await();
        assertThat(rehearsal.judged()).isZero();
    }

    @Test
    @Timeout(60)
    void itEndsWithTheProgram() throws InterruptedException {
        Rehearsal rehearsal = new Rehearsal(GardenJson.mapper(), Integer.MAX_VALUE, false, ENVIRONMENT);
        rehearsal.begin();
        rehearsal.end();
        rehearsal.await();
        assertThat(rehearsal.judged()).isLessThan(Integer.MAX_VALUE);
    }

    @Test
    @Timeout(60)
    void theDemoIsVisitedOverHttpAndLeftAgain() throws InterruptedException {
        DSLContext database = RunningServer.get().bean(DSLContext.class);
        int sessions = database.fetchCount(DSL.table("spring_session"));
        Rehearsal rehearsal = new Rehearsal(GardenJson.mapper(), 3, true, RunningServer.get().bean(Environment.class));
        rehearsal.begin();
        rehearsal.await();
        assertThat(rehearsal.visited()).isTrue();
        assertThat(rehearsal.judged()).isEqualTo(3);
        assertThat(database.fetchCount(DSL.table("spring_session"))).isEqualTo(sessions);
    }

    @Test
    @Timeout(60)
    void whereNobodyAnswersItIsRehearsedWithoutHttp() throws InterruptedException {
        StandardEnvironment closed = new StandardEnvironment();
        closed.getPropertySources().addFirst(new MapPropertySource("port", Map.of("local.server.port", 1)));
        Rehearsal rehearsal = new Rehearsal(GardenJson.mapper(), 3, true, closed);
        rehearsal.begin();
        rehearsal.await();
        assertThat(rehearsal.visited()).isFalse();
        assertThat(rehearsal.judged()).isEqualTo(3);
    }
}
