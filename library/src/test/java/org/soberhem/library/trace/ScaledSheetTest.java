package org.soberhem.library.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.Checks;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.trace.DrawnBodyMeasure;
import org.soberhem.core.trace.ScaledSheet;
import org.soberhem.core.trace.Tracing;
import org.soberhem.library.bodies.Bodies;

/**
 * A traced plate scaled: at its own size it is the plate; by landmarks every landmark is met, on every measured body.
 */
class ScaledSheetTest {

    private static final double MILLIMETRE = 1e-3;

    /** Curves are drawn anew through the places where levels cross them, in millimetres. */
    private static final double REDRAWN = 0.35;

    private static final CompiledSheet SHEET = Plates.sheet(Plates.exact());
    private static final Pattern PLATE = Plates.jacket();

    private static Inputs by(Inputs body, String way) {
        return body.withSetting(ScaledSheet.SCALING, ScaledSheet.WAYS.indexOf(way));
    }

    private static Map<String, Double> errors(Inputs inputs) {
        Map<String, Double> errors = new TreeMap<>();
        for (CheckResult check :
                Checks.of(SHEET, inputs, Drafter.draft(SHEET, inputs).pattern())) {
            errors.put(check.name(), check.is() - (check.least() + check.most()) / 2);
        }
        return errors;
    }

    private static double armHole(Pattern pattern) {
        return pattern.length(List.of(EdgeRef.parse("back.armscye"), EdgeRef.parse("front.armscye")), Side.LEFT);
    }

    @ParameterizedTest
    @ValueSource(strings = {"landmarks", "across-and-along", "one-factor"})
    void sheet_atTheSizeAsDrawn_isThePlate(String way) {
        Pattern drawn = Drafter.draft(SHEET, by(SHEET.middle(), way)).pattern();
        for (String name : PLATE.names()) {
            Piece mine = drawn.piece(name, Side.LEFT).orElseThrow();
            Piece plate = PLATE.piece(name, Side.LEFT).orElseThrow();
            for (var edge : plate.edges()) {
                Path copy = mine.edge(edge.name()).orElseThrow().path();
                for (double share : new double[] {0, 0.2, 0.4, 0.6, 0.8, 1}) {
                    assertThat(copy.atShare(share).distanceTo(edge.path().atShare(share)))
                            .as("%s.%s at %s", name, edge.name(), share)
                            .isLessThan(REDRAWN);
                }
                assertThat(copy.length()).isCloseTo(edge.path().length(), within(REDRAWN));
            }
        }
    }

    @Test
    void oneFactor_isTheClosedForm_everyLengthTimesTheFactor() {
        double factor = 1.2;
        double bust = SHEET.middle().find("full-bust").orElseThrow().left();
        Inputs larger = by(SHEET.middle(), "one-factor").with("full-bust", Inputs.Measured.both(bust * factor));
        Pattern drawn = Drafter.draft(SHEET, by(SHEET.middle(), "one-factor")).pattern();
        Pattern scaled = Drafter.draft(SHEET, larger).pattern();
        for (Piece piece : drawn.pieces()) {
            Piece other = scaled.piece(piece.name(), piece.side()).orElseThrow();
            piece.edges()
                    .forEach(edge -> assertThat(
                                    other.edge(edge.name()).orElseThrow().path().length())
                            .as(piece.name() + "." + edge.name())
                            .isCloseTo(edge.path().length() * factor, within(0.02)));
        }
    }

    @Test
    void landmarks_onEveryBody_areMetWithinHalfAMillimetre_andSeamsAreTrue() {
        double least = 1;
        double most = 0;
        for (Inputs body : Bodies.all()) {
            assertThat(errors(body))
                    .allSatisfy((name, error) -> assertThat(error).as(name).isCloseTo(0, within(0.5)));
            Pattern pattern = Drafter.draft(SHEET, body).pattern();
            assertThat(pattern.seamChecks()).allMatch(SeamCheck::isTrue);
            pattern.pieces()
                    .forEach(piece -> assertThat(piece.seamLine().crossing()).isEmpty());
            double share =
                    armHole(pattern) / body.find("full-bust").orElseThrow().left();
            least = Math.min(least, share);
            most = Math.max(most, share);
        }
        // The usual band of an arm-hole against the bust: common practice.
        assertThat(least).isGreaterThan(0.40);
        assertThat(most).isLessThan(0.48);
    }

    @Test
    void plainFactor_onATallSlimBody_missesWhatLandmarksMeet() {
        Inputs tall = SHEET.middle()
                .with("full-bust", Inputs.Measured.both(840))
                .with("nape-to-waist", Inputs.Measured.both(420));
        assertThat(errors(by(tall, "one-factor")).get("Back to the waist")).isLessThan(-50);
        assertThat(errors(by(tall, "across-and-along")).get("Back to the waist"))
                .isCloseTo(0, within(1.0));
        assertThat(errors(by(tall, "landmarks")).get("Back to the waist")).isCloseTo(0, within(MILLIMETRE));
    }

    @Test
    void madeFor_isTheDrawingLessTheStatedEase() {
        Tracing stated = Plates.exact().easing("bust", 101.6);
        DrawnBodyMeasure bust = Plates.made(stated).get(0);
        assertThat(bust.landmark().id()).isEqualTo("bust");
        assertThat(bust.drawn()).isCloseTo(PLATE.girth("bust", List.of("back", "front")), within(0.1));
        assertThat(bust.body()).isCloseTo(bust.drawn() - 101.6, within(1e-9));
        assertThat(Plates.made(stated))
                .extracting(each -> each.landmark().id())
                .containsExactly(
                        "bust",
                        "waist",
                        "hip",
                        "neck",
                        "shoulder",
                        "back-length",
                        "front-length",
                        "hip-depth",
                        "upper-arm",
                        "wrist",
                        "arm-length");
    }

    @Test
    void unusedLandmark_isNotAskedFor_andFollowsTheBustByHalf() {
        Tracing tracing = Plates.exact().using("neck", false);
        CompiledSheet sheet = Plates.sheet(tracing);
        assertThat(sheet.requiredMeasures()).noneMatch(ids -> ids.contains("neck-base"));
        double bust = sheet.middle().find("full-bust").orElseThrow().left();
        Pattern drawn = Drafter.draft(sheet, sheet.middle()).pattern();
        Pattern larger = Drafter.draft(sheet, sheet.middle().with("full-bust", Inputs.Measured.both(bust * 1.2)))
                .pattern();
        assertThat(larger.length(EdgeRef.parse("back.neck"), Side.LEFT))
                .isCloseTo(1.1 * drawn.length(EdgeRef.parse("back.neck"), Side.LEFT), within(0.01));
    }
}
