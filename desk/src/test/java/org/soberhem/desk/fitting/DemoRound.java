package org.soberhem.desk.fitting;

import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.fitting.Symptom;
import org.soberhem.studio.Studio;
import org.soberhem.studio.demo.Studios;

/** The rounds of a costume of the demo, without a window. */
abstract class DemoRound {

    @TempDir
    private Path folder;

    private final String costume;
    Studio studio;
    FittingRound round;
    Deciding deciding;
    Trying trying;

    /** @param costume id of the costume that is opened */
    DemoRound(String costume) {
        this.costume = costume;
    }

    @BeforeEach
    void openDemo() {
        studio = Studios.demo(folder);
        studio.open(costume);
        round = new FittingRound(studio);
        deciding = round.deciding();
        trying = new Trying(studio, round);
    }

    @AfterEach
    void close() {
        studio.keeper().close();
    }

    Fitting fitting() {
        return round.fitting().orElseThrow();
    }

    /** Returns the chosen remark. */
    Remark remark() {
        return round.chosen().orElseThrow().remark();
    }

    /** Chooses a symptom as the maker does: page by page, by its digit. */
    void see(String symptom) {
        int pages = (round.symptoms(remark()).size() + FittingRound.ROWS - 1) / FittingRound.ROWS;
        for (int page = 0; page < pages; page++) {
            List<String> shown = round.shown(remark()).stream().map(Symptom::id).toList();
            if (shown.contains(symptom)) {
                round.see(shown.indexOf(symptom) + 1);
                return;
            }
            round.turnPage();
        }
        throw new AssertionError(symptom + " is not seen there");
    }
}
