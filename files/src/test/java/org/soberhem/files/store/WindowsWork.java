package org.soberhem.files.store;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.LengthenAtLevel;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.Reading;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.fitting.Conditions;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Mockup;
import org.soberhem.core.fitting.Picture;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Side;
import org.soberhem.files.store.stored.Codec;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;

/**
 * What a maker does in the window, one action after another: readings, remarks, alterations, versions, pictures, steps
 * back.
 */
final class WindowsWork {

    /** As long as a sheet is; what stands in it does not matter to the store. */
    private static final String TEXT = "draft: petticoat\n" + "# a line of a sheet\n".repeat(400);

    private static final Inputs INPUTS = Inputs.of(Map.of("waist", 700.0));
    private static final Pattern PATTERN = new Pattern("petticoat", List.of(), List.of());
    private static final JsonMapper SORTED = JsonMapper.builder()
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .build();
    /** So many states are gone back through when work is taken up again. */
    private static final int REMEMBERED = 20;

    private static final LocalDate DAY = LocalDate.of(2026, 5, 14);

    private Workspace workspace;
    private final Random random;
    private final List<Wearer> wearers = new ArrayList<>();
    private final List<Costume> costumes = new ArrayList<>();
    private int wearer = -1;
    private int costume = -1;

    WindowsWork(Workspace workspace, long seed) {
        this.workspace = workspace;
        this.random = new Random(seed);
    }

    /** Goes on with the workspace opened anew. */
    void with(Workspace opened) {
        workspace = opened;
    }

    /**
     * Takes up a workspace where another process left it, with the last states that can be gone back to and all ahead.
     */
    void resume() {
        wearer = resumed("wearer", "ada", Wearer.class, wearers);
        costume = resumed("costume", "c", Costume.class, costumes);
    }

    private <T> int resumed(String kind, String id, Class<T> type, List<T> states) {
        List<HistoryLine<T>> lines = workspace.lines(kind, type);
        if (lines.isEmpty()) {
            return -1;
        }
        HistoryLine<T> at = lines.get(0);
        states.add(at.value());
        int head = 0;
        for (; at.undoable() && head < REMEMBERED; head++) {
            at = workspace.undo(id, type);
            states.add(0, at.value());
        }
        for (int i = 0; i < head; i++) {
            at = workspace.redo(id, type);
        }
        int ahead = 0;
        for (; !at.redo().isEmpty(); ahead++) {
            at = workspace.redo(id, type);
            states.add(at.value());
        }
        for (; ahead > 0; ahead--) {
            workspace.undo(id, type);
        }
        return head;
    }

    /** The states of both lines as one word: what must be found again. */
    String state() {
        return word(wearer < 0 ? null : wearers.get(wearer), costume < 0 ? null : costumes.get(costume));
    }

    /** What is found in a workspace, as {@link #state} puts it. */
    static String found(Workspace workspace) {
        return word(
                workspace.lines("wearer", Wearer.class).stream()
                        .map(HistoryLine::value)
                        .findFirst()
                        .orElse(null),
                workspace.lines("costume", Costume.class).stream()
                        .map(HistoryLine::value)
                        .findFirst()
                        .orElse(null));
    }

    private static String word(Wearer wearer, Costume costume) {
        Object values = SORTED.treeToValue(
                JsonNodeFactory.instance
                        .arrayNode()
                        .add(Codec.whole().tree(wearer))
                        .add(Codec.whole().tree(costume)),
                Object.class);
        return Attachments.hash(SORTED.writeValueAsBytes(values));
    }

    /** The pictures that the costume names must be there, and whole. */
    static void pictures(Workspace workspace) throws IOException {
        for (HistoryLine<Costume> line : workspace.lines("costume", Costume.class)) {
            for (Fitting fitting : line.value().fittings()) {
                for (Picture picture : fitting.pictures()) {
                    Path file = workspace.attachment(picture.hash()).orElseThrow();
                    if (!Attachments.hash(file).equals(picture.hash())) {
                        throw new IllegalStateException("A picture is damaged");
                    }
                }
            }
        }
    }

    /** Something that is to be done; it is not done before {@link #run}. */
    interface Act {
        void run();
    }

    /** Draws what is done next, and with it what the state will be. */
    Act next() {
        if (wearer < 0) {
            return onWearer(Wearer.of("ada", "Ada", "0", List.of()));
        }
        if (costume < 0) {
            Garment garment = new Garment("Petticoat", TEXT, Map.of(), List.of(), List.of());
            return onCostume(new Costume(
                    "c", "C", "", 1778, Optional.empty(), "ada", "", "", List.of(garment), List.of(), "0", Map.of()));
        }
        return switch (random.nextInt(10)) {
            case 0, 1 -> reading();
            case 2 -> step(true);
            case 3 -> step(false);
            case 4 -> version();
            case 5 -> picture();
            case 6 -> remark();
            default -> alteration();
        };
    }

    private Act onWearer(Wearer next) {
        wearers.subList(wearer + 1, wearers.size()).clear();
        wearers.add(next);
        wearer++;
        return () -> workspace.keep("wearer", "ada", next, Action.of("read", "Read"), Wearer.class);
    }

    private Act onCostume(Costume next) {
        costumes.subList(costume + 1, costumes.size()).clear();
        costumes.add(next);
        costume++;
        return () -> workspace.keep("costume", "c", next, Action.of("change", "Changed"), Costume.class);
    }

    private Act reading() {
        Wearer now = wearers.get(wearer);
        List<Reading> readings = new ArrayList<>(
                now.sets().isEmpty() ? List.of() : now.sets().get(0).readings());
        readings.add(new Reading(
                "waist",
                Side.MIDDLE,
                Posture.STANDING,
                List.of(LengthEntry.parse("2" + random.nextInt(9), LengthUnit.INCH))));
        MeasurementSet set = MeasurementSet.of("may", DAY, "none", "", "", readings);
        return onWearer(Wearer.of("ada", "Ada", now.note(), List.of(set)));
    }

    private Act alteration() {
        Costume now = costumes.get(costume);
        Garment garment = now.garments().get(0);
        return onCostume(now.with(garment.with(LengthenAtLevel.evenly("waist", random.nextInt(9) + 1, Sides.BOTH))));
    }

    private Act version() {
        Costume now = costumes.get(costume);
        return onCostume(now.with(now.garments().get(0).withVersion(DAY, "next", INPUTS, PATTERN)));
    }

    private Fitting fitting(Costume now) {
        return now.latestFitting()
                .orElse(Fitting.begun(
                        1, DAY, new Mockup(Map.of("Petticoat", 1), "calico"), new Conditions("", true, "")));
    }

    private Act remark() {
        Costume now = costumes.get(costume);
        Fitting fitting = fitting(now);
        String id = "1-" + (fitting.remarks().size() + 1);
        return onCostume(now.with(fitting.with(Remark.at(id, "Petticoat", "hem", Sides.BOTH))));
    }

    private Act picture() {
        Costume now = costumes.get(costume);
        Fitting fitting = fitting(now);
        byte[] content = ("picture " + random.nextInt()).getBytes(StandardCharsets.UTF_8);
        String hash = Attachments.hash(content);
        Act kept = onCostume(now.with(fitting.with(new Picture(hash, "front", ""))));
        return () -> {
            workspace.attach(content);
            kept.run();
        };
    }

    private Act step(boolean back) {
        if (random.nextBoolean()) {
            wearer = moved(wearer, wearers.size(), back);
            return stepping("ada", Wearer.class, back, wearers.get(wearer));
        }
        costume = moved(costume, costumes.size(), back);
        return stepping("c", Costume.class, back, costumes.get(costume));
    }

    private static int moved(int at, int size, boolean back) {
        return back ? Math.max(0, at - 1) : Math.min(size - 1, at + 1);
    }

    /** A step that failed may have been taken: it is looked for before it is taken again. */
    private <T> Act stepping(String id, Class<T> type, boolean back, T there) {
        return () -> {
            if (workspace.line(id, type).value().equals(there)) {
                return;
            }
            T found = back
                    ? workspace.undo(id, type).value()
                    : workspace.redo(id, type).value();
            if (!found.equals(there)) {
                throw new IllegalStateException("A step led elsewhere");
            }
        };
    }
}
