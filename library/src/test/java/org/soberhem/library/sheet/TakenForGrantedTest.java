package org.soberhem.library.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.soberhem.core.draft.Assumptions;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.library.Library;

class TakenForGrantedTest {

    private static final double INCH = 25.4;
    private static final CompiledSheet BLOUSE =
            Library.shipped().sheet("blouse-1906").orElseThrow();

    private static List<Assumptions> of(CompiledSheet sheet, Inputs inputs) {
        return Assumptions.of(sheet, Drafter.draft(sheet, inputs), inputs);
    }

    @Test
    void of_theMiddleSize_isNothing() {
        assertThat(of(BLOUSE, BLOUSE.middle())).isEmpty();
    }

    @Test
    void of_aLargerBustAlone_tellsEveryOtherReading_theLargestShareFirst() {
        Inputs larger = BLOUSE.middle().with("full-bust", Inputs.Measured.both(45 * INCH));
        List<Assumptions> taken = of(BLOUSE, larger);
        assertThat(taken).extracting(Assumptions::measure).contains("waist", "back-length", "wrist");
        Assumptions waist = taken.stream()
                .filter(each -> each.measure().equals("waist"))
                .findFirst()
                .orElseThrow();
        assertThat(waist.drawn()).isEqualTo(30 * INCH, within(1e-9));
        assertThat(waist.sentence().in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("At a bust of 45 in the scale draws for a waist of 30 in; the tape says 24 in, 6 in less");
        for (int i = 0; i + 1 < taken.size(); i++) {
            assertThat(share(taken.get(i))).isGreaterThanOrEqualTo(share(taken.get(i + 1)) - 1e-9);
        }
    }

    private static double share(Assumptions taken) {
        return Math.abs(taken.drawn() - taken.read()) / taken.read();
    }

    @Test
    void of_aMeasuredSheet_isNothing() {
        CompiledSheet jacket = Library.shipped().sheet("jacket-1778").orElseThrow();
        Inputs larger = jacket.middle().with("full-bust", Inputs.Measured.both(40 * INCH));
        assertThat(of(jacket, larger)).isEmpty();
    }

    @Test
    void of_whatTheSheetReadsByTheTape_isLeftOut() {
        CompiledSheet bodice = Library.shipped().sheet("bodice-1869").orElseThrow();
        Inputs larger = bodice.middle().with("full-bust", Inputs.Measured.both(40 * INCH));
        assertThat(of(bodice, larger)).extracting(Assumptions::measure).doesNotContain("waist", "back-length", "arm");
    }
}
