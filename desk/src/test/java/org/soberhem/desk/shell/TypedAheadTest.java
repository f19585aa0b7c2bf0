package org.soberhem.desk.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.application.Platform;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.robot.Robot;
import org.junit.jupiter.api.Test;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Reading;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.Sentence;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** Keys come as fast as the window's queue takes them: none between Enter and the next field may be lost. */
class TypedAheadTest extends DemoJourney {

    private static final int READINGS = 200;

    /** Puts keys into the window's queue without waiting for what they do. */
    private static void keys(List<KeyCode> codes) {
        codes.forEach(code -> Platform.runLater(() -> new Robot().keyType(code)));
    }

    private static List<KeyCode> typed(String text) {
        List<KeyCode> codes = new ArrayList<>();
        for (char letter : text.toCharArray()) {
            codes.add(letter == '.' ? KeyCode.PERIOD : KeyCode.getKeyCode(String.valueOf(letter)));
        }
        codes.add(KeyCode.ENTER);
        return codes;
    }

    /** Values of different length, so that a lost digit makes another reading. */
    private static String value(int i) {
        return i % 3 == 0 ? String.valueOf(20 + i % 9) : String.format(Locale.ROOT, "%d.%d", 20 + i % 7, 1 + i % 9);
    }

    private List<String> read() {
        List<MeasurementSet> sets = studio.situation().wearer().sets();
        return sets.get(sets.size() - 1).readings().stream()
                .map(Reading::taken)
                .flatMap(List::stream)
                .map(LengthEntry::typed)
                .toList();
    }

    private void begin(FxRobot robot, String costume) {
        robot.interact(() -> {
            studio.open(costume);
            Wearer wearer = studio.situation().wearer();
            Wearer unread =
                    new Wearer(wearer.id(), wearer.name(), wearer.note(), wearer.build(), List.of(), wearer.consent());
            studio.keep(unread, "unread", Sentence.of("Not read yet"));
            studio.navigation().place().set(Optional.of(Stage.TAPE));
        });
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Looks how many steps the walk has; of these costumes none needs fewer once a reading is there. */
    private static int steps(FxRobot robot) {
        robot.type(KeyCode.F7);
        WaitForAsyncUtils.waitForFxEvents();
        Pattern progress = Pattern.compile("0 of (\\d+) read");
        int steps = robot
                .lookup((Labeled label) -> label.getText() != null
                        && progress.matcher(label.getText()).matches())
                .queryAll()
                .stream()
                .map(label -> progress.matcher(((Labeled) label).getText()))
                .filter(Matcher::matches)
                .mapToInt(found -> Integer.parseInt(found.group(1)))
                .findFirst()
                .orElseThrow();
        robot.type(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        return steps;
    }

    @Test
    void session_twoHundredReadingsWithoutAPause_areAllThere(FxRobot robot) {
        int all = 0;
        for (String costume : List.of(
                "clerk-1907",
                "post-1908",
                "secretary-1906",
                "keeper-1907",
                "boatman-1780",
                "regatta-1953",
                "wife-1778",
                "visit-1869")) {
            if (all >= READINGS) {
                break;
            }
            begin(robot, costume);
            int steps = steps(robot);
            List<KeyCode> codes = new ArrayList<>(List.of(KeyCode.F7, KeyCode.ENTER, KeyCode.ENTER));
            List<String> expected = new ArrayList<>();
            for (int step = 0; step < steps; step++) {
                for (int i = 0; i < 2; i++) {
                    String value = value(all + expected.size());
                    codes.addAll(typed(value));
                    expected.add(value);
                }
                codes.add(KeyCode.ENTER);
            }
            codes.add(KeyCode.ESCAPE);
            keys(codes);
            WaitForAsyncUtils.waitForFxEvents();
            List<String> found = read();
            assertThat(found).as(costume).isEqualTo(expected);
            all += found.size();
        }
        assertThat(all).isGreaterThanOrEqualTo(READINGS);
    }

    @Test
    void rows_readingsWithEnterAndTab_goOnFromFieldToField(FxRobot robot) {
        begin(robot, "clerk-1907");
        robot.type(KeyCode.F7, KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        robot.clickOn("#reading-full-bust-middle-0");
        List<KeyCode> codes = new ArrayList<>();
        List<String> expected = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            List<KeyCode> each = typed(value(i));
            if (i % 2 == 1) {
                each.set(each.size() - 1, KeyCode.TAB);
            }
            codes.addAll(each);
            expected.add(value(i));
        }
        keys(codes);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(read()).isEqualTo(expected);
    }
}
