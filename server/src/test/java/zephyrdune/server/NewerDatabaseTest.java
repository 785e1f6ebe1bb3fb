package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** A database of a later version is refused in words and left as it is; one of this version is not. */
public class NewerDatabaseTest extends RunningServer {

    @Autowired
    private DataSource source;

    @Autowired
    private JdbcClient jdbc;

    private Flyway flyway;

    @BeforeMethod
    public void anotherSchema() {
        drop();
        flyway = Flyway.configure().dataSource(source).schemas("later").load();
        NewerDatabase.migrate(flyway);
    }

    @AfterMethod(alwaysRun = true)
    public void drop() {
        jdbc.sql("drop schema if exists later cascade").update();
    }

    private void migratedTo(String version, boolean success) {
        jdbc.sql("""
                        insert into later.flyway_schema_history
                        (installed_rank, version, description, type, script, installed_by, execution_time, success)
                        values (99, ?, 'later', 'SQL', 'V__later.sql', 'later', 1, ?)
                        """).params(version, success).update();
    }

    @Test
    public void thisVersionIsTaken() {
        NewerDatabase.migrate(flyway);
        assertThat(flyway.info().pending()).isEmpty();
    }

    @Test
    public void aLaterOneIsRefused() {
        migratedTo("99", true);
        assertThatThrownBy(() -> NewerDatabase.migrate(flyway))
                .isInstanceOf(NewerDatabase.class)
                .hasMessageContaining("newer Zephyrdune")
                .satisfies(refused -> {
                    FailureAnalysis told = new NewerDatabase.Analyzer().analyze(refused);
                    assertThat(told.getDescription()).contains("Nothing was changed");
                    assertThat(told.getAction()).contains("ZEPHYRDUNE_HOME");
                });
    }

    @Test
    public void aLaterOneThatWasCutOffIsRefused() {
        migratedTo("99", false);
        assertThatThrownBy(() -> NewerDatabase.migrate(flyway)).isInstanceOf(NewerDatabase.class);
    }
}
