package fairacre.server;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.rectangle;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.measure.Length;
import fairacre.plan.Change;
import fairacre.plan.Put;
import fairacre.plan.WayIn;
import fairacre.server.Visitor.Answer;
import fairacre.server.Visitor.Events;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Two windows with the same garden. */
class TwoWindowsTest {

    private static final WayIn GATE = gate("Gate", 5, 0, 1);

    private Visitor rosa;
    private String garden;

    @BeforeEach
    void begin() {
        rosa = Visitor.signedUp(RunningServer.get());
        garden = rosa.garden();
        rosa.change(garden, 0, new Change.PlaceBed(bed("Beans", 3, 3, 2, 1)));
        rosa.change(garden, 1, Put.of(GATE));
    }

    private static Change reshape(double length, double width) {
        return new Change.ReshapeBed(id("Beans"), SEASON, rectangle(3, 3, length, width, 0));
    }

    @Test
    void differentFieldsOfOneBedBothStay() {
        assertThat(rosa.change(garden, 2, reshape(2.4, 1)).status()).isEqualTo(200);
        Answer second = rosa.change(garden, 2, reshape(2, 0.8));
        assertThat(second.status()).as(second.text()).isEqualTo(200);
        assertThat(second.json().at("/revision").intValue()).isEqualTo(4);
        JsonNode outline = second.json().at("/plan/beds/0/revisions/0/outline");
        assertThat(outline.at("/length").doubleValue()).isEqualTo(2.4);
        assertThat(outline.at("/width").doubleValue()).isEqualTo(0.8);
        Answer back = rosa.post("/api/gardens/" + garden + "/undo", "{\"revision\":4}");
        assertThat(back.json().at("/plan/beds/0/revisions/0/outline/length").doubleValue())
                .isEqualTo(2.4);
        assertThat(back.json().at("/plan/beds/0/revisions/0/outline/width").doubleValue())
                .isEqualTo(1);
    }

    @Test
    void anEditSinceUndoneIsNoConflict() {
        rosa.change(garden, 2, Put.of(GATE.withWidth(Length.metres(1.2))));
        rosa.post("/api/gardens/" + garden + "/undo", "{\"revision\":3}");
        Answer later = rosa.change(garden, 2, Put.of(GATE.withWidth(Length.metres(0.9))));
        assertThat(later.status()).as(later.text()).isEqualTo(200);
    }

    @Test
    void theSameFieldIsAskedAndMadeOfTheNewestStateIfItIsWanted() {
        rosa.change(garden, 2, Put.of(GATE.withWidth(Length.metres(1.2))));
        Change narrower = Put.of(GATE.withWidth(Length.metres(0.9)));
        Answer asked = rosa.change(garden, 2, narrower);
        assertThat(asked.status()).isEqualTo(409);
        assertThat(asked.json().at("/fields/0").stringValue()).isEqualTo("Gate: width");
        assertThat(asked.json().at("/current/revision").intValue()).isEqualTo(3);
        assertThat(asked.json().at("/current/plan/waysIn/0/width").doubleValue())
                .isEqualTo(1.2);
        Answer made = rosa.change(garden, 3, narrower);
        assertThat(made.json().at("/plan/waysIn/0/width").doubleValue()).isEqualTo(0.9);
    }

    @Test
    void aWindowIsToldWhatWasDoneElsewhere() throws Exception {
        Events window = rosa.follow(garden, 2);
        rosa.change(garden, 2, reshape(2.4, 1));
        JsonNode told = window.next();
        assertThat(told.at("/revision").intValue()).isEqualTo(3);
        assertThat(told.at("/edits")).hasSize(1);
        assertThat(told.at("/edits/0/words").stringValue()).isEqualTo("Reshaped Beans");
        assertThat(told.at("/edits/0/madeBy").stringValue()).endsWith("@example.org");
        rosa.post("/api/gardens/" + garden + "/undo", "{\"revision\":3}");
        assertThat(window.next().at("/edits/0/kind").stringValue()).isEqualTo("UNDO");
    }

    @Test
    void aWindowThatComesLateIsToldAtOnceAndOneThatFollowsALostGardenIsLetGo() throws Exception {
        Events late = rosa.follow(garden, 0);
        assertThat(late.next().at("/edits")).hasSize(2);
        rosa.delete("/api/gardens/" + garden);
        assertThat(late.ends()).isTrue();
    }
}
