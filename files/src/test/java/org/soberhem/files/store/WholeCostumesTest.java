package org.soberhem.files.store;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.json.JsonArray;
import jakarta.json.JsonStructure;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.LengthenAtLevel;
import org.soberhem.core.costume.Choice;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Look;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.fitting.Conditions;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Mockup;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.length.Length;

/**
 * Whole costumes with every map of theirs under any keys, changed at random, gone back and forth, closed and opened.
 */
class WholeCostumesTest {

    private static final List<String> KEYS = List.of(
            "/",
            "~",
            "~0",
            "~1",
            "",
            "0",
            "12",
            "-",
            "a/b",
            "blouse-1906/waist",
            "a~1b",
            "/a",
            "a/",
            "..",
            "\"",
            "\\",
            "Ωμέγα",
            "日本/着物",
            "\uD83E\uDDF5",
            "k".repeat(3000));

    @TempDir
    private Path folder;

    private static <T> Map<String, T> map(Random random, Supplier<T> value) {
        Map<String, T> map = new HashMap<>();
        for (int i = random.nextInt(5); i > 0; i--) {
            map.put(KEYS.get(random.nextInt(KEYS.size())), value.get());
        }
        return map;
    }

    private static String words(Random random) {
        return KEYS.get(random.nextInt(KEYS.size())) + random.nextInt(50);
    }

    private static Costume begun() {
        Garment garment = new Garment("Blouse/1", "draft: x", Map.of(), List.of(), List.of());
        return new Costume(
                "c", "C", "", 1906, Optional.empty(), "ada", "", "", List.of(garment), List.of(), "", Map.of());
    }

    private static Costume changed(Costume costume, Random random) {
        Garment garment = costume.garments().get(0);
        return switch (random.nextInt(7)) {
            case 0 -> costume.withLook(new Look(words(random), "", map(random, () -> words(random))));
            case 1 -> {
                Costume all = costume;
                for (String key : map(random, () -> "").keySet()) {
                    all = all.taking(
                            key,
                            random.nextBoolean()
                                    ? Optional.of(new Choice(words(random), Choice.Take.SEATED, words(random)))
                                    : Optional.empty());
                }
                yield all;
            }
            case 2 ->
                costume.with(new Garment(
                        garment.name(),
                        "draft: " + words(random),
                        map(random, random::nextDouble),
                        garment.alterations(),
                        garment.versions()));
            case 3 -> costume.with(garment.with(LengthenAtLevel.evenly(words(random), random.nextInt(9), Sides.BOTH)));
            case 4 ->
                costume.with(garment.withVersion(
                        LocalDate.of(2026, 1, 1 + random.nextInt(28)),
                        words(random),
                        new Inputs(
                                map(random, () -> Inputs.Measured.both(random.nextInt(900))),
                                map(random, random::nextDouble)),
                        new org.soberhem.core.pattern.Pattern("draft " + random.nextInt(3), List.of(), List.of())));
            case 5 ->
                costume.with(Fitting.begun(
                                1 + random.nextInt(3),
                                LocalDate.of(2026, 2, 2),
                                new Mockup(map(random, () -> random.nextInt(4)), words(random)),
                                new Conditions("stack", true, words(random)))
                        .with(Remark.at("1-" + random.nextInt(3), "Blouse/1", words(random), Sides.LEFT)
                                .tested(words(random), random.nextBoolean()))
                        .withReading(words(random), Length.ofMillimetres(random.nextInt(90))));
            default ->
                garment.alterations().isEmpty()
                        ? costume
                        : costume.with(garment.without(
                                random.nextInt(garment.alterations().size())));
        };
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void everyState_isReachedAgain_backForthAndAfterARestart(long seed) {
        Random random = new Random(seed);
        List<Costume> states = new ArrayList<>(List.of(begun()));
        Workspace workspace = Workspace.open(folder, Clock.systemUTC());
        workspace.keep("costume", "c", begun(), Action.of("begin", "Began"), Costume.class);
        int at = 0;
        for (int step = 0; step < 100; step++) {
            String where = "seed " + seed + ", step " + step;
            int what = random.nextInt(10);
            if (what < 6) {
                Costume next = changed(states.get(at), random);
                if (!next.equals(states.get(at))) {
                    states.subList(at + 1, states.size()).clear();
                    states.add(next);
                    at++;
                }
                workspace.keep("costume", "c", next, Action.of("change", "Changed"), Costume.class);
            } else if (what < 8) {
                at = Math.max(0, at - 1);
                assertThat(workspace.undo("c", Costume.class).value()).as(where).isEqualTo(states.get(at));
            } else if (what < 9) {
                at = Math.min(states.size() - 1, at + 1);
                assertThat(workspace.redo("c", Costume.class).value()).as(where).isEqualTo(states.get(at));
            } else {
                workspace.close();
                workspace = Workspace.open(folder, Clock.systemUTC());
            }
            assertThat(workspace.line("c", Costume.class).value()).as(where).isEqualTo(states.get(at));
        }
        for (; at > 0; at--) {
            assertThat(workspace.undo("c", Costume.class).value()).isEqualTo(states.get(at - 1));
        }
        workspace.close();
        workspace = Workspace.open(folder, Clock.systemUTC());
        for (; at < states.size() - 1; at++) {
            assertThat(workspace.redo("c", Costume.class).value()).isEqualTo(states.get(at + 1));
        }
        workspace.verify();
        workspace.close();
    }

    @Test
    void departureFromARuleWithAStrokeInItsName_isTakenBack_andWhatFollowsIsKept() {
        Costume departed = begun().withLook(Look.USUAL.departing("blouse-1906/waist", Optional.of("it hangs loose")));
        try (Workspace workspace = Workspace.open(folder, Clock.systemUTC())) {
            workspace.keep("costume", "c", departed, Action.of("begin", "Began"), Costume.class);
            Costume back = departed.withLook(departed.look().departing("blouse-1906/waist", Optional.empty()));
            workspace.keep("costume", "c", back, Action.of("depart", "Took it back"), Costume.class);
            Costume onward = back.with(back.garments().get(0).withSetting("stand", 30));
            workspace.keep("costume", "c", onward, Action.of("setting", "Stand"), Costume.class);
        }
        try (Workspace workspace = Workspace.open(folder, Clock.systemUTC())) {
            Costume found = workspace.line("c", Costume.class).value();
            assertThat(found.look().departures()).isEmpty();
            assertThat(found.garments().get(0).settings()).containsEntry("stand", 30.0);
            workspace.undo("c", Costume.class);
            assertThat(workspace.undo("c", Costume.class).value()).isEqualTo(departed);
        }
    }

    @Test
    void arraysTooLargeToCompare_areReplaced() {
        String long1 = "{\"a\": [" + "1,".repeat(2000) + "1], \"b\": 2, \"c/d\": {\"x\": 1}}";
        String long2 = "{\"a\": [" + "1,".repeat(1500) + "2], \"e~f\": 2, \"c/d\": {\"x\": 2}}";
        JsonStructure from = Json.parse(long1);
        JsonStructure to = Json.parse(long2);
        JsonArray patch = Json.patch(from, to);
        assertThat(Json.patched(from, patch)).isEqualTo(to);
        assertThat(Json.patched(to, Json.patch(to, from))).isEqualTo(from);
    }
}
