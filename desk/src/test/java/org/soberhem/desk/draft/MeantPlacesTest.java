package org.soberhem.desk.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.alter.Places;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.library.Library;

class MeantPlacesTest {

    private static final Library LIBRARY = Library.shipped();
    private static final Pattern CORSET = pattern("corset-1900");

    private static Pattern pattern(String id) {
        CompiledSheet sheet = LIBRARY.sheet(id).orElseThrow();
        return Drafter.draft(sheet, sheet.middle()).pattern();
    }

    private static List<Object> fitting(Pattern pattern, String kind) {
        AlterationKind.Ask ask = LIBRARY.alterations().stream()
                .filter(each -> each.id().equals(kind))
                .findFirst()
                .orElseThrow()
                .asks()
                .get(0);
        return ask.fitting(pattern, Places.of(pattern, ask.as(), Optional.empty()), List.of());
    }

    @Test
    void bothEdgesOfASeam_areLit_andNothingIsAskedWhereOneFits() {
        Pattern gown = pattern("gown-bodice-1785");
        EdgeRef side = EdgeRef.parse("front.side");
        MeantPlaces meant = new MeantPlaces(gown, List.of(new MeantPlaces.Answer(side, fitting(gown, "take-in-seam"))));
        assertThat(meant.lit()).containsExactlyInAnyOrder(side, EdgeRef.parse("side-back.side"));
        assertThat(meant.question()).isEmpty();
    }

    @Test
    void twoSeamsThatFit_areBothLit_andAskedAbout_untilTheMakerChose() {
        EdgeRef first = EdgeRef.parse("front.back-seam");
        MeantPlaces offered = new MeantPlaces(
                CORSET,
                List.of(new MeantPlaces.Answer(
                        first,
                        List.of(first, EdgeRef.parse("side.back-seam"), EdgeRef.parse("side-back.front-seam")))));
        assertThat(offered.question()).contains("side back-seam").doesNotContain("side-back front-seam");
        assertThat(offered.lit())
                .contains(
                        first,
                        EdgeRef.parse("side-front.front-seam"),
                        EdgeRef.parse("side.back-seam"),
                        EdgeRef.parse("side-back.front-seam"));
        MeantPlaces chosen = new MeantPlaces(CORSET, List.of(new MeantPlaces.Answer(first, List.of())));
        assertThat(chosen.question()).isEmpty();
        assertThat(chosen.lit()).containsExactlyInAnyOrder(first, EdgeRef.parse("side-front.front-seam"));
    }
}
