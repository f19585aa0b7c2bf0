package org.soberhem.studio;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.soberhem.core.body.Build;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.drape.ClothKind;
import org.soberhem.core.drape.Draped;
import org.soberhem.core.drape.TryOn;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.library.Library;

class TrialRoomTest {

    private static final Library LIBRARY = Library.shipped();
    private static final TryOn.Plan COARSE = new TryOn.Plan(ClothKind.MUSLIN, 30, true);

    private final List<Runnable> background = new ArrayList<>();
    private final List<String> heard = new ArrayList<>();
    private final TrialRoom room = new TrialRoom(new FigureRoom());

    private final TrialRoom.Watcher<Integer> watcher = new TrialRoom.Watcher<>() {
        @Override
        public void going(double share) {
            heard.add("going");
        }

        @Override
        public void seen(Integer vertices, boolean done) {
            heard.add(done ? "done" : "on the way");
        }

        @Override
        public void cannot(String why) {
            heard.add(why);
        }
    };

    private static BodyFigure body() {
        Map<String, Double> read =
                Map.of("height", 1650.0, "full-bust", 920.0, "waist-crease", 720.0, "full-hip", 980.0);
        return new BodyFigure(LIBRARY.figurePlan(), Build.ADULT, measure -> read.getOrDefault(measure, Double.NaN));
    }

    private static Pattern pattern(String id) {
        CompiledSheet sheet = LIBRARY.sheet(id).orElseThrow();
        return Drafter.draft(sheet, sheet.middle()).pattern();
    }

    private void tryOn(String id) {
        room.tryOn(body(), pattern(id), COARSE, (Draped draped) -> draped.mesh().vertexCount(), watcher);
    }

    @Test
    void trial_isHeardOf_andSeenAtTheEnd() {
        tryOn("bodice-1530");
        assertThat(heard).startsWith("going").endsWith("done").hasSizeGreaterThan(10);
    }

    @Test
    void trialAskedForLater_isTheOnlyOne() {
        room.workIn(background::add, Runnable::run);
        tryOn("bodice-1530");
        tryOn("walking-skirt-1906");
        background.forEach(Runnable::run);
        assertThat(heard).hasSize(2).last().asString().startsWith("Nothing of the pattern goes round the trunk");
    }

    @Test
    void stoppedTrial_isHeardOfNoMore() {
        room.workIn(background::add, Runnable::run);
        tryOn("bodice-1530");
        room.stop();
        background.forEach(Runnable::run);
        assertThat(heard).isEmpty();
    }
}
