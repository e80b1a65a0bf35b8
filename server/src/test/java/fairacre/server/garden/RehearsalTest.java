package fairacre.server.garden;

import static org.assertj.core.api.Assertions.assertThat;

import fairacre.format.GardenJson;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

class RehearsalTest {

    @Test
    @Timeout(60)
    void soManyPreviewsAreJudgedBesideTheProgramsWork() throws InterruptedException {
        Rehearsal rehearsal = new Rehearsal(GardenJson.mapper(), 3);
        rehearsal.begin();
        rehearsal.await();
        assertThat(rehearsal.judged()).isEqualTo(3);
    }

    @Test
    void noneIsHeldWhereNoneIsWanted() throws InterruptedException {
        Rehearsal rehearsal = new Rehearsal(GardenJson.mapper(), 0);
        rehearsal.begin();
        rehearsal.await();
        assertThat(rehearsal.judged()).isZero();
    }

    @Test
    @Timeout(60)
    void itEndsWithTheProgram() throws InterruptedException {
        Rehearsal rehearsal = new Rehearsal(GardenJson.mapper(), Integer.MAX_VALUE);
        rehearsal.begin();
        rehearsal.end();
        rehearsal.await();
        assertThat(rehearsal.judged()).isLessThan(Integer.MAX_VALUE);
    }
}
