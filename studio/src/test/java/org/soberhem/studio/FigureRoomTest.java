package org.soberhem.studio;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.soberhem.core.body.Build;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.stand.Stand;
import org.soberhem.library.Library;

/** Where stands are drawn: first roughly, then as they fit, and only what was asked for last. */
class FigureRoomTest {

    private static final Library LIBRARY = Library.shipped();

    private final Deque<Runnable> background = new ArrayDeque<>();
    private final List<String> shown = new ArrayList<>();

    private static BodyFigure body(double waist) {
        Map<String, Double> read = Map.of("height", 1640.0, "waist-crease", waist, "full-hip", 990.0);
        return new BodyFigure(LIBRARY.figurePlan(), Build.ADULT, measure -> read.getOrDefault(measure, Double.NaN));
    }

    private static String waist(Stand stand) {
        double off = stand.residuals().stream()
                .filter(each -> each.measure().equals("waist-crease"))
                .findFirst()
                .orElseThrow()
                .off();
        return Math.abs(off) < 0.5 ? "fitted" : "rough";
    }

    private void work() {
        while (!background.isEmpty()) {
            background.poll().run();
        }
    }

    @Test
    void inTheBackground_aRoughStandComesFirst_andIsNotMadeAgain() {
        FigureRoom room = new FigureRoom();
        room.workIn(background::add, Runnable::run);
        FigureRoom.Easel easel = room.easel();
        easel.draw(body(701.5), FigureRoomTest::waist, shown::add);
        assertThat(shown).isEmpty();
        work();
        assertThat(shown).containsExactly("rough", "fitted");
        easel.draw(body(701.5), FigureRoomTest::waist, shown::add);
        work();
        assertThat(shown).containsExactly("rough", "fitted", "fitted");
    }

    @Test
    void onlyTheLastCounts() {
        FigureRoom room = new FigureRoom();
        room.workIn(background::add, Runnable::run);
        FigureRoom.Easel easel = room.easel();
        for (double waist = 710; waist < 730; waist += 4) {
            double asked = waist;
            easel.draw(body(asked), stand -> waist(stand) + " " + asked, shown::add);
        }
        work();
        assertThat(shown).containsExactly("rough 726.0", "fitted 726.0");
    }

    @Test
    void atOnce_thereIsOnlyTheFittedOne() {
        FigureRoom room = new FigureRoom();
        room.easel().draw(body(733), FigureRoomTest::waist, shown::add);
        assertThat(shown).containsExactly("fitted");
        room.easel().look(body(733), stand -> shown.add("made"), odd -> shown.add("odd"));
        assertThat(shown).containsExactly("fitted", "made");
    }
}
