package org.soberhem.files.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import org.jdbi.v3.core.Jdbi;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.body.Wearer;
import org.sqlite.SQLiteDataSource;

class SchemaTest {

    @TempDir
    Path folder;

    private SQLiteDataSource database() {
        SQLiteDataSource source = new SQLiteDataSource();
        source.setUrl("jdbc:sqlite:" + folder.resolve("workspace.db"));
        return source;
    }

    @Test
    void new_hasTheNumberOfTheLastMigration() {
        Workspace.open(folder, Clock.systemUTC()).close();
        int version = Jdbi.create(database())
                .withHandle(handle -> handle.createQuery("PRAGMA user_version")
                        .mapTo(Integer.class)
                        .one());
        assertThat(version).isEqualTo(Schema.CURRENT);
        assertThat(Schema.MIGRATIONS.get(Schema.CURRENT - 1)).startsWith("V" + Schema.CURRENT + "__");
    }

    @Test
    void older_isBroughtUpByTheMigrationsAfterIt_andKeepsWhatItHas() {
        Wearer ada = Wearer.of("ada", "Ada", "", List.of());
        try (Workspace workspace = Workspace.open(folder, Clock.systemUTC())) {
            workspace.keep("wearer", "ada", ada, "new", "Began", "[]", Wearer.class);
        }
        Schema.upgrade(database(), 1, "classpath:org/soberhem/files/store/migrations", "classpath:later-migrations");
        Jdbi.create(database()).useHandle(handle -> {
            assertThat(handle.createQuery("PRAGMA user_version")
                            .mapTo(Integer.class)
                            .one())
                    .isEqualTo(2);
            assertThat(handle.createQuery("SELECT count(*) FROM later")
                            .mapTo(Integer.class)
                            .one())
                    .isZero();
            assertThat(handle.createQuery("SELECT id FROM line")
                            .mapTo(String.class)
                            .list())
                    .isEqualTo(List.of("ada"));
        });
    }
}
