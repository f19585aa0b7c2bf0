package org.soberhem.files.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jdbi.v3.core.Jdbi;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.body.AsWorn;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.TapeStart;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
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

    @Test
    void valuesOfBeforeTheLayersWereStatedInFull_areOpenedWithWhatTheyLack() {
        try (Workspace workspace = Workspace.open(folder, Clock.systemUTC())) {
            workspace.keep("wearer", "ada", Wearer.of("ada", "Ada", "", List.of()), "new", "Began", "[]", Wearer.class);
        }
        Codec codec = new Codec();
        String older = """
                {"id":"ada","name":"Ada","note":"tall","sets":[{"id":"may","date":"2026-05-14","stack":"blouse-1906",
                 "lacing":"2 in open","helper":"Ruth","readings":[{"measure":"wrist","side":"MIDDLE",
                 "posture":"STANDING","taken":[{"value":165100000,"typed":"6 1/2","unit":"INCH"}]}]}]}""";
        Jdbi.create(database())
                .useHandle(handle -> handle.createUpdate("UPDATE snapshot SET body = :body")
                        .bind("body", codec.packed(codec.parse(older)))
                        .execute());
        try (Workspace workspace = Workspace.open(folder, Clock.systemUTC())) {
            Wearer ada = workspace.lines("wearer", Wearer.class).get(0).value();
            assertThat(ada.build()).isEqualTo(Build.ADULT);
            MeasurementSet set = ada.sets().get(0);
            assertThat(set.worn()).isEqualTo(AsWorn.UNSTATED);
            assertThat(set.start()).isEqualTo(TapeStart.END);
            assertThat(set.settled()).isEmpty();
            Wearer changed = ada.with(set.startingAt(TapeStart.ONE_INCH));
            workspace.keep("wearer", "ada", changed, "start", "Tape at 1 in", "[]", Wearer.class);
            assertThat(workspace.lines("wearer", Wearer.class).get(0).value()).isEqualTo(changed);
            assertThat(workspace.undo("ada", Wearer.class).value()).isEqualTo(ada);
        }
    }

    @Test
    void costumeOfBeforeVersionsKeptTheirPattern_isOpened_andGoesOnFromItsLatest() {
        Garment begun = new Garment("Blouse", "draft: x", Map.of(), List.of(), List.of());
        Costume costume = new Costume(
                "c", "C", "", 1906, Optional.empty(), "ada", "", "", List.of(begun), List.of(), "", Map.of());
        try (Workspace workspace = Workspace.open(folder, Clock.systemUTC())) {
            workspace.keep("costume", "c", costume, "new", "Began", "[]", Costume.class);
        }
        Codec codec = new Codec();
        String older = """
                {"id":"c","title":"C","place":"","year":1906,"event":null,"wearer":"ada","set":"","stack":"","note":"",
                 "choices":{},"fittings":[],"garments":[{"name":"Blouse","sheet":"draft: x","settings":{},
                 "alterations":[{"kind":"take-in-seam","edge":{"piece":"back","edge":"side"},"atTop":5.0,"atBottom":5.0,
                 "sides":"BOTH"}],"versions":[{"number":1,"date":"2026-04-01","why":"first mock-up","measures":{},
                 "settings":{},"alterations":[]}]}]}""";
        Jdbi.create(database())
                .useHandle(handle -> handle.createUpdate("UPDATE snapshot SET body = :body")
                        .bind("body", codec.packed(codec.parse(older)))
                        .execute());
        try (Workspace workspace = Workspace.open(folder, Clock.systemUTC())) {
            Garment blouse = workspace
                    .lines("costume", Costume.class)
                    .get(0)
                    .value()
                    .garments()
                    .get(0);
            assertThat(blouse.versionWords()).isEqualTo("after version 1");
            assertThat(blouse.origin()).isEmpty();
            assertThat(blouse.version(1).orElseThrow().finished()).isEmpty();
            assertThat(blouse.version(1).orElseThrow().after()).isZero();
            assertThat(blouse.alterations()).hasSize(1);
        }
    }
}
