package org.soberhem.library.moves;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.soberhem.core.alter.Effect;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.NewSeam;
import org.soberhem.core.cloth.ClothUse;
import org.soberhem.core.cloth.LayRules;
import org.soberhem.core.cloth.Notion;
import org.soberhem.core.cloth.PiecesToLay;
import org.soberhem.core.cloth.Stash;
import org.soberhem.core.costume.Progress;
import org.soberhem.core.draft.Checks;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.judging.Piecing;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.plan.Manner;
import org.soberhem.core.plan.Task;
import org.soberhem.core.report.CostReport;
import org.soberhem.library.Library;

/** Cloth, notions and what is told at the table. Amounts are common practice. */
class MakingMovesTest {

    private static final Library LIBRARY = Library.shipped();
    private static final double IN = 25.4;

    private static List<CompiledSheet> sheets() {
        return LIBRARY.sheets();
    }

    private static Notion.Kind kind(String id) {
        return LIBRARY.notions().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** 4½ yards at 3.00 a yard are 13.50, and told in yards; the same cloth in metres. */
    @Test
    void c1_clothIsBoughtByTheYard() {
        LengthFormat inches = LengthFormat.INCH_EIGHTHS;
        double metres = 4.5 * LengthUnit.YARD.millimetres() / 1000;
        CostReport.Line line = new CostReport.Line("linen", metres, true, inches.metrePrice(3));
        assertThat(line.sum()).isEqualTo(13.5, within(1e-9));
        assertThat(line.words(inches)).isEqualTo("4½ yd");
        assertThat(line.words(LengthFormat.CENTIMETRES)).isEqualTo("4.11 m");
        assertThat(inches.clothPrice(inches.metrePrice(3))).isEqualTo(3, within(1e-9));
        assertThat(LengthFormat.CENTIMETRES.clothPrice(3)).isEqualTo(3);
    }

    /** Nine wanted, sets of 8 and 6: fourteen buttons are in hand, and yet it is one short of a set. */
    @Test
    void c2_buttonsComeInSets() {
        Stash stash = Stash.EMPTY.withSets(kind("button"), List.of(6.0, 8.0), 0.2);
        assertThat(stash.amount("button")).isEqualTo(14);
        assertThat(stash.lacking(kind("button"), List.of(9.0))).isEqualTo(1);
        assertThat(stash.lacking(kind("button"), List.of(8.0))).isZero();
        assertThat(stash.lacking(kind("button"), List.of(6.0, 8.0))).isZero();
        assertThat(stash.lacking(kind("button"), List.of(6.0, 8.0, 2.0))).isEqualTo(2);
        assertThat(Stash.EMPTY.lacking(kind("hook"), List.of(3.0, 2.0))).isEqualTo(5);
    }

    @ParameterizedTest
    @MethodSource("sheets")
    void c3_everySheetCountsWhatItNeeds(CompiledSheet sheet) {
        Pattern pattern = Drafter.draft(sheet, sheet.middle()).pattern();
        Map<String, Double> notions = Checks.notions(sheet, sheet.middle(), pattern);
        assertThat(notions).as(sheet.sheet().id()).isNotEmpty().allSatisfy((id, amount) -> {
            assertThat(LIBRARY.notions()).extracting(Notion.Kind::id).contains(id);
            assertThat(amount).isBetween(0.0, 50_000.0);
        });
    }

    /** An arm-hole is told as one, by its own name. */
    @Test
    void f7_theArmHoleIsToldAsOne() {
        CompiledSheet blouse = LIBRARY.sheet("blouse-1906").orElseThrow();
        Pattern before = Drafter.draft(blouse, blouse.middle()).pattern();
        double hole = before.pieces().stream()
                .filter(piece -> piece.side() == Side.LEFT)
                .flatMap(piece -> piece.edges().stream())
                .filter(edge -> edge.role() == Role.ARMSCYE)
                .mapToDouble(edge -> edge.path().length())
                .sum();
        Pattern after = LIBRARY.alterations().stream()
                .filter(each -> each.id().equals("raise-armscye"))
                .findFirst()
                .orElseThrow()
                .make(Map.of("atSide", -IN), Sides.BOTH)
                .apply(before)
                .pattern();
        List<Effect> effects = Effect.between(before, after);
        assertThat(effects)
                .extracting(Effect::name)
                .contains("arm-hole")
                .noneMatch(name -> name.contains("whole armscye"));
        assertThat(effects.stream()
                        .filter(effect -> effect.name().equals("arm-hole"))
                        .findFirst()
                        .orElseThrow()
                        .before())
                .isEqualTo(hole, within(0.01));
    }

    /** By hand the seams take two and a half times as long and leave the bench; by machine nothing can travel. */
    @Test
    void c6_theMannerOfSewing_changesMinutesAndWhatCanTravel() {
        List<Task> mixed = steps(Manner.MIXED);
        List<Task> byHand = steps(Manner.BY_HAND);
        List<Task> byMachine = steps(Manner.BY_MACHINE);
        assertThat(minutes(byHand)).isGreaterThan(minutes(mixed)).isGreaterThan(minutes(byMachine));
        assertThat(byMachine)
                .filteredOn(task -> LIBRARY.sheet("shirt-1780")
                        .orElseThrow()
                        .sheet()
                        .sewing()
                        .contains(task.title()))
                .allMatch(task -> task.where() == Task.Where.BENCH);
        assertThat(byHand).anyMatch(task -> task.where() != Task.Where.BENCH);
    }

    private static List<Task> steps(Manner manner) {
        var sheet = LIBRARY.sheet("shirt-1780").orElseThrow().sheet();
        return LIBRARY.making().sewn(manner).steps("Shirt", "shirt", sheet.sewing(), Set.of());
    }

    private static int minutes(List<Task> tasks) {
        return tasks.stream()
                .filter(task -> task.kind() == Task.Kind.WORK)
                .mapToInt(Task::minutes)
                .sum();
    }

    /** Straight widths stay on their thread: a shift and a petticoat wait for nothing, a gored skirt hangs. */
    @Test
    void c5_onlyWhatHangs_waits() {
        assertThat(LIBRARY.making().hangs("shift")).isFalse();
        assertThat(LIBRARY.making().hangs("petticoat")).isFalse();
        assertThat(LIBRARY.making().hangs("gathered-skirt")).isFalse();
        assertThat(LIBRARY.making().hangs("skirt")).isTrue();
    }

    /**
     * A collar from a curtain, its facing from a third cloth: each is an outer cloth of its own, and goes when not
     * wanted.
     */
    @Test
    void c4_thereAreAnyNumberOfOuterCloths() {
        CompiledSheet jacket = LIBRARY.sheet("jacket-1911").orElseThrow();
        Pattern pattern = Drafter.draft(jacket, jacket.middle()).pattern();
        ClothUse outer = ClothUse.of("Jacket", "outer").with(List.of(), List.of("collar", "sleeve"), List.of());
        Progress two = Progress.NOT_BEGUN.with(outer);
        assertThat(laid(two, pattern, "outer"))
                .doesNotContain("collar", "sleeve")
                .contains("front");
        assertThat(laid(two, pattern, "outer 2")).containsExactlyInAnyOrder("collar", "sleeve");

        ClothUse second = two.use("Jacket", "outer 2").orElseThrow().with(List.of(), List.of("sleeve"), List.of());
        Progress three = two.with(second);
        assertThat(laid(three, pattern, "outer 2")).containsExactly("collar");
        assertThat(laid(three, pattern, "outer 3")).containsExactly("sleeve");

        Progress one = three.with(outer.with(List.of(), List.of(), List.of()));
        assertThat(one.use("Jacket", "outer 2")).isEmpty();
        assertThat(one.use("Jacket", "outer 3")).isEmpty();
        assertThat(laid(one, pattern, "outer")).contains("collar", "sleeve");
    }

    /** Piecing at the selvedge is common practice: every part lies on the cloth, and together they are the piece. */
    @Test
    void c4_aPieceWiderThanTheCloth_isPieced() {
        int pieced = 0;
        for (CompiledSheet sheet : sheets()) {
            Pattern pattern = Drafter.draft(sheet, sheet.middle()).pattern();
            for (boolean folded : List.of(false, true)) {
                LayRules rules = LayRules.plain(folded ? 560 : 400, folded, false);
                ClothUse use = ClothUse.of("It", "outer");
                Piecing how = Piecing.of(pattern, use, rules);
                Set<String> wide = Piecing.tooWide(pattern, use, rules);
                assertThat(how.left()).as(sheet.sheet().id()).isSubsetOf(wide);
                assertThat(Piecing.tooWide(how.pattern(), use, rules))
                        .as(sheet.sheet().id())
                        .isEqualTo(how.left());
                assertThat(how.seams().isEmpty()).isEqualTo(wide.equals(how.left()));
                Pattern made = pattern;
                for (NewSeam seam : how.seams()) {
                    made = seam.made(made);
                }
                assertThat(made).isEqualTo(how.pattern());
                assertThat(area(made)).as(sheet.sheet().id()).isCloseTo(area(pattern), withinPercentage(1e-3));
                pieced += how.pieced().size();
                assertThat(how.pieced().size() + how.left().size()).isEqualTo(wide.size());
            }
        }
        assertThat(pieced).isGreaterThan(20);
    }

    private static double area(Pattern pattern) {
        return pattern.pieces().stream()
                .mapToDouble(piece -> piece.cut().getOrDefault("outer", 0)
                        * (piece.shape() == CutShape.FOLD ? 2 : 1)
                        * Math.abs(piece.seamLine().signedArea()))
                .sum();
    }

    private static Set<String> laid(Progress progress, Pattern pattern, String use) {
        return PiecesToLay.of(pattern, progress.use("Jacket", use).orElseThrow()).spreads().stream()
                .map(spread -> spread.piece().name())
                .collect(Collectors.toSet());
    }
}
