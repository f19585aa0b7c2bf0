package org.soberhem.files.store;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.jdbi.v3.core.Jdbi;

/**
 * The tables of a workspace. A new workspace is made by the migrations' own scripts, run one after the other; an older one
 * is brought up by Flyway, which is too slow to be started for a new one.
 */
final class Schema {

    /** Every migration, oldest first; the number of the last is the present schema. */
    static final List<String> MIGRATIONS = List.of("V1__lines_of_history.sql");

    static final int CURRENT = MIGRATIONS.size();

    private static final String FOLDER = "org/soberhem/files/store/migrations";

    private Schema() {}

    /**
     * Brings a database up to the present schema.
     *
     * @param stored the schema it has; 0 if it is new
     */
    static void bring(DataSource source, int stored) {
        if (stored == 0) {
            Jdbi.create(source)
                    .useTransaction(handle -> MIGRATIONS.forEach(
                            script -> handle.createScript(text(script)).execute()));
        } else {
            upgrade(source, stored, "classpath:" + FOLDER);
        }
    }

    /** Lets Flyway run the migrations after the stored one. */
    static void upgrade(DataSource source, int stored, String... locations) {
        Flyway.configure(Schema.class.getClassLoader())
                .dataSource(source)
                .locations(locations)
                .baselineOnMigrate(true)
                .baselineVersion(String.valueOf(stored))
                .load()
                .migrate();
    }

    private static String text(String script) {
        try (InputStream in = Schema.class.getResourceAsStream("/" + FOLDER + "/" + script)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException broken) {
            throw new UncheckedIOException("Cannot read the migration " + script, broken);
        }
    }
}
