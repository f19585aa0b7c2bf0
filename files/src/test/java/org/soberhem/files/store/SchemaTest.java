package org.soberhem.files.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import org.jdbi.v3.core.Jdbi;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.soberhem.core.body.AsWorn;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.TapeStart;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.cloth.Stash;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Look;
import org.soberhem.core.costume.Progress;
import org.soberhem.core.maker.Maker;
import org.soberhem.files.store.stored.Codec;
import org.soberhem.files.store.stored.OldChanges;
import org.sqlite.SQLiteDataSource;
import tools.jackson.databind.JsonNode;

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
        assertThat(version).isEqualTo(Codec.FORM);
    }

    static List<String> everyForm() throws IOException {
        try (Stream<Path> files = Files.list(Path.of("src/test/resources/workspaces"))) {
            return files.map(file -> file.getFileName().toString().replace(".db.gz", ""))
                    .sorted()
                    .toList();
        }
    }

    private void unpack(String fixture) throws IOException {
        try (InputStream in = new GZIPInputStream(
                Files.newInputStream(Path.of("src/test/resources/workspaces", fixture + ".db.gz")))) {
            Files.copy(in, folder.resolve("workspace.db"));
        }
    }

    /** Each was written by the application of the commit that it is called after. */
    @ParameterizedTest
    @MethodSource("everyForm")
    void workspaceOfEveryForm_showsWhatItHad_goesBackAndForth_andIsWrittenInThePresentForm(String commit)
            throws IOException {
        unpack(commit);
        Map<String, List<JsonNode>> was = statesOfFormOne();
        Map<String, Integer> heads = heads();
        Codec whole = Codec.whole();
        try (Workspace workspace = Workspace.open(folder, Clock.systemUTC())) {
            workspace.verify();
            assertThat(workspace.lines("costume", Costume.class)).hasSizeGreaterThanOrEqualTo(3);
            for (HistoryLine<Costume> line : workspace.lines("costume", Costume.class)) {
                walk(workspace, line.id(), Costume.class, "costume", was.get(line.id()), heads.get(line.id()), whole);
            }
            for (HistoryLine<Wearer> line : workspace.lines("wearer", Wearer.class)) {
                walk(workspace, line.id(), Wearer.class, "wearer", was.get(line.id()), heads.get(line.id()), whole);
            }
            for (HistoryLine<Maker> line : workspace.lines("maker", Maker.class)) {
                walk(workspace, line.id(), Maker.class, "maker", was.get(line.id()), heads.get(line.id()), whole);
            }
            for (HistoryLine<Stash> line : workspace.lines("stash", Stash.class)) {
                walk(workspace, line.id(), Stash.class, "stash", was.get(line.id()), heads.get(line.id()), whole);
            }
        }
        Jdbi.create(database()).useHandle(handle -> {
            assertThat(handle.createQuery("PRAGMA user_version")
                            .mapTo(Integer.class)
                            .one())
                    .isEqualTo(Schema.CURRENT);
            handle.createQuery("SELECT body FROM snapshot")
                    .mapTo(byte[].class)
                    .forEach(body -> assertThat(Json.unpacked(body))
                            .as("finished patterns lie beside it")
                            .doesNotContain("\"seams\""));
        });
        assertThat(folder.resolve("backups/before-format-2.db")).exists();
    }

    /** Goes to the first state and to the last and back to where it was, comparing each with what the old rows say. */
    private static <T> void walk(
            Workspace workspace, String id, Class<T> type, String kind, List<JsonNode> was, int head, Codec whole) {
        List<T> states = was.stream()
                .map(state -> whole.value(whole.brought(1, kind, state), type))
                .toList();
        for (int at = head; at >= 0; at--) {
            assertThat(workspace.line(id, type).value())
                    .as("%s, state %d", id, at)
                    .isEqualTo(states.get(at));
            workspace.undo(id, type);
        }
        for (int at = 1; at < states.size(); at++) {
            assertThat(workspace.redo(id, type).value())
                    .as("%s, state %d", id, at)
                    .isEqualTo(states.get(at));
        }
        for (int at = states.size() - 1; at > head; at--) {
            workspace.undo(id, type);
        }
    }

    private Map<String, Integer> heads() {
        return Jdbi.create(database())
                .withHandle(handle -> handle
                        .createQuery("SELECT id, head FROM line")
                        .map((row, each) -> Map.entry(row.getString("id"), row.getInt("head")))
                        .list()
                        .stream()
                        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)));
    }

    /** Every state of every line of an old workspace, from its rows alone. */
    private Map<String, List<JsonNode>> statesOfFormOne() {
        Codec whole = Codec.whole();
        Map<String, List<JsonNode>> all = new TreeMap<>();
        Jdbi.create(database()).useHandle(handle -> {
            handle.createQuery("SELECT line, body FROM snapshot WHERE seq = 0")
                    .map((row, each) -> Map.entry(row.getString("line"), row.getBytes("body")))
                    .forEach(first -> all.computeIfAbsent(first.getKey(), none -> new ArrayList<>())
                            .add(whole.parse(Json.unpacked(first.getValue()))));
            handle.createQuery("SELECT line, changes FROM revision ORDER BY line, seq")
                    .map((row, each) -> Map.entry(row.getString("line"), row.getString("changes")))
                    .forEach(next -> {
                        List<JsonNode> states = all.get(next.getKey());
                        states.add(OldChanges.forward(states.get(states.size() - 1), whole.parse(next.getValue())));
                    });
        });
        return all;
    }

    @Test
    void workspaceOfBeforeLayersWereStated_hasWhatThatMeant() throws IOException {
        unpack("5acd02d");
        try (Workspace workspace = Workspace.open(folder, Clock.systemUTC())) {
            Wearer wearer = workspace.lines("wearer", Wearer.class).get(0).value();
            assertThat(wearer.build()).isEqualTo(Build.ADULT);
            assertThat(wearer.consent()).isEqualTo(Wearer.Consent.NOT_ASKED);
            MeasurementSet set = wearer.sets().get(0);
            assertThat(set.worn()).isEqualTo(AsWorn.UNSTATED);
            assertThat(set.start()).isEqualTo(TapeStart.END);
            assertThat(set.weight()).isEmpty();
            Costume fitted = workspace.lines("costume", Costume.class).stream()
                    .map(HistoryLine::value)
                    .filter(costume -> !costume.fittings().isEmpty())
                    .findFirst()
                    .orElseThrow();
            assertThat(fitted.underway()).isEqualTo(Progress.NOT_BEGUN);
            assertThat(fitted.look()).isEqualTo(Look.USUAL);
            Garment garment = fitted.garments().get(0);
            assertThat(garment.versions())
                    .isNotEmpty()
                    .allSatisfy(version -> assertThat(version.sheet()).isEqualTo(garment.sheet()));
            assertThat(fitted.fittings().get(0).conditions().mark()).isEmpty();
            fitted.fittings().stream()
                    .flatMap(fitting -> fitting.remarks().stream())
                    .flatMap(remark -> remark.decision().stream())
                    .forEach(decision -> assertThat(decision.kind()).isNotNull());
        }
    }

    @Test
    void olderThatIsOpenElsewhere_isRefusedUntouched() throws IOException {
        unpack("5acd02d");
        byte[] before = Files.readAllBytes(folder.resolve("workspace.db"));
        try (WorkspaceLock other = WorkspaceLock.tried(folder)) {
            assertThat(other.isHeld()).isTrue();
            assertThatThrownBy(() -> Workspace.open(folder, Clock.systemUTC()))
                    .isInstanceOf(StoreException.class)
                    .hasMessageContaining("was made by an older Sober Hem and is open in another window");
        }
        assertThat(Files.readAllBytes(folder.resolve("workspace.db"))).isEqualTo(before);
    }
}
