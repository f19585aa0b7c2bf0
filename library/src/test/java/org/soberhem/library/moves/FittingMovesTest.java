package org.soberhem.library.moves;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.TakeInSeam;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.fitting.Symptom;
import org.soberhem.core.fitting.Zone;
import org.soberhem.core.judging.CutState;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.library.Library;

/** What makers do at a fitting and after the cloth is cut. Amounts are common practice. */
class FittingMovesTest {

    private static final Library LIBRARY = Library.shipped();
    private static final double IN = 25.4;

    private static Pattern pattern(String id) {
        CompiledSheet sheet = LIBRARY.sheet(id).orElseThrow();
        return Drafter.draft(sheet, sheet.middle()).pattern();
    }

    private static List<String> zones(String id) {
        CompiledSheet sheet = LIBRARY.sheet(id).orElseThrow();
        return LIBRARY.zones().stream()
                .filter(zone -> zone.isOn(
                        sheet.sheet().about().garment(),
                        List.copyOf(sheet.sheet().pieces().keySet())))
                .map(Zone::id)
                .toList();
    }

    private static List<String> words(List<Sentence> sentences) {
        return sentences.stream()
                .map(each -> each.in(LengthFormat.INCH_EIGHTHS))
                .toList();
    }

    @Test
    void f1_zonesFollowFromThePieces() {
        assertThat(zones("jacket-1911")).contains("waist-back", "elbow", "collar", "seat");
        assertThat(zones("bathing-suit-1957")).contains("waist-back", "fork").doesNotContain("sleeve");
        assertThat(zones("drawers-1862")).contains("fork", "waist-back").doesNotContain("bust");
        assertThat(zones("chemise-1910")).contains("neck-back", "waist-front", "hem-front");
        assertThat(zones("bodice-1530")).doesNotContain("sleeve", "elbow", "collar");
    }

    @Test
    void f1_symptomsAreOffered_whereverTheirCausesCanBe() {
        assertThat(LIBRARY.symptoms().at("waist-back", "jacket")).isNotEmpty();
        assertThat(LIBRARY.symptoms().at("hem-front", "chemise")).isNotEmpty();
        assertThat(LIBRARY.symptoms().at("neck-back", "chemise"))
                .extracting(Symptom::id)
                .contains("neck-gapes-back");
    }

    @Test
    void f6_whatHadNoName_hasCausesTestsAndRemedies() {
        for (String id : List.of(
                "forearm-tight",
                "hem-flares",
                "dart-lump",
                "sleeve-volume-missing",
                "hollow-before-arm",
                "bust-over-stays",
                "nape-fold",
                "shoulder-wanders")) {
            Symptom symptom = LIBRARY.symptoms().find(id).orElseThrow();
            assertThat(symptom.causes()).as(id).hasSizeGreaterThanOrEqualTo(2).allSatisfy(cause -> {
                assertThat(cause.test().then()).isNotBlank();
                assertThat(cause.remedy().task()).isNotBlank();
            });
        }
    }

    /**
     * Taken in, a cut gown needs only unpicking; let out beyond its allowance it lacks cloth, and a piece is offered.
     */
    @Test
    void f3_onceItIsCut_onlyWhatTheClothAllows() {
        Pattern cut = pattern("gown-bodice-1785");
        Pattern narrower = taken(cut, IN / 2);
        CutState in = CutState.of(cut, narrower);
        assertThat(in.lacking()).isEmpty();
        assertThat(in.added()).isEmpty();
        assertThat(words(in.unpick()))
                .anySatisfy(line -> assertThat(line).startsWith("Unpick ").contains("side"));

        CutState out = CutState.of(cut, taken(cut, -3 * IN));
        assertThat(words(out.lacking()))
                .isNotEmpty()
                .allSatisfy(line -> assertThat(line)
                        .contains("is cut: ", " is lacking at its ", "set in a gusset, a gore or a band"));
        for (CompiledSheet sheet : LIBRARY.sheets()) {
            Pattern same = pattern(sheet.sheet().id());
            assertThat(CutState.of(same, same).isChanged())
                    .as(sheet.sheet().id())
                    .isFalse();
        }
    }

    @Test
    void f3_aPieceLetIn_isNewAndCutFromWhatIsLeft() {
        Pattern cut = pattern("gown-bodice-1785");
        Alteration gusset = LIBRARY.alterations().stream()
                .filter(each -> each.id().equals("underarm-gusset"))
                .map(kind -> kind.make(kind.usual(cut).orElseThrow(), Sides.BOTH))
                .findFirst()
                .orElseThrow();
        CutState state = CutState.of(cut, gusset.apply(cut).pattern());
        assertThat(words(state.added()))
                .anySatisfy(line -> assertThat(line).contains("gusset", "cut it from what is left"));
    }

    private static Pattern taken(Pattern pattern, double amount) {
        return new TakeInSeam(EdgeRef.parse("side-back.side"), amount, amount, Sides.BOTH)
                .apply(pattern)
                .pattern();
    }
}
