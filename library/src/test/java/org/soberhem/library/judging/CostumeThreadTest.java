package org.soberhem.library.judging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.CheckRemedy;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.LengthenAtLevel;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.Reading;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.cloth.Stash;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.costume.Version;
import org.soberhem.core.doubt.Doubts;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.fitting.Conditions;
import org.soberhem.core.fitting.Decision;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Mockup;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.judging.Judge;
import org.soberhem.core.judging.Judgement;
import org.soberhem.core.judging.MeasureResolver;
import org.soberhem.core.judging.Obstacle;
import org.soberhem.core.judging.ObstacleFinder;
import org.soberhem.core.judging.Supplies;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.library.Library;

class CostumeThreadTest {

    private static final double MM = 1e-6;
    private static final LocalDate DAY = LocalDate.of(2026, 5, 14);
    private static final Library LIBRARY = Library.shipped();
    private static final CompiledSheet SHEET = LIBRARY.sheet("blouse-1906").orElseThrow();
    private static final String CORSET = "blouse-1906";
    private static final Supplies SUPPLIES = new Supplies(Stash.EMPTY, LIBRARY.fibres(), DAY.atTime(10, 0));
    private static final ObstacleFinder IN_THE_WAY = new ObstacleFinder(
            LIBRARY.measures(),
            LIBRARY.wardrobe(),
            LIBRARY.usages(),
            new Doubts(LIBRARY.measures(), LIBRARY.relations(), LIBRARY.proportions(), LIBRARY.wardrobe()),
            LIBRARY::seenWords);
    private static final MeasureResolver TAPE = new MeasureResolver(LIBRARY.measures(), LIBRARY.wardrobe());
    private static final Wearer ADA = Wearer.of("ada", "Ada", "", List.of());

    private static final Judge JUDGE = new Judge(LIBRARY.silhouettes(), LIBRARY.figurePlan(), LIBRARY.wardrobe());

    private static EvaluatedCostume at(Judgement judgement, MeasurementSet set) {
        return new EvaluatedCostume(judgement, ADA, Optional.of(set), Map.of());
    }

    private static MeasurementSet set(String stack, String... readings) {
        MeasurementSet set = MeasurementSet.of("may", DAY, stack, "", "", List.of());
        for (String reading : readings) {
            String[] parts = reading.split(" = ");
            List<LengthEntry> taken = List.of(parts[1].split("; ")).stream()
                    .map(text -> LengthEntry.parse(text, LengthUnit.INCH))
                    .toList();
            set = set.with(new Reading(parts[0], Side.MIDDLE, Posture.STANDING, taken));
        }
        return set;
    }

    /** Readings of the size at which the sheet draws everything right. */
    private static MeasurementSet middle(String stack) {
        return set(
                stack,
                "full-bust = 36",
                "waist-crease = 24",
                "neck-base = 14 1/4",
                "nape-to-waist = 15 1/2",
                "armscye = 15",
                "shoulder-to-wrist = 23",
                "wrist = 6 1/2",
                "hand = 8 1/2");
    }

    private static Costume costume(List<Alteration> alterations, List<Fitting> fittings) {
        Garment garment =
                new Garment("Blouse", LIBRARY.sheetText("blouse-1906").orElseThrow(), Map.of(), alterations, List.of());
        return Secretary.in(List.of(garment), fittings);
    }

    private static Judgement judged(Costume costume, MeasurementSet set) {
        Map<String, DraftedGarment> works = new LinkedHashMap<>();
        Map<String, DraftException> failures = new LinkedHashMap<>();
        for (Garment garment : costume.garments()) {
            try {
                works.put(
                        garment.name(),
                        DraftedGarment.of(SHEET, TAPE.inputs(set, costume, garment.settings()), garment.alterations()));
            } catch (DraftException dead) {
                failures.put(garment.name(), dead);
            }
        }
        return new Judgement(costume, works, failures);
    }

    private static List<String> inTheWay(Costume costume, MeasurementSet set) {
        EvaluatedCostume at = at(judged(costume, set), set);
        return IN_THE_WAY.of(at, JUDGE.verdicts(at), SUPPLIES, 6).stream()
                .map(obstacle -> obstacle.stage() + ": " + obstacle.sentence().in(LengthFormat.INCH_EIGHTHS))
                .toList();
    }

    private static Fitting fitting(String stack, boolean confirmed, Remark... remarks) {
        Fitting fitting =
                Fitting.begun(1, DAY, new Mockup(Map.of("Blouse", 1), "calico"), new Conditions(stack, confirmed, ""));
        for (Remark remark : remarks) {
            fitting = fitting.with(remark);
        }
        return fitting;
    }

    private static Remark remark(Optional<Decision> decision, Remark.State state) {
        Remark remark = Remark.at("1-1", "Blouse", "bust", Sides.LEFT).withSeen("strains across the bust");
        return decision.map(remark::withDecision).orElse(remark).withState(state, 1);
    }

    @Test
    void middleSize_onlyTheMockupIsStillToDo() {
        assertThat(inTheWay(costume(List.of(), List.of()), middle(CORSET)))
                .containsExactly("FITTING: No mock-up has been tried on: print it, sew it, fit it");
    }

    @Test
    void f4_aMockupTriedOnAForm_isToldInTheWay() {
        Fitting onAForm = Fitting.begun(
                1, DAY, new Mockup(Map.of("Blouse", 1), "calico"), new Conditions(CORSET, true, "").on("a form"));
        String said = "FITTING: Fitting 1 was on a form, not on the wearer: its remarks are provisional";
        assertThat(inTheWay(costume(List.of(), List.of(onAForm)), middle(CORSET)))
                .contains(said);
        assertThat(inTheWay(costume(List.of(), List.of(fitting(CORSET, true))), middle(CORSET)))
                .doesNotContain(said);
    }

    @Test
    void notMeasured_saysToBeginWithTheTape() {
        Costume costume = costume(List.of(), List.of());
        List<Obstacle> found = IN_THE_WAY.of(
                new EvaluatedCostume(new Judgement(costume, Map.of(), Map.of()), ADA, Optional.empty(), Map.of()),
                List.of(),
                SUPPLIES,
                6);
        assertThat(found).singleElement().satisfies(obstacle -> {
            assertThat(obstacle.stage()).isEqualTo(Stage.TAPE);
            assertThat(obstacle.sentence().in(LengthFormat.INCH_EIGHTHS))
                    .isEqualTo("The wearer has not been measured: begin with the tape");
        });
    }

    @Test
    void missingMeasure_isToldAtTheTape() {
        MeasurementSet set = set(CORSET, "waist-crease = 24");
        assertThat(inTheWay(costume(List.of(), List.of()), set))
                .contains("TAPE: Measurement \"full-bust\" or \"chest\" is missing: draft \"blouse-1906\" needs it");
    }

    @Test
    void readingsThatDiffer_areTakenAgain() {
        MeasurementSet set = middle(CORSET)
                .with(set(CORSET, "full-bust = 35 1/2; 36 1/2").readings().get(0));
        assertThat(inTheWay(costume(List.of(), List.of()), set))
                .contains("TAPE: Full bust readings differ by 1 in: measure again");
    }

    @Test
    void otherLayers_nameWhatNoLongerCounts() {
        assertThat(inTheWay(costume(List.of(), List.of()), middle("none")))
                .contains(
                        "TAPE: Measured over no shaping layer: Full bust, Nape to waist, Waist, side-bend crease no longer count over the straight-front corset of c. 1906");
    }

    @Test
    void backTooLong_isToldByHowMuch_andItsRemedySettlesIt() {
        MeasurementSet set =
                middle(CORSET).with(set(CORSET, "full-bust = 38 1/2").readings().get(0));
        Costume costume = costume(List.of(), List.of());
        assertThat(inTheWay(costume, set))
                .contains(
                        "DRAFT: Back length is 16⅞ in, ⅝ in too large: 15½ in to 16¼ in is wanted over the body's 15½ in");
        CheckResult back = judged(costume, set).works().get("Blouse").checks().stream()
                .filter(check -> check.name().equals("back length"))
                .findFirst()
                .orElseThrow();
        Alteration remedy = CheckRemedy.of(back).orElseThrow();
        assertThat(remedy).isInstanceOf(LengthenAtLevel.class);
        DraftedGarment mended =
                judged(costume(List.of(remedy), List.of()), set).works().get("Blouse");
        assertThat(mended.checks().stream().filter(check -> check.name().equals("back length")))
                .singleElement()
                .satisfies(check -> {
                    assertThat(check.passes()).isTrue();
                    assertThat(check.is()).isCloseTo(back.most(), within(MM));
                });
    }

    @Test
    void alterationWhosePlaceIsGone_staysAndIsTold() {
        Alteration lost = LengthenAtLevel.evenly("train", 10, Sides.BOTH);
        DraftedGarment work = judged(costume(List.of(lost), List.of()), middle(CORSET))
                .works()
                .get("Blouse");
        assertThat(work.pattern()).isEqualTo(work.draft().pattern());
        assertThat(inTheWay(costume(List.of(lost), List.of()), middle(CORSET)))
                .contains(
                        "DRAFT: Lengthen at the train by ⅜ in: No piece has the level \"train\": choose another level");
    }

    @Test
    void openRemark_standsInTheWayUntilItIsCured() {
        Fitting open = fitting(CORSET, true, remark(Optional.empty(), Remark.State.OPEN));
        assertThat(inTheWay(costume(List.of(), List.of(open)), middle(CORSET)))
                .containsExactly("FITTING: Fitting 1: strains across the bust (wearer's left). Nothing is decided");
        Decision decision = new Decision(Decision.Kind.ALTER, "Let out the side", Optional.empty(), 2);
        Fitting decided = fitting(CORSET, true, remark(Optional.of(decision), Remark.State.OPEN));
        assertThat(inTheWay(costume(List.of(), List.of(decided)), middle(CORSET)))
                .containsExactly(
                        "FITTING: Fitting 1: strains across the bust (wearer's left). Version 2 should cure it; a later fitting must say so");
        Fitting cured = fitting(CORSET, true, remark(Optional.of(decision), Remark.State.CURED));
        assertThat(inTheWay(costume(List.of(), List.of(cured)), middle(CORSET))).isEmpty();
    }

    @Test
    void fittingOverOtherLayers_orNotConfirmed_isTold() {
        assertThat(inTheWay(costume(List.of(), List.of(fitting(CORSET, false))), middle(CORSET)))
                .containsExactly(
                        "FITTING: The layers worn at fitting 1 are not confirmed: its remarks are provisional");
        assertThat(inTheWay(costume(List.of(), List.of(fitting("long-corset-1909", true))), middle(CORSET)))
                .singleElement()
                .asString()
                .startsWith("FITTING: Fitting 1 was over the long corset of c. 1909, the costume is now worn over");
    }

    @Test
    void verdicts_readTheDraftAndTheLatestFittingThatHasTheReading() {
        Fitting first = fitting(CORSET, true).withReading("waist-dip-front", Length.ofMillimetres(5));
        Costume costume = costume(List.of(), List.of(first));
        EvaluatedCostume at = at(judged(costume, middle(CORSET)), middle(CORSET));
        Map<String, Verdict> now = new LinkedHashMap<>();
        JUDGE.verdicts(at).forEach(each -> now.put(each.rule().id(), each));
        assertThat(now).containsKeys("collar-stand", "cap-fullness", "waist-dip", "front-pouch", "collar-ease");
        assertThat(now.get("collar-stand").grade()).isEqualTo(Verdict.Grade.MET);
        assertThat(now.get("waist-dip").grade()).isEqualTo(Verdict.Grade.NOT_MET);
        assertThat(now.get("front-pouch").grade()).isEqualTo(Verdict.Grade.UNKNOWN);
        // The skirt's rules wait for a skirt.
        assertThat(now).doesNotContainKey("hem-girth");
        // Before the first fitting nothing was measured on the wearer.
        assertThat(JUDGE.verdicts(at, at.judgement().works(), 0))
                .filteredOn(each -> each.rule().id().equals("waist-dip"))
                .singleElement()
                .satisfies(each -> assertThat(each.grade()).isEqualTo(Verdict.Grade.UNKNOWN));
        assertThat(inTheWay(costume, middle(CORSET)))
                .contains(
                        "SILHOUETTE: Dip of the waist at the front is ¼ in: ⅝ in too little (usual ¾ in to 2 in). Lower the front waist by ⅝ in.");
    }

    @Test
    void versions_areATree_andNothingIsCutUp() {
        Garment garment = costume(List.of(), List.of()).garments().get(0);
        Inputs inputs = TAPE.inputs(middle(CORSET), costume(List.of(), List.of()), Map.of());
        Pattern drawn = DraftedGarment.of(SHEET, inputs, List.of()).pattern();
        Alteration shorter = LengthenAtLevel.evenly("midriff", -10, Sides.BOTH);
        Alteration longer = LengthenAtLevel.evenly("midriff", 10, Sides.BOTH);
        Garment two = garment.withVersion(DAY, "first", inputs, drawn)
                .with(shorter)
                .withVersion(DAY, "second", inputs, drawn);
        Garment again = two.takenUpAt(two.version(1).orElseThrow());
        assertThat(again.base()).isEqualTo(1);
        Garment three = again.with(longer).withVersion(DAY, "third", inputs, drawn);
        assertThat(three.versions()).extracting(Version::after).containsExactly(0, 1, 1);
        assertThat(three.base()).isEqualTo(3);
        assertThat(three.version(2).orElseThrow().alterations()).containsExactly(shorter);
        Garment branch = three.branch(three.version(2).orElseThrow(), "Blouse 2", "from the blouse, version 2");
        assertThat(branch.alterations()).containsExactly(shorter);
        assertThat(branch.versions()).isEmpty();
        assertThat(branch.origin()).isEqualTo("from the blouse, version 2");
        assertThat(branch.base()).isZero();
    }

    @Test
    void alterations_areChangedAndTakenOut_inTheirPlace() {
        Alteration one = LengthenAtLevel.evenly("midriff", 10, Sides.BOTH);
        Alteration other = LengthenAtLevel.evenly("midriff", 20, Sides.LEFT);
        Garment garment =
                costume(List.of(), List.of()).garments().get(0).with(one).with(one);
        assertThat(garment.with(1, other).alterations()).containsExactly(one, other);
        assertThat(garment.with(1, other).without(0).alterations()).containsExactly(other);
    }

    @Test
    void version_keepsWhatItWasDrawnFrom_whenTheTapeChanges() {
        Garment garment = costume(List.of(), List.of()).garments().get(0);
        Inputs inputs = TAPE.inputs(middle(CORSET), costume(List.of(), List.of()), Map.of());
        Pattern finished =
                DraftedGarment.of(SHEET, inputs, garment.alterations()).pattern();
        Garment named = garment.withVersion(DAY, "first mock-up", inputs, finished);
        DraftedGarment asCut = DraftedGarment.of(
                SHEET,
                named.version(1).orElseThrow().inputs(),
                named.version(1).orElseThrow().alterations());
        assertThat(asCut.draft().scale().orElseThrow().unit()).isCloseTo(25.4, within(MM));
        assertThat(named.version(2)).isEmpty();
        Version first = named.version(1).orElseThrow();
        assertThat(first.differsFrom(asCut.pattern())).isFalse();
        Alteration shorter = LengthenAtLevel.evenly("midriff", -10, Sides.BOTH);
        assertThat(first.differsFrom(shorter.apply(asCut.pattern()).pattern())).isTrue();
    }
}
