package org.soberhem.library.judging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.Reading;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Look;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.fitting.Conditions;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Mockup;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.judging.Judge;
import org.soberhem.core.judging.Judgement;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.silhouette.Facts;
import org.soberhem.core.silhouette.QuantityKind.From;
import org.soberhem.core.silhouette.Rule;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.core.silhouette.Silhouettes;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.library.Library;

/** A costume dressed, its facts gathered, and judged. */
class JudgeTest {

    private static final Library LIBRARY = Library.shipped();
    private static final Judge JUDGE = new Judge(LIBRARY.silhouettes(), LIBRARY.figurePlan(), LIBRARY.wardrobe());
    private static final String CAGE = "woman-1861";

    private static Reading reading(String measure, Posture posture, int millimetres) {
        return new Reading(
                measure, Side.MIDDLE, posture, List.of(LengthEntry.parse(millimetres + " mm", LengthUnit.INCH)));
    }

    private static MeasurementSet set(String id, int month, String stack, Reading... readings) {
        MeasurementSet set = MeasurementSet.of(id, LocalDate.of(2026, month, 1), stack, "", "", List.of());
        for (Reading each : readings) {
            set = set.with(each);
        }
        return set;
    }

    private static DraftedGarment work(String sheet, Map<String, Double> settings) {
        CompiledSheet compiled = LIBRARY.sheet(sheet).orElseThrow();
        Inputs inputs = compiled.middle();
        for (Map.Entry<String, Double> each : settings.entrySet()) {
            inputs = inputs.withSetting(each.getKey(), each.getValue());
        }
        return DraftedGarment.of(compiled, inputs, List.of());
    }

    private static Costume costume(int year, String stack, Look look, Fitting... fittings) {
        return new Costume(
                        "c",
                        "c",
                        "",
                        year,
                        Optional.empty(),
                        "w",
                        "m",
                        stack,
                        List.of(),
                        List.of(fittings),
                        "",
                        Map.of())
                .withLook(look);
    }

    private static EvaluatedCostume at(Costume costume, Map<String, DraftedGarment> works, MeasurementSet... sets) {
        Wearer wearer = Wearer.of("w", "Ada", "", List.of(sets)).built(new Build(Age.ADULT, true));
        Optional<MeasurementSet> last = sets.length == 0 ? Optional.empty() : Optional.of(sets[sets.length - 1]);
        return new EvaluatedCostume(new Judgement(costume, works, Map.of()), wearer, last, Map.of());
    }

    private static Verdict verdict(List<Verdict> verdicts, String rule) {
        return verdicts.stream()
                .filter(each -> each.rule().id().equals(rule))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void waistIsReduced_againstTheLatestReadingOverNothingThatShapes() {
        MeasurementSet older = set("a", 1, "none", reading("waist-crease", Posture.STANDING, 760));
        MeasurementSet bare = set("b", 3, "none", reading("waist-crease", Posture.STANDING, 740));
        MeasurementSet laced = set(
                "c",
                4,
                "blouse-1906",
                reading("waist-crease", Posture.STANDING, 680),
                reading("waist-crease", Posture.SEATED, 705));
        Facts facts = JUDGE.facts(at(
                costume(1906, "blouse-1906", Look.USUAL),
                Map.of("Corset", work("corset-1900", Map.of())),
                older,
                bare,
                laced));
        assertThat(facts.value("bare-waist")).isEqualTo(740);
        assertThat(facts.value("waist-reduction-ratio")).isCloseTo(680.0 / 740, within(1e-9));
        assertThat(facts.value("seated-waist")).isEqualTo(705);
    }

    /** Common practice, no source: a busk of 9½ in on a torso of 9 in, read seated, cuts into the lap. */
    @Test
    void seatedTorso_isReadSeated_andALongerBuskFails() {
        double inch = 25.4;
        CompiledSheet sheet = LIBRARY.sheet("corset-1900").orElseThrow();
        Inputs inputs = sheet.middle().with("torso-length-seated", Inputs.Measured.both(9 * inch));
        DraftedGarment corset = DraftedGarment.of(sheet, inputs, List.of());
        CheckResult busk = corset.checks().stream()
                .filter(check -> check.name().contains("busk"))
                .findFirst()
                .orElseThrow();
        assertThat(busk.is()).isCloseTo(9.5 * inch, within(1.0));
        assertThat(busk.passes()).isFalse();
        assertThat(busk.correction()).isCloseTo(-0.5 * inch, within(1.0));
        MeasurementSet seated = set("a", 4, "none", reading("torso-length-seated", Posture.SEATED, 229));
        EvaluatedCostume at = at(costume(1906, "none", Look.USUAL), Map.of("Corset", corset), seated);
        assertThat(verdict(JUDGE.verdicts(at), "any-stays-seated").grade()).isEqualTo(Verdict.Grade.NOT_MET);
    }

    /** A hem that is trodden on is never met, on no silhouette: it throws the wearer (common practice). */
    @Test
    void hemThatIsTroddenOnAStair_isOutsideEveryRule() {
        Silhouettes all = LIBRARY.silhouettes();
        List<Rule> rules = new ArrayList<>(all.everywhere());
        all.headers()
                .forEach(header ->
                        rules.addAll(all.find(header.id()).orElseThrow().rules()));
        assertThat(rules)
                .filteredOn(rule -> rule.quantity().equals("stair-clearance"))
                .hasSizeGreaterThan(1)
                .allSatisfy(rule ->
                        assertThat(rule.band().orElseThrow().nearLeast()).isNotNegative());
    }

    @Test
    void outerGarment_standsForTheInner_inWhatIsWorn() {
        Map<String, DraftedGarment> works = new LinkedHashMap<>();
        works.put("Petticoat", work("petticoat-1778", Map.of()));
        works.put("Jacket", work("jacket-1778", Map.of()));
        Map<String, Double> worn = Judge.worn(works);
        assertThat(worn).containsKeys("skirt-hem-girth", "trunk-girth-bust");
        works.put("Skirt", work("skirt-1845", Map.of()));
        assertThat(Judge.worn(works).get("skirt-hem-girth"))
                .isEqualTo(works.get("Skirt").quantities().get("skirt-hem-girth"));
    }

    @Test
    void tightestOpening_namesItsGarment() {
        Map<String, DraftedGarment> works = new LinkedHashMap<>();
        works.put("Shirt", work("shirt-1780", Map.of()));
        works.put("Hood", work("hood-1780", Map.of("strip", 160.0)));
        EvaluatedCostume at = at(costume(1790, "none", Look.USUAL.of("m-1810-boatman")), works);
        Verdict hood = verdict(JUDGE.verdicts(at), "g19m-hood");
        assertThat(hood.garment()).isEqualTo("Hood");
        assertThat(hood.grade()).isEqualTo(Verdict.Grade.NOT_MET);
        assertThat(hood.quantity().origin().in(LengthFormat.CENTIMETRES)).startsWith("Hood, ");
    }

    @Test
    void silhouette_isTheChosenOne_orThatOfTheYearAndTheGarments() {
        Map<String, DraftedGarment> jacket = Map.of("Jacket", work("jacket-1778", Map.of()));
        assertThat(JUDGE.silhouette(at(costume(1778, "none", Look.USUAL), jacket))
                        .orElseThrow()
                        .header()
                        .id())
                .isEqualTo("w-1778-working-jacket");
        Map<String, DraftedGarment> gown = Map.of("Gown", work("gown-bodice-1785", Map.of()));
        assertThat(JUDGE.silhouette(at(costume(1778, "none", Look.USUAL), gown))
                        .orElseThrow()
                        .header()
                        .id())
                .isEqualTo("w-1780-close-back-gown");
        assertThat(JUDGE.silhouette(at(costume(1778, "none", Look.USUAL.of("w-1860-round-cage")), gown)))
                .map(Silhouette::header)
                .map(Silhouette.Header::from)
                .contains(1856);
        assertThat(JUDGE.silhouette(at(costume(1000, "none", Look.USUAL), gown)))
                .isEmpty();
    }

    @Test
    void noSilhouette_leavesWhatHoldsInEveryPeriod() {
        List<Verdict> verdicts =
                JUDGE.verdicts(at(costume(1000, "none", Look.USUAL), Map.of("Skirt", work("skirt-1845", Map.of()))));
        assertThat(verdicts)
                .isNotEmpty()
                .allSatisfy(each -> assertThat(each.rule().id()).startsWith("any-"));
    }

    private static Fitting fitting(int number) {
        return Fitting.begun(
                number, LocalDate.EPOCH, new Mockup(Map.of("Blouse", 1), ""), new Conditions("none", true, ""));
    }

    @Test
    void round_knowsOnlyWhatWasKnownThen() {
        Fitting first = fitting(1).withReading("waist-dip-front", Length.ofMillimetres(10));
        Fitting second = fitting(2)
                .withReading("waist-dip-front", Length.ofMillimetres(30))
                .withAnswer("s04-stance", Optional.of(1.0));
        Map<String, DraftedGarment> works = Map.of("Blouse", work("blouse-1906", Map.of()));
        EvaluatedCostume at = at(costume(1906, "blouse-1906", Look.USUAL, first, second), works);
        List<Verdict.Grade> grades = new ArrayList<>();
        for (int round = 0; round <= 2; round++) {
            grades.add(verdict(JUDGE.verdicts(at, works, round), "waist-dip").grade());
        }
        assertThat(grades).containsExactly(Verdict.Grade.UNKNOWN, Verdict.Grade.NEAR, Verdict.Grade.MET);
        assertThat(verdict(JUDGE.verdicts(at, works, 1), "s04-stance").grade()).isEqualTo(Verdict.Grade.UNKNOWN);
        assertThat(verdict(JUDGE.verdicts(at), "s04-stance").grade()).isEqualTo(Verdict.Grade.MET);
    }

    @Test
    void whatPressesMost_comesFirst_andADepartureNoMore() {
        Map<String, DraftedGarment> works = Map.of("Skirt", work("skirt-1845", Map.of()));
        List<Verdict> verdicts = JUDGE.verdicts(at(costume(1860, CAGE, Look.USUAL), works));
        assertThat(verdicts.get(0).rule().id()).isEqualTo("c60-hem-girth");
        assertThat(verdicts).isSortedAccordingTo((one, other) -> Double.compare(other.pressing(), one.pressing()));
        List<Verdict> departed = JUDGE.verdicts(
                at(costume(1860, CAGE, Look.USUAL.departing("c60-hem-girth", Optional.of("cloth"))), works));
        assertThat(verdict(departed, "c60-hem-girth").grade()).isEqualTo(Verdict.Grade.DEPARTED);
        assertThat(departed.get(0).rule().id()).isNotEqualTo("c60-hem-girth");
    }

    @Test
    void layerLess_isWornWithoutIt_andTheStackStaysAsItIs() {
        EvaluatedCostume at = at(costume(1860, CAGE, Look.USUAL), Map.of("Skirt", work("skirt-1845", Map.of())));
        Judge less = JUDGE.without(CAGE, "cage-1858");
        double with = JUDGE.facts(at).value("hem-breadth");
        assertThat(less.facts(at).value("hem-breadth")).isLessThan(with * 0.8);
        assertThat(LIBRARY.wardrobe().stack(CAGE).orElseThrow().layers()).contains("cage-1858");
    }

    @Test
    void origins_sayWhetherTheLayersAreEstimated() {
        EvaluatedCostume caged = at(costume(1860, CAGE, Look.USUAL), Map.of("Skirt", work("skirt-1845", Map.of())));
        assertThat(JUDGE.facts(caged).quantity("hem-breadth").origin().in(LengthFormat.CENTIMETRES))
                .contains("whose effect is estimated");
        assertThat(JUDGE.facts(caged).quantity("hem-breadth").from()).contains(From.FIGURE);
        assertThat(JUDGE.facts(caged).quantity("skirt-hem-girth").origin().in(LengthFormat.CENTIMETRES))
                .isEqualTo("Skirt, length(front.hem) + length(back.hem)");
    }

    @Test
    void level_saysWhichReadingsPutItThere() {
        MeasurementSet set = set(
                "m",
                4,
                "none",
                reading("waist-crease", Posture.STANDING, 700),
                reading("nape-to-floor", Posture.STANDING, 1400),
                reading("nape-to-waist", Posture.STANDING, 390));
        BodyFigure body = JUDGE.asMeasured(at(costume(1860, "none", Look.USUAL), Map.of(), set));
        assertThat(body.origin("waist").girth()).contains("waist-crease");
        assertThat(body.origin("waist").height()).contains("nape-to-waist");
        assertThat(body.origin("hip")).isEqualTo(new BodyFigure.Origin(Optional.empty(), Optional.empty()));
    }
}
