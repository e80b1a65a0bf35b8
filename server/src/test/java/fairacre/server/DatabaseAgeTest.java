package fairacre.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.jooq.DSLContext;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class DatabaseAgeTest {

    @Test
    @DisplayName("a program refuses a database that a newer one has used, and changes nothing in it")
    void anOldProgramLeavesANewerDatabaseAlone() {
        RunningServer server = RunningServer.with();
        server.bean(DSLContext.class)
                .execute("insert into flyway_schema_history select installed_rank + 1, '9999', 'later', type, script,"
                        + " checksum, installed_by, installed_on, execution_time, success from flyway_schema_history"
                        + " order by installed_rank desc limit 1");
        server.stop();
        assertThatThrownBy(server::again)
                .rootCause()
                .hasMessage("a newer Fair Acre has used this database (its step 9999 is not known here)");
    }

    @Test
    void anyOtherIsTaken() {
        RunningServer server = RunningServer.with();
        server.stop();
        RunningServer again = server.again();
        assertThat(new Visitor(again.address()).get("/api/session").status()).isEqualTo(200);
        again.stop();
    }
}
