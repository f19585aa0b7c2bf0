package org.soberhem.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.DraftingSteps;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.Side;

/** Every shipped sheet: nothing in it is idle, and it says what a cutter needs to know. */
class SheetsAreTidyTest {

    private static final Pattern WORD =
            Pattern.compile("[A-Za-z][A-Za-z0-9]*(?:-[A-Za-z0-9]+)*(?:\\.[A-Za-z][A-Za-z0-9]*(?:-[A-Za-z0-9]+)*)?");

    static Stream<CompiledSheet> sheets() {
        return Library.shipped().sheets().stream();
    }

    private static String textOf(CompiledSheet sheet) {
        return Library.shipped().sheetText(sheet.sheet().id()).orElseThrow();
    }

    /** Words of the sheet that stand for something, without comments, titles and reasons. */
    private static List<String> words(CompiledSheet sheet) {
        String text = textOf(sheet)
                .replaceAll("(?m)^#.*$", "")
                .replaceAll("(?s)^.*?\nmeasures:", "measures:")
                .replaceAll("(?m)^middle:.*$", "")
                .replaceAll("(?s)\nsewing:.*$", "")
                .replaceAll("why: (?:\"[^\"]*\"|[^,}\n]*)", "");
        List<String> words = new ArrayList<>();
        Matcher matcher = WORD.matcher(text);
        while (matcher.find()) {
            words.add(matcher.group());
        }
        return words;
    }

    @ParameterizedTest
    @MethodSource("sheets")
    void measuresSettingsEaseAndAmounts_areAllUsed(CompiledSheet sheet) {
        List<String> words = words(sheet);
        Set<String> named = new HashSet<>();
        named.addAll(sheet.sheet().measures().keySet());
        named.addAll(sheet.sheet().settings().keySet());
        named.addAll(sheet.sheet().amounts().keySet());
        named.remove("allowance");
        for (String name : named) {
            assertThat(words.stream().filter(name::equals).count())
                    .as("%s uses %s", sheet.sheet().id(), name)
                    .isGreaterThan(1);
        }
        for (String place : sheet.sheet().ease().keySet()) {
            assertThat(words.contains("ease." + place)
                            || words.stream().filter(place::equals).count() > 1)
                    .as("%s uses the ease %s", sheet.sheet().id(), place)
                    .isTrue();
        }
    }

    @ParameterizedTest
    @MethodSource("sheets")
    void sheet_saysWhereItComesFrom_howItIsSewn_andWhatToMind(CompiledSheet sheet) {
        assertThat(sheet.sheet().about().sources())
                .isNotEmpty()
                .allMatch(source ->
                        source.note().contains("memory") || source.note().contains("common practice"));
        assertThat(sheet.sheet().about().cautions()).isNotEmpty();
        assertThat(sheet.sheet().sewing()).hasSizeGreaterThanOrEqualTo(3);
        assertThat(sheet.sheet().about().from())
                .isLessThanOrEqualTo(sheet.sheet().about().to());
    }

    /** Laced and boned garments show the usual cautions (common practice). */
    @ParameterizedTest
    @MethodSource("sheets")
    void sheet_thatIsLaced_tellsToStopAtPain(CompiledSheet sheet) {
        boolean laced = textOf(sheet).contains("lacing gap");
        assertThat(sheet.sheet().about().cautions().stream()
                        .anyMatch(caution -> caution.contains("stop at pain") && caution.contains("clinician")))
                .isEqualTo(laced);
    }

    @ParameterizedTest
    @MethodSource("sheets")
    void everySewnEdge_isSewnToSomething(CompiledSheet sheet) {
        Draft draft = Drafter.draft(sheet, sheet.middle());
        Set<String> joined = new HashSet<>();
        for (Seam seam : draft.pattern().seams()) {
            seam.first().forEach(ref -> joined.add(ref.toString()));
            seam.second().forEach(ref -> joined.add(ref.toString()));
        }
        for (Piece piece : draft.pattern().pieces()) {
            piece.edges().stream()
                    .filter(edge -> List.of(Role.SHOULDER, Role.SIDE, Role.CAP, Role.UNDERARM)
                            .contains(edge.role()))
                    // The cap of a sleeve that is drawn alone is set in the arm-hole of another garment.
                    .filter(edge -> edge.role() != Role.CAP
                            || !sheet.sheet().about().garment().equals("sleeve"))
                    .forEach(edge -> assertThat(joined)
                            .as("%s of %s", edge.name(), sheet.sheet().id())
                            .contains(piece.name() + "." + edge.name()));
        }
    }

    @ParameterizedTest
    @MethodSource("sheets")
    void dartLegs_areEquallyLong(CompiledSheet sheet) {
        Draft draft = Drafter.draft(sheet, sheet.middle());
        draft.pattern().pieces().stream()
                .flatMap(piece -> piece.darts().stream())
                .forEach(dart -> assertThat(dart.point().distanceTo(dart.first())
                                - dart.point().distanceTo(dart.second()))
                        .as(dart.name())
                        .isBetween(-0.5, 0.5));
    }

    @ParameterizedTest
    @MethodSource("sheets")
    void walk_drawsEveryEdgeOnce_inWordsWithoutGaps(CompiledSheet sheet) {
        DraftingSteps walk = DraftingSteps.of(sheet, sheet.middle());
        Draft draft = Drafter.draft(sheet, sheet.middle());
        for (String piece : sheet.sheet().pieces().keySet()) {
            List<String> drawn = walk.of(piece).stream()
                    .filter(step -> step.kind() == DraftingSteps.Kind.LINE)
                    .map(DraftingSteps.Step::subject)
                    .toList();
            assertThat(drawn)
                    .containsExactlyInAnyOrderElementsOf(
                            draft.pattern().piece(piece, Side.LEFT).orElseThrow().edges().stream()
                                    .map(edge -> edge.name())
                                    .toList());
            assertThat(walk.of(piece)).extracting(DraftingSteps.Step::kind).endsWith(DraftingSteps.Kind.CUT);
        }
        assertThat(walk.steps())
                .extracting(step -> step.whole().in(LengthFormat.CENTIMETRES))
                .allMatch(words -> !words.contains("{}") && !words.contains("null") && !words.contains("NaN"))
                .noneMatch(words -> words.contains("cm°"));
    }
}
