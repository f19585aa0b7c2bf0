package org.soberhem.desk.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.library.Library;

class HandAnswersTest {

    private static final Library LIBRARY = Library.shipped();
    private static final EdgeRef SIDE = EdgeRef.parse("front.side");

    private static AlterationKind kind(String id) {
        return LIBRARY.alterations().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static Pattern blouse() {
        CompiledSheet sheet = LIBRARY.sheet("blouse-1906").orElseThrow();
        return Drafter.draft(sheet, sheet.middle()).pattern();
    }

    @Test
    void pulled_atTheUpperEnd_takesAtTheTop_asMuchFromBothEdges() {
        assertThat(HandAnswers.pulled(kind("take-in-seam"), SIDE, 0.1, 6, 300))
                .isEqualTo(Map.of("edge", SIDE, "atTop", 12.0));
    }

    @Test
    void pulled_halfWay_takesAtBothEnds_orInTheMiddleWhereThatIsAsked() {
        assertThat(HandAnswers.pulled(kind("take-in-seam"), SIDE, 0.5, -6, 300))
                .isEqualTo(Map.of("edge", SIDE, "atTop", -12.0, "atBottom", -12.0));
        assertThat(HandAnswers.pulled(kind("shape-seam"), SIDE, 0.5, 6, 300))
                .isEqualTo(Map.of("edge", SIDE, "atMiddle", 12.0));
    }

    @Test
    void pulled_forAmountsAtPlaces_saysWhere() {
        assertThat(HandAnswers.pulled(kind("shape-line"), SIDE, 0.25, 3, 400)
                        .get("amounts")
                        .toString())
                .contains("distance=100.0, amount=6.0");
    }

    @Test
    void isPulled_onlyWhereAnEdgeMoves() {
        assertThat(HandAnswers.isPulled(kind("hollow-edge"))).isTrue();
        assertThat(HandAnswers.isPulled(kind("dart-rotate"))).isFalse();
    }

    @Test
    void tapped_onAPiece_saysWhereAcross() {
        assertThat(HandAnswers.tapped(kind("widen-here"), blouse(), "back", new Point(124, 300)))
                .isEqualTo(Map.of("piece", "back", "at", 0.5));
    }

    @Test
    void tapped_nearAnEdge_choosesItAndThePlaceOnIt() {
        Map<String, Object> answers = HandAnswers.tapped(kind("dart-add"), blouse(), "back", new Point(60, 540));
        assertThat(answers.get("edge")).isEqualTo(EdgeRef.parse("back.hem"));
        assertThat((Double) answers.get("at")).isBetween(0.5, 0.95);
        assertThat(HandAnswers.tapped(kind("dart-rotate"), blouse(), "back", new Point(60, 540)))
                .as("a dart is not tapped")
                .isEmpty();
        assertThat(HandAnswers.tapped(kind("even-allowances"), blouse(), "back", new Point(60, 540)))
                .isEmpty();
    }
}
