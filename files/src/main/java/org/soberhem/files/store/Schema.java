package org.soberhem.files.store;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.migration.JavaMigration;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;

/**
 * The tables of a workspace. A new workspace is made by the migrations' own scripts, run one after the other; an older
 * one is brought up by Flyway, which is too slow to be started for a new one.
 */
final class Schema {

    /** Every script, oldest first. */
    static final List<String> SCRIPTS = List.of("V1__lines_of_history.sql", FormTwoMigration.SCRIPT);

    /** The schema this application writes. */
    static final int CURRENT = SCRIPTS.size();

    private static final String FOLDER = "org/soberhem/files/store/migrations";

    private Schema() {}

    /**
     * Brings a database up to the present schema.
     *
     * @param stored the schema it has; 0 if it is new
     */
    static void bring(DataSource source, int stored) {
        if (stored == 0) {
            Jdbi.create(source).useTransaction(handle -> SCRIPTS.forEach(script -> run(handle, script)));
        } else {
            upgrade(source, stored, new FormTwoMigration());
        }
    }

    /** Lets Flyway run the migrations after the stored one. */
    static void upgrade(DataSource source, int stored, JavaMigration... migrations) {
        Flyway.configure(Schema.class.getClassLoader())
                .dataSource(source)
                .locations("classpath:" + FOLDER)
                .javaMigrations(migrations)
                .baselineOnMigrate(true)
                .baselineVersion(String.valueOf(stored))
                .load()
                .migrate();
    }

    static void run(Handle handle, String script) {
        try (InputStream in = Schema.class.getResourceAsStream("/" + FOLDER + "/" + script)) {
            handle.createScript(new String(in.readAllBytes(), StandardCharsets.UTF_8))
                    .execute();
        } catch (IOException broken) {
            throw new UncheckedIOException("Cannot read the migration " + script, broken);
        }
    }
}
