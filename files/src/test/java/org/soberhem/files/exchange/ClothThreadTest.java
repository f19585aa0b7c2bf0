package org.soberhem.files.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.StringReader;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.component.VToDo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.soberhem.core.cloth.Cloth;
import org.soberhem.core.cloth.ClothUse;
import org.soberhem.core.cloth.Lay;
import org.soberhem.core.cloth.LayPlanner;
import org.soberhem.core.cloth.LayRules;
import org.soberhem.core.cloth.Notion;
import org.soberhem.core.cloth.PiecesToLay;
import org.soberhem.core.cloth.PlacedPiece;
import org.soberhem.core.cloth.Stash;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.judging.ClothSupply;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.Judgement;
import org.soberhem.core.judging.Supplies;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.plan.Bench;
import org.soberhem.core.plan.Forecast;
import org.soberhem.core.plan.Spell;
import org.soberhem.core.plan.Task;
import org.soberhem.core.report.CostReport;
import org.soberhem.library.Library;

/** From a drafted garment to cloth that may be cut, its cost and its dates. */
class ClothThreadTest {

    private static final Library LIBRARY = Library.shipped();
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 5, 14, 9, 0);

    static List<String> sheets() {
        return LIBRARY.sheets().stream().map(sheet -> sheet.sheet().id()).toList();
    }

    private static DraftedGarment work(String sheet) {
        CompiledSheet compiled = LIBRARY.sheet(sheet).orElseThrow();
        return DraftedGarment.of(compiled, compiled.middle(), List.of());
    }

    private static Costume costume(ClothUse use) {
        Garment garment = new Garment(use.garment(), "", Map.of(), List.of(), List.of());
        Costume bare = new Costume(
                "c",
                "Frock",
                "",
                1953,
                Optional.of(LocalDate.of(2026, 9, 1)),
                "w",
                "s",
                "none",
                List.of(garment),
                List.of(),
                "",
                Map.of());
        return bare.withUnderway(bare.underway().with(use));
    }

    private static Supplies supplies(Cloth... cloths) {
        return new Supplies(
                new Stash(List.of(cloths), List.of(new Notion("hook", "hooks", 3, 0.5))), LIBRARY.fibres(), NOW);
    }

    private static Lay first(PiecesToLay pieces, LayRules rules) {
        Lay[] found = new Lay[1];
        new LayPlanner(pieces.pieces(), rules, new SplittableRandom(1)).plan(() -> false, lay -> found[0] = lay);
        return found[0];
    }

    @ParameterizedTest
    @MethodSource("sheets")
    void everyShippedSheet_isLaidForEachOfItsUses_andCountsItsNotions(String sheet) {
        DraftedGarment work = work(sheet);
        for (String use : PiecesToLay.uses(work.pattern())) {
            for (boolean folded : new boolean[] {false, true}) {
                ClothUse how = ClothUse.of("g", use).lying(folded, 0, 0, 0);
                PiecesToLay pieces = PiecesToLay.of(work.pattern(), how);
                Lay lay = first(pieces, LayRules.plain(5000, folded, true));
                assertThat(lay.clashes()).as(use).isEmpty();
                assertThat(lay.length()).isGreaterThanOrEqualTo(Lay.bound(pieces.pieces(), lay.rules()) - 1e-6);
            }
        }
        List<String> known = LIBRARY.notions().stream().map(Notion.Kind::id).toList();
        assertThat(CostReport.notions(work)).allSatisfy((kind, amount) -> {
            assertThat(known).contains(kind);
            assertThat(amount).isPositive();
        });
    }

    @Test
    void clothIsReadyAndEnough_orTheSentenceSaysWhatIsMissing() {
        DraftedGarment work = work("frock-1953");
        Cloth raw = Cloth.of("cotton", "Cotton", "cotton", 1700, 9000);
        ClothUse chosen = ClothUse.of("Frock", "outer").from("cotton").lying(false, 0, 0, 100);
        assertThat(words(ClothSupply.of(work.pattern(), ClothUse.of("Frock", "outer"), supplies(raw))))
                .containsExactly("Frock, outer: no cloth is chosen");
        ClothSupply unlaid = ClothSupply.of(work.pattern(), chosen, supplies(raw));
        assertThat(words(unlaid)).hasSize(2).last().asString().contains("no lay is planned");
        Lay lay = first(unlaid.pieces(), unlaid.rules().orElseThrow());
        ClothUse laid = chosen.laid(new ClothUse.KeptLay(
                lay.rules(), lay.placed(), lay.length(), unlaid.pieces().print()));
        ClothSupply kept = ClothSupply.of(work.pattern(), laid, supplies(raw));
        assertThat(kept.needed().orElseThrow()).isCloseTo((lay.length() + 100) / 0.92, within(1e-6));
        assertThat(words(kept)).singleElement().asString().contains("not made ready");
        ClothSupply washed = ClothSupply.of(
                work.pattern(), laid, supplies(raw.withState(new Cloth.State(true, 60), 9000, raw.width())));
        assertThat(words(washed))
                .as("the washed cloth is wider than what was laid on")
                .hasSize(1);
        Cloth ready = raw.withState(
                new Cloth.State(true, 60), lay.length(), lay.rules().width() + ClothSupply.SELVEDGES);
        ClothSupply tight = ClothSupply.of(work.pattern(), laid, supplies(ready));
        assertThat(tight.missing().orElseThrow()).isCloseTo(100, within(1e-6));
        assertThat(words(tight)).singleElement().asString().contains("10.0 cm too short");
        assertThat(words(ClothSupply.of(work.pattern(), laid, supplies(ready.left(lay.length() + 100)))))
                .isEmpty();
        DraftedGarment other = work("blouse-1906");
        assertThat(words(ClothSupply.of(other.pattern(), laid, supplies(ready))))
                .anyMatch(each -> each.contains("lay it again"));
    }

    private static List<String> words(ClothSupply supply) {
        return supply.wrong().stream()
                .map(sentence -> sentence.in(LengthFormat.CENTIMETRES))
                .toList();
    }

    /** At the middle of a matched seam both pieces lie alike on stripe and check. */
    @Test
    void stripesAreTheSameOnBothSidesOfAMatchedSeam() {
        DraftedGarment work = work("bodice-1869");
        String seam = work.pattern().seams().stream()
                .filter(each -> !each.kind().byFullness()
                        && !each.first()
                                .get(0)
                                .piece()
                                .equals(each.second().get(0).piece()))
                .findFirst()
                .orElseThrow()
                .name();
        ClothUse use = ClothUse.of("Bodice", "outer").lying(false, 0, 0, 0).with(List.of(), List.of(), List.of(seam));
        PiecesToLay pieces = PiecesToLay.of(work.pattern(), use);
        assertThat(pieces.unmatched()).isEmpty();
        LayRules rules = new LayRules(1500, false, false, false, 0, 0, 40, 40);
        Lay lay = first(pieces, rules);
        assertThat(lay.clashes()).isEmpty();
        int matched = 0;
        for (PlacedPiece cut : lay.placed()) {
            Optional<Point> at = lay.piece(cut).match();
            if (at.isPresent()) {
                matched++;
                double sign = cut.turned() ? -1 : 1;
                double across =
                        (cut.turned() ^ cut.mirrored() ? -1 : 1) * at.get().x() + cut.x();
                assertThat(Math.IEEEremainder(across, 40)).isCloseTo(0, within(1e-6));
                assertThat(Math.IEEEremainder(sign * at.get().y() + cut.y(), 40))
                        .isCloseTo(0, within(1e-6));
            }
        }
        assertThat(matched).isGreaterThanOrEqualTo(2);
    }

    @Test
    void costAddsCloth_notions_andHours() {
        DraftedGarment work = work("frock-1953");
        Cloth cloth = new Cloth(
                "cotton",
                "Cotton",
                "cotton",
                1520,
                9000,
                10,
                0,
                0,
                new Cloth.State(true, 60),
                Optional.empty(),
                Cloth.Face.PLAIN,
                "",
                "");
        ClothUse chosen = ClothUse.of("Frock", "outer").from("cotton").lying(false, 0, 0, 0);
        ClothSupply supply = ClothSupply.of(work.pattern(), chosen, supplies(cloth));
        Lay lay = first(supply.pieces(), supply.rules().orElseThrow());
        Costume costume = costume(chosen.laid(new ClothUse.KeptLay(
                lay.rules(), lay.placed(), lay.length(), supply.pieces().print())));
        Spell spell = new Spell("s", NOW.minusHours(3), NOW, Optional.of(NOW));
        costume = costume.withUnderway(costume.underway().with(new Bench(List.of(), List.of(spell))));
        CostReport cost = CostReport.of(
                new Judgement(costume, Map.of("Frock", work), Map.of()), supplies(cloth), LIBRARY.notions(), 20);
        double hooks = CostReport.notions(work).get("hook") * 0.5;
        assertThat(cost.materials()).isCloseTo(lay.length() / 100 + hooks, within(1e-6));
        assertThat(cost.work()).isCloseTo(60, within(1e-9));
        assertThat(cost.sum()).isCloseTo(cost.materials() + 60, within(1e-9));
    }

    /** Read back by ical4j, which shares no code with what writes it. */
    @Test
    void datesAreReadBackByAnotherLibrary() throws IOException, ParserException {
        Task wait = new Task(
                "hang",
                "Frock",
                "Let it hang; \"a day\", at least",
                Task.Kind.WAIT,
                List.of(),
                1440,
                "",
                Task.Where.BENCH,
                false,
                Optional.of(NOW));
        Task hem = new Task(
                "hem",
                "Frock",
                "Hem",
                Task.Kind.WORK,
                List.of("hang"),
                90,
                "which end is up,\nand the floor",
                Task.Where.TRAVELS,
                false,
                Optional.empty());
        Costume costume = costume(ClothUse.of("Frock", "outer"));
        costume = costume.withUnderway(costume.underway().with(new Bench(List.of(wait, hem), List.of())));
        Forecast forecast =
                new Forecast(LocalDate.of(2026, 5, 15), LocalDate.of(2026, 5, 17), LocalDate.of(2026, 5, 20), 90, 1);
        String text = CalendarFile.write(
                List.of(new CalendarFile.Dates(costume, Optional.of(forecast))),
                Instant.parse("2026-05-14T09:00:00Z"),
                ZoneOffset.UTC);
        Calendar read = new CalendarBuilder().build(new StringReader(text));
        List<VEvent> events = read.getComponents("VEVENT");
        assertThat(events).hasSize(3);
        VEvent event = events.get(0);
        assertThat(event.getSummary().getValue()).isEqualTo("Frock is worn");
        assertThat(event.getStartDate().getValue()).isEqualTo("20260901");
        assertThat(events.get(1).getStartDate().getValue()).isEqualTo("20260517");
        assertThat(events.get(1).getStatus().getValue()).isEqualTo("TENTATIVE");
        assertThat(events.get(2).getStartDate().getValue()).isEqualTo("20260515T090000Z");
        assertThat(events.get(2).getSummary().getValue()).contains("Let it hang; \"a day\", at least");
        List<VToDo> todos = read.getComponents("VTODO");
        assertThat(todos).singleElement().satisfies(todo -> {
            assertThat(todo.getSummary().getValue()).isEqualTo("Frock: Hem");
            assertThat(todo.getDescription().getValue()).isEqualTo("which end is up,\nand the floor");
        });
    }

    @Test
    void everySheetsSewing_becomesSteps() {
        for (CompiledSheet sheet : LIBRARY.sheets()) {
            List<Task> steps = LIBRARY.making()
                    .steps("g", sheet.sheet().about().garment(), sheet.sheet().sewing(), Set.of());
            assertThat(steps).hasSizeGreaterThan(sheet.sheet().sewing().size() + 2);
            assertThat(steps).allMatch(task -> task.minutes() > 0);
        }
    }
}
