package org.soberhem.core.formula;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LooseFormulaTest {

    private static final double MM = 1e-9;
    private static final Map<String, Double> BUST = Map.of("bust", 977.9);

    @ParameterizedTest
    @CsvSource({
        "bust / 36, 27.163888888888888",
        "bust ÷ 36, 27.163888888888888",
        "'bust / 2 - (bust / 3 + 6 in)', 10.583333333333371",
        "1 3/4 in, 44.45",
        "'max(bust / 40, 1 in)', 25.4",
        "'up(bust, 1 in)', 990.6",
        "'if(bust > 36 in, bust / 36, 1 in)', 27.163888888888888"
    })
    void length_ofAFormula(String formula, double millimetres) {
        assertThat(LooseFormula.length(formula, BUST)).isCloseTo(millimetres, within(MM));
    }

    @Test
    void length_unknownName_namesWhatIsKnown() {
        assertThatThrownBy(() -> LooseFormula.length("bost / 36", BUST))
                .isInstanceOf(SheetException.class)
                .hasMessage("in \"bost / 36\", \"bost\" is not known here; known are bust");
    }

    @Test
    void length_ofAPureNumber_isRefused() {
        assertThatThrownBy(() -> LooseFormula.length("36", BUST))
                .isInstanceOf(SheetException.class)
                .hasMessageContaining("a pure number, but a length must stand here");
        assertThatThrownBy(() -> LooseFormula.length("bust + 3", BUST)).isInstanceOf(SheetException.class);
        assertThatThrownBy(() -> LooseFormula.length("distance(A, B)", BUST)).isInstanceOf(SheetException.class);
    }
}
