package org.soberhem.library.judging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.HollowEdge;
import org.soberhem.core.alter.kind.LengthenAtLevel;
import org.soberhem.core.alter.kind.TakeInSeam;
import org.soberhem.core.body.AsWorn;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.Reading;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.cloth.Stash;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.CostumeRecord;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.GateStep;
import org.soberhem.core.costume.Progress;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.fitting.ClothDifference;
import org.soberhem.core.fitting.Conditions;
import org.soberhem.core.fitting.Decision;
import org.soberhem.core.fitting.Fact;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.InnerPart;
import org.soberhem.core.fitting.Mockup;
import org.soberhem.core.fitting.Movement;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.fitting.Stance;
import org.soberhem.core.fitting.Trial;
import org.soberhem.core.gate.Gate;
import org.soberhem.core.gate.GateCheck;
import org.soberhem.core.gate.GateCondition;
import org.soberhem.core.gate.GateStanding;
import org.soberhem.core.gate.HeldBackEdges;
import org.soberhem.core.judging.Dependence;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.judging.FactCollector;
import org.soberhem.core.judging.Judgement;
import org.soberhem.core.judging.Ledger;
import org.soberhem.core.judging.MeasureResolver;
import org.soberhem.core.judging.Supplies;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.plan.Bench;
import org.soberhem.core.plan.Task;
import org.soberhem.core.report.RoundReport;
import org.soberhem.library.Library;

/**
 * What follows from a round: what is known about a remark, what it rests on, what all rounds add up to, and the gate.
 */
class FittingThreadTest {

    private static final Library LIBRARY = Library.shipped();
    private static final String CORSET = "blouse-1906";
    private static final String COVER = "corset-cover-1880";
    private static final LocalDate DAY = LocalDate.of(2026, 5, 1);
    private static final CompiledSheet SHEET = LIBRARY.sheet("blouse-1906").orElseThrow();
    private static final FactCollector KNOWING =
            new FactCollector(LIBRARY.symptoms(), LIBRARY.wardrobe(), LIBRARY.alterations(), 6);
    private static final Supplies SUPPLIES = new Supplies(
            Stash.EMPTY, LIBRARY.fibres(), LocalDate.of(2026, 5, 14).atTime(10, 0));
    private static final Gate GATE =
            new Gate(LIBRARY.symptoms(), LIBRARY.movements(), LIBRARY.wardrobe(), LIBRARY.making());
    private static final Alteration SIDES = new TakeInSeam(EdgeRef.parse("back.side"), 12.7, 12.7, Sides.BOTH);

    private static Length inches(String typed) {
        return LengthEntry.parse(typed, LengthUnit.INCH).value();
    }

    private static Reading reading(String measure, Side side, Posture posture, String typed) {
        return new Reading(measure, side, posture, List.of(LengthEntry.parse(typed, LengthUnit.INCH)));
    }

    private static MeasurementSet set(String stack, String bust, Reading... more) {
        List<Reading> all = new ArrayList<>();
        Map.of(
                        "full-bust", bust,
                        "waist-crease", "24",
                        "neck-base", "14 1/4",
                        "nape-to-waist", "15 1/2",
                        "armscye", "15",
                        "shoulder-to-wrist", "23",
                        "wrist", "6 1/2",
                        "hand", "8 1/2")
                .forEach((measure, typed) -> all.add(reading(measure, Side.MIDDLE, Posture.STANDING, typed)));
        all.addAll(List.of(more));
        return MeasurementSet.of("may", DAY.minusDays(10), stack, "", "Ruth", all);
    }

    private static Garment blouse() {
        return new Garment("Blouse", LIBRARY.sheetText("blouse-1906").orElseThrow(), Map.of(), List.of(), List.of());
    }

    private static Costume costume(List<Garment> garments, Fitting... fittings) {
        return Secretary.in(garments, List.of(fittings));
    }

    private static DraftedGarment work(Garment garment, MeasurementSet set) {
        return DraftedGarment.of(
                SHEET,
                new MeasureResolver(LIBRARY.measures(), LIBRARY.wardrobe()).inputs(set, costume(List.of()), Map.of()),
                garment.alterations());
    }

    private static EvaluatedCostume at(Costume costume, MeasurementSet set) {
        Map<String, DraftedGarment> works = new LinkedHashMap<>();
        costume.garments().forEach(garment -> works.put(garment.name(), work(garment, set)));
        Wearer ada = Wearer.of("ada", "Ada", "", List.of(set));
        return new EvaluatedCostume(new Judgement(costume, works, Map.of()), ada, Optional.of(set), Map.of());
    }

    private static Garment named(Garment garment, MeasurementSet set, String why) {
        DraftedGarment work = work(garment, set);
        return garment.withVersion(DAY, why, work.inputs(), work.pattern());
    }

    private static Fitting fitting(int number, int version, Conditions conditions) {
        return Fitting.begun(number, DAY, new Mockup(Map.of("Blouse", version), "calico"), conditions);
    }

    private static Conditions worn() {
        return new Conditions(CORSET, true, "Ruth");
    }

    private static Remark remark(String id, String zone, Sides sides, String seen) {
        return Remark.at(id, "Blouse", zone, sides).withSeen(seen);
    }

    private static Set<Fact> known(EvaluatedCostume at, Fitting fitting, Remark remark) {
        return KNOWING.of(at, fitting.with(remark), remark);
    }

    private static Fact fact(String text) {
        return Fact.parse(text);
    }

    private static List<String> words(List<Sentence> sentences) {
        return sentences.stream()
                .map(each -> each.in(LengthFormat.INCH_EIGHTHS))
                .toList();
    }

    @Test
    void facts_comeFromDraftMeasuresLayersClothAndTheRoundItself() {
        MeasurementSet set = set(
                        CORSET,
                        "38 1/2",
                        reading("high-bust", Side.MIDDLE, Posture.STANDING, "35"),
                        reading("waist-crease", Side.MIDDLE, Posture.SEATED, "25"),
                        reading("shoulder-slope", Side.LEFT, Posture.STANDING, "2"),
                        reading("shoulder-slope", Side.RIGHT, Posture.STANDING, "2 1/2"))
                .wornAs(AsWorn.UNSTATED.withGap(new AsWorn.Gap(inches("1"), inches("2"), inches("1"))));
        Garment garment = named(blouse(), set, "first");
        Fitting fitting = fitting(
                        1,
                        1,
                        worn().toggling(COVER)
                                .toggling(Stance.HOLLOW_BACK)
                                .laced(Optional.of(new AsWorn.Gap(inches("1"), inches("3"), inches("1")))))
                .of(new Mockup(Map.of("Blouse", 1), "calico")
                        .toggling(ClothDifference.STIFFER)
                        .stepping(InnerPart.CLOSURE))
                .with(new Trial("sit", 60, Trial.Result.PASSED, ""));
        Remark remark = remark("1-1", "armhole-front", Sides.RIGHT, "arm-front-pinch");
        EvaluatedCostume at = at(costume(List.of(garment), fitting), set);
        assertThat(known(at, fitting.with(remark("1-2", "bust", Sides.BOTH, "bust-hollow")), remark))
                .contains(
                        fact("len-long nape-waist"),
                        fact("one-measure-draft"),
                        fact("cup-large"),
                        fact("seated-more waist"),
                        fact("uneven shoulder-slope"),
                        fact("layers-differ"),
                        fact("layer-missing corset-cover"),
                        fact("layer-present corset"),
                        fact("posture hollow-back"),
                        fact("lacing-looser"),
                        fact("cloth-stiffer"),
                        fact("no-closure"),
                        fact("worn-long"),
                        fact("one-side-only"),
                        fact("one-round"),
                        fact("also bust-hollow"),
                        fact("gone-in sit"))
                .doesNotContain(
                        fact("layer-present corset-cover"),
                        fact("both-sides"),
                        fact("gone-without-layer"),
                        fact("other-layers"),
                        fact("cup-small"));
    }

    @Test
    void openingThatIsTooSmall_isKnownByWhatMustPassIt() {
        MeasurementSet thick = set(CORSET, "36").with(reading("hand", Side.MIDDLE, Posture.STANDING, "14"));
        Garment garment = named(blouse(), thick, "first");
        Fitting fitting = fitting(1, 1, worn());
        Remark cuff = remark("1-1", "sleeve", Sides.BOTH, "cuff-wont-pass");
        assertThat(known(at(costume(List.of(garment), fitting), thick), fitting, cuff))
                .contains(fact("opening-small hand"), fact("girth-ok bust"), fact("len-ok nape-waist"))
                .doesNotContain(fact("opening-small head"));
    }

    @Test
    void layerThatWasLeftOff_whereTheSignIsGone_isKnown() {
        MeasurementSet set = set(CORSET, "36");
        Garment garment = named(blouse(), set, "first");
        Remark pinch = remark("1-1", "armhole-front", Sides.RIGHT, "arm-front-pinch");
        Fitting first = fitting(1, 1, worn());
        assertThat(known(at(costume(List.of(garment), first), set), first, pinch))
                .contains(fact("layer-present corset-cover"))
                .doesNotContain(fact("gone-without-layer"));
        assertThat(known(at(costume(List.of(garment), first), set), first, pinch.tested("underlayer-scye", true)))
                .contains(fact("gone-without-layer"));
        Fitting without = fitting(2, 1, worn().toggling(COVER));
        Remark cured = pinch.withState(Remark.State.CURED, 2);
        assertThat(known(at(costume(List.of(garment), first.with(cured), without), set), first, cured))
                .contains(fact("gone-without-layer"));
    }

    @Test
    void earlierRounds_sayWhatWasAskedFor_whatWasDone_andWhatCameAfter() {
        MeasurementSet set = set(CORSET, "36");
        Alteration hollow = new HollowEdge(EdgeRef.parse("front.armscye"), 6, Sides.BOTH);
        Garment first = named(blouse(), set, "first");
        Garment second = named(first.with(hollow), set, "second");
        Remark pinch = remark("1-1", "armhole-front", Sides.BOTH, "arm-front-pinch");
        Decision done = new Decision(Decision.Kind.ALTER, "hollow it", Optional.of(hollow), 2);
        Fitting one = fitting(1, 1, worn()).with(pinch.withDecision(done));
        Fitting two = fitting(2, 2, worn());
        Remark again = remark("2-1", "armhole-front", Sides.BOTH, "arm-front-pinch");
        EvaluatedCostume after = at(costume(List.of(second), one, two), set);
        assertThat(known(after, two, again))
                .contains(fact("persists hollow-edge"), fact("one-round"))
                .doesNotContain(fact("asked hollow-edge"), fact("after hollow-edge"));
        Remark other = remark("2-2", "sleeve", Sides.BOTH, "sleeve-twists");
        assertThat(known(after, two, other)).contains(fact("after hollow-edge"));
        // The same version tried again: asked for, and in no version since.
        Fitting same = fitting(2, 1, worn());
        assertThat(known(at(costume(List.of(first), one, same), set), same, again))
                .contains(fact("asked hollow-edge"))
                .doesNotContain(fact("persists hollow-edge"), fact("one-round"));
    }

    @Test
    void round_restsOnLayersClothVersionAndMeasures_andSaysWhatIsNotAsPlanned() {
        MeasurementSet set = set(CORSET, "36");
        Garment garment = named(blouse(), set, "first");
        Fitting fitting = fitting(1, 1, worn());
        assertThat(Dependence.of(at(costume(List.of(garment), fitting), set), fitting, "Blouse", LIBRARY.wardrobe()))
                .isEmpty();
        Fitting changed = fitting(1, 1, worn().confirmed(false).toggling(COVER).turned(true))
                .of(new Mockup(Map.of("Blouse", 1), "calico")
                        .toggling(ClothDifference.UNPRESSED)
                        .stepping(InnerPart.BONES));
        MeasurementSet fuller = set(CORSET, "37");
        assertThat(words(Dependence.of(
                        at(costume(List.of(garment), changed), fuller), changed, "Blouse", LIBRARY.wardrobe())))
                .containsExactly(
                        "the layers worn were not confirmed",
                        "without Corset cover",
                        "it was tried wrong side out: left and right are exchanged",
                        "the cloth is not pressed; not to be trusted: folds and lengths: creases take up cloth",
                        "its bones are not in yet",
                        "measured anew since it was cut: full bust");
        // Taken up again at the draft, the pattern no longer comes from the version that was tried on.
        Garment other = named(garment.takenUpAt(garment.versions().get(0)), set, "second");
        Fitting two = fitting(2, 2, worn());
        Garment back = other.takenUpAt(other.versions().get(0));
        assertThat(words(Dependence.of(at(costume(List.of(back), two), set), two, "Blouse", LIBRARY.wardrobe())))
                .containsExactly("version 2 was tried on, which the pattern no longer comes from");
    }

    @Test
    void f4_whatWasTriedOnAFormOrADouble_isProvisional() {
        MeasurementSet set = set(CORSET, "36");
        Garment garment = named(blouse(), set, "first");
        for (String other : List.of("a form", "a double")) {
            Fitting fitting = fitting(1, 1, worn().on(other));
            EvaluatedCostume at = at(costume(List.of(garment), fitting), set);
            assertThat(words(Dependence.of(at, fitting, "Blouse", LIBRARY.wardrobe())))
                    .containsExactly("it was tried on " + other
                            + ", not on the wearer: where they differ, try it on the wearer");
        }
        Fitting wearer = fitting(1, 1, worn().on("a form").on("a form"));
        EvaluatedCostume at = at(costume(List.of(garment), wearer), set);
        assertThat(Dependence.of(at, wearer, "Blouse", LIBRARY.wardrobe())).isEmpty();
    }

    @Test
    void ledger_addsUpSeamBySeam_andWarnsWhereRoundsUndoEachOther() {
        MeasurementSet set = set(CORSET, "36");
        Garment first = named(blouse(), set, "first");
        Garment second = named(first.with(SIDES), set, "second");
        Alteration back = new TakeInSeam(EdgeRef.parse("front.side"), -6.35, -6.35, Sides.LEFT);
        Garment third = named(second.with(back), set, "third");
        Garment fourth = named(third.with(LengthenAtLevel.evenly("midriff", 25.4, Sides.BOTH)), set, "fourth");
        Decision decision = new Decision(Decision.Kind.ALTER, "in", Optional.of(SIDES), 2);
        Fitting one = fitting(1, 1, worn())
                .with(remark("1-1", "side-front", Sides.BOTH, "side-wide").withDecision(decision));
        List<Ledger.Account> accounts = Ledger.of(
                costume(List.of(fourth), one), fourth, work(fourth, set).pattern());
        assertThat(accounts).hasSize(2);
        Ledger.Account side = accounts.get(0);
        assertThat(side.lines()).extracting(Ledger.Line::round).containsExactly(1, 0);
        assertThat(side.total(Sides.RIGHT)).isCloseTo(12.7, within(1e-9));
        assertThat(side.total(Sides.LEFT)).isCloseTo(6.35, within(1e-9));
        // Half an inch at each of two seams is an inch, a quarter given back on one leaves three quarters.
        assertThat(side.girth()).isCloseTo(-0.75 * 25.4, within(1e-9));
        assertThat(side.undone().orElseThrow().in(LengthFormat.INCH_EIGHTHS))
                .contains("version 2 took in ½ in, version 3 let out ¼ in");
        assertThat(accounts.get(1).sentence().in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("midriff: longer by 1 in in all");
        assertThat(accounts.get(1).undone()).isEmpty();
        // What was not gone on from does not count.
        Garment again = fourth.takenUpAt(fourth.versions().get(1));
        assertThat(Ledger.of(
                        costume(List.of(again), one), again, work(again, set).pattern()))
                .singleElement()
                .satisfies(account -> assertThat(account.sentence().in(LengthFormat.INCH_EIGHTHS))
                        .endsWith("½ in taken in at each side in all; the girth less by 1 in"));
    }

    @Test
    void summary_isTheTableToWorkFrom_andRoundsAreCompared() {
        Decision decision = new Decision(Decision.Kind.ALTER, "in", Optional.of(SIDES), 2);
        Fitting one = fitting(1, 1, worn())
                .with(remark("1-1", "side-front", Sides.BOTH, "side-wide")
                        .withAmount(Length.ofInches(0, 1, 2))
                        .withDecision(decision)
                        .withState(Remark.State.CURED, 2))
                .with(remark("1-2", "hem", Sides.LEFT, "a thread hangs"))
                .with(Remark.at("1-3", "Blouse", "bust", Sides.BOTH))
                .withReading("waist-dip-front", Length.ofInches(1))
                .with(new Trial("arms-up", 0, Trial.Result.FAILED, ""));
        Fitting two = fitting(2, 2, worn())
                .withReading("waist-dip-front", Length.ofInches(0, 1, 2))
                .with(new Trial("arms-up", 0, Trial.Result.PASSED, ""));
        List<RoundReport.Row> rows = RoundReport.summary(
                one,
                LIBRARY.symptoms(),
                name -> Optional.of(work(blouse(), set(CORSET, "36")).pattern()));
        assertThat(rows).hasSize(2);
        assertThat(rows.get(0).seen()).isEqualTo("loose fold down the side");
        assertThat(rows.get(0).place()).isEqualTo("back side to front side");
        assertThat(rows.get(0).task().in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("take in ½ in at the top, the same at the bottom");
        assertThat(rows.get(1).place()).isEmpty();
        assertThat(rows.get(0).to()).isEqualTo(2);
        assertThat(rows.get(1).task().in(LengthFormat.INCH_EIGHTHS)).isEqualTo("nothing is decided");
        List<RoundReport.Through> through = RoundReport.compared(
                costume(List.of(blouse()), one, two), "Blouse", LIBRARY.symptoms(), LIBRARY::title);
        Map<String, String> lines = new LinkedHashMap<>();
        through.forEach(row -> lines.put(
                row.name(), String.join(" | ", words(List.copyOf(row.cells().values())))));
        assertThat(lines)
                .containsEntry("loose fold down the side", "½ in | cured")
                .containsEntry("Dip of the waist at the front", "1 in | ½ in")
                .containsEntry("Arms up", "fails | passes")
                .containsEntry("a thread hangs (wearer's left)", "seen");
    }

    @Test
    void mockupsThatWereEnough_areCountedOfCostumesThatWereCut() {
        Garment garment = blouse();
        Costume tried = costume(List.of(garment), fitting(1, 1, worn()), fitting(2, 1, worn()));
        assertThat(RoundReport.enough(List.of(tried), any -> true)).isEmpty();
        Costume cut = tried.withPapers(
                CostumeRecord.NONE.with(new CostumeRecord.Passage(GateStep.CUT_CLOTH, "Blouse", 0, DAY, "it fits")));
        assertThat(RoundReport.enough(List.of(cut), any -> true).orElseThrow().in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("Mock-ups that were enough before: 2 for the Blouse of \"Secretary\"");
        assertThat(RoundReport.enough(List.of(cut), any -> false)).isEmpty();
    }

    /** Straight panels balanced at the waist wait for nothing, gores hang a day (common practice). */
    @Test
    void hem_ofABalancedSkirt_waitsForNoHanging_andThatOfAGoredOneDoes() {
        for (String kind : List.of("petticoat", "gathered-skirt", "shift", "chemise")) {
            assertThat(LIBRARY.making().steps("It", kind, List.of("Hem it"), Set.of()))
                    .as(kind)
                    .noneMatch(task ->
                            task.kind() == Task.Kind.WAIT || task.title().contains("Level the hem"));
        }
        for (String kind : List.of("skirt", "frock", "overskirt", "cape")) {
            assertThat(LIBRARY.making().steps("It", kind, List.of("Hem it"), Set.of()))
                    .as(kind)
                    .anyMatch(task -> task.kind() == Task.Kind.WAIT);
        }
        Garment garment = blouse();
        MeasurementSet set = set(CORSET, "36");
        assertThat(state(
                        GATE.of(at(costume(List.of(garment)), set), "Blouse", GateStep.CUT_HEM, SUPPLIES),
                        GateCheck.HUNG))
                .as("a blouse does not hang")
                .isEqualTo(GateCondition.State.MET);
        assertThat(hung("walking-skirt-1906"))
                .as("a step was left out, it hangs all the same")
                .isEqualTo(GateCondition.State.UNKNOWN);
        assertThat(hung("petticoat-1778")).isEqualTo(GateCondition.State.MET);
    }

    /** How the gate's hanging stands for a garment whose only step waits for nothing. */
    private static GateCondition.State hung(String id) {
        CompiledSheet sheet = LIBRARY.sheet(id).orElseThrow();
        Garment garment = new Garment("It", LIBRARY.sheetText(id).orElseThrow(), Map.of(), List.of(), List.of());
        Bench steps = new Bench(LIBRARY.making().steps("It", "blouse", List.of("Hem it"), Set.of()), List.of());
        Costume planned = costume(List.of(garment)).withUnderway(Progress.NOT_BEGUN.with(steps));
        Map<String, DraftedGarment> works = Map.of("It", DraftedGarment.of(sheet, sheet.middle(), List.of()));
        MeasurementSet set = set(CORSET, "36");
        EvaluatedCostume at = new EvaluatedCostume(
                new Judgement(planned, works, Map.of()),
                Wearer.of("ada", "Ada", "", List.of(set)),
                Optional.of(set),
                Map.of());
        return state(GATE.of(at, "It", GateStep.CUT_HEM, SUPPLIES), GateCheck.HUNG);
    }

    private static GateCondition.State state(GateStanding standing, GateCheck check) {
        return standing.conditions().stream()
                .filter(condition -> condition.check() == check)
                .findFirst()
                .orElseThrow()
                .state();
    }

    @Test
    void gate_opensConditionByCondition_andStaysClosedUntilThereIsCloth() {
        MeasurementSet set = set(CORSET, "36");
        Garment garment = named(blouse(), set, "first");
        GateStanding before = GATE.of(at(costume(List.of(garment)), set), "Blouse", GateStep.CUT_CLOTH, SUPPLIES);
        assertThat(state(before, GateCheck.TRIED)).isEqualTo(GateCondition.State.MISSING);
        assertThat(state(before, GateCheck.SEAMS)).isEqualTo(GateCondition.State.MET);
        assertThat(state(before, GateCheck.OPENINGS)).isEqualTo(GateCondition.State.MET);
        Fitting fitting = fitting(1, 1, worn()).with(remark("1-1", "armhole-front", Sides.BOTH, "arm-front-pinch"));
        EvaluatedCostume at = at(costume(List.of(garment), fitting), set);
        GateStanding open = GATE.of(at, "Blouse", GateStep.CUT_CLOTH, SUPPLIES);
        assertThat(state(open, GateCheck.TRIED)).isEqualTo(GateCondition.State.MET);
        assertThat(state(open, GateCheck.LAYERS)).isEqualTo(GateCondition.State.MET);
        assertThat(state(open, GateCheck.REMARKS)).isEqualTo(GateCondition.State.MISSING);
        assertThat(state(open, GateCheck.MOVEMENTS)).isEqualTo(GateCondition.State.MISSING);
        Fitting done = fitting(1, 1, worn())
                .with(remark("1-1", "armhole-front", Sides.BOTH, "arm-front-pinch")
                        .withDecision(Decision.of(Decision.Kind.MAKE_UP, "")));
        for (Movement movement : GATE.movements("blouse")) {
            done = done.with(new Trial(movement.id(), movement.minutes(), Trial.Result.PASSED, ""));
        }
        GateStanding cut = GATE.of(at(costume(List.of(garment), done), set), "Blouse", GateStep.CUT_CLOTH, SUPPLIES);
        assertThat(cut.missing())
                .extracting(GateCondition::check)
                .as("only what belongs to cloth is left")
                .containsExactly(GateCheck.WASHED, GateCheck.ENOUGH, GateCheck.SET, GateCheck.COUNTED);
        assertThat(cut.isOpen()).isFalse();
        assertThat(GATE.of(at(costume(List.of(garment), done), set), "Blouse", GateStep.CLIP_NOTCH, SUPPLIES)
                        .isOpen())
                .isTrue();
        // Without a layer, or altered since, it is closed again.
        Fitting bare = done.under(worn().toggling(COVER));
        assertThat(state(
                        GATE.of(at(costume(List.of(garment), bare), set), "Blouse", GateStep.TRIM, SUPPLIES),
                        GateCheck.LAYERS))
                .isEqualTo(GateCondition.State.MISSING);
        Garment altered = garment.with(SIDES);
        assertThat(state(
                        GATE.of(at(costume(List.of(altered), done), set), "Blouse", GateStep.TRIM, SUPPLIES),
                        GateCheck.TRIED))
                .isEqualTo(GateCondition.State.MISSING);
    }

    @Test
    void safety_isNotWaitedFor_andOwnWordsBlock() {
        Remark neck = remark("1-1", "neck-front", Sides.BOTH, "neck-band-tight");
        assertThat(GATE.blocks(neck.withDecision(Decision.of(Decision.Kind.WAIT_FINAL_CLOTH, ""))))
                .isTrue();
        Remark pinch = remark("1-1", "armhole-front", Sides.BOTH, "arm-front-pinch");
        assertThat(GATE.blocks(pinch.withDecision(Decision.of(Decision.Kind.WAIT_FINAL_CLOTH, ""))))
                .isFalse();
        assertThat(GATE.blocks(pinch.withState(Remark.State.CURED, 2))).isFalse();
        assertThat(GATE.blocks(remark("1-1", "bust", Sides.BOTH, "creases like a fan")))
                .isTrue();
        assertThat(GATE.blocks(remark("1-1", "waist-front", Sides.BOTH, "front-does-not-pouch")))
                .isFalse();
        assertThat(GATE.blocks(Remark.at("1-1", "Blouse", "bust", Sides.BOTH))).isFalse();
    }

    @Test
    void passage_holdsForTheVersionThatWasCut_andNoOther() {
        MeasurementSet set = set(CORSET, "36");
        Garment garment = named(blouse(), set, "first");
        CostumeRecord papers = CostumeRecord.NONE.with(
                new CostumeRecord.Passage(GateStep.CUT_CLOTH, "Blouse", 1, DAY, "the day is near"));
        Costume costume = costume(List.of(garment)).withPapers(papers);
        assertThat(GATE.of(at(costume, set), "Blouse", GateStep.CUT_CLOTH, SUPPLIES)
                        .passed())
                .hasValueSatisfying(passage -> assertThat(passage.reason()).isEqualTo("the day is near"));
        assertThat(GATE.of(at(costume, set), "Blouse", GateStep.TRIM, SUPPLIES).passed())
                .isEmpty();
        Costume altered = costume.with(garment.with(SIDES));
        assertThat(GATE.of(at(altered, set), "Blouse", GateStep.CUT_CLOTH, SUPPLIES)
                        .passed())
                .isEmpty();
    }

    @Test
    void heldBack_areTheEdgesThatAreTrimmedLast() {
        assertThat(words(HeldBackEdges.of(work(blouse(), set(CORSET, "36")))))
                .anySatisfy(words -> assertThat(words).startsWith("Hem of front, back"));
    }
}
