package org.soberhem.library.silhouette;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.judging.Judge;
import org.soberhem.core.judging.Judgement;
import org.soberhem.core.silhouette.Band;
import org.soberhem.core.silhouette.Dressing;
import org.soberhem.core.silhouette.FigureQuantities;
import org.soberhem.core.silhouette.PeriodOutline;
import org.soberhem.core.silhouette.QuantityKind;
import org.soberhem.core.silhouette.QuantityKind.From;
import org.soberhem.core.silhouette.Rule;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.core.silhouette.Silhouettes;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.library.Library;

/**
 * The shipped silhouettes: that they agree with the rest of the library, and that each rule can be judged by something.
 */
class SilhouettesAgreeTest {

    private static final Library LIBRARY = Library.shipped();
    private static final Silhouettes ALL = LIBRARY.silhouettes();
    private static final Judge JUDGE = new Judge(ALL, LIBRARY.figurePlan(), LIBRARY.wardrobe());

    private static List<Silhouette> whole() {
        return ALL.headers().stream()
                .map(header -> ALL.find(header.id()).orElseThrow())
                .toList();
    }

    private static List<Rule> rules() {
        List<Rule> rules = new ArrayList<>(ALL.everywhere());
        whole().forEach(silhouette -> rules.addAll(silhouette.rules()));
        return rules;
    }

    @Test
    void thereAreEnough_fromTheMiddleAgesToTheFifties_forWomenMenAndChildren() {
        assertThat(ALL.headers()).hasSizeGreaterThanOrEqualTo(16);
        assertThat(ALL.headers().get(0).from()).isEqualTo(1300);
        assertThat(ALL.headers()).anyMatch(header -> header.to() >= 1955);
        for (Silhouette.Who who : Silhouette.Who.values()) {
            assertThat(ALL.headers()).anyMatch(header -> header.who() == who);
        }
        assertThat(rules()).hasSizeGreaterThanOrEqualTo(80);
        assertThat(rules()).extracting(Rule::id).doesNotHaveDuplicates();
    }

    @Test
    void index_saysWhatTheFilesSay() {
        whole().forEach(silhouette ->
                assertThat(ALL.headers()).as(silhouette.header().id()).contains(silhouette.header()));
    }

    @Test
    void rules_nameWhatThereIs() {
        Set<String> ids = rules().stream().map(Rule::id).collect(Collectors.toSet());
        Set<String> silhouettes =
                ALL.headers().stream().map(Silhouette.Header::id).collect(Collectors.toSet());
        for (Rule rule : rules()) {
            assertThat(ALL.kind(rule.quantity())).as(rule.id()).isPresent();
            assertThat(ids).as(rule.id()).containsAll(rule.against());
            assertThat(silhouettes).as(rule.id()).containsAll(rule.except());
            assertThat(rule.evidence()).as(rule.id()).isIn("from memory", "common practice");
            assertThat(rule.weight()).isBetween(1, 3);
            boolean byEye = rule.judged() == Rule.Judged.EYE;
            assertThat(rule.band().isEmpty()).as(rule.id()).isEqualTo(byEye);
            assertThat(rule.ask().isEmpty()).as(rule.id()).isNotEqualTo(byEye);
            assertThat(rule.below() + rule.above()).as(rule.id()).isNotEmpty();
        }
    }

    /**
     * A rule that nothing can answer is a promise: each is fed by a sheet, the figure, a reading, a picture or an eye.
     */
    @Test
    void everyRule_canBeAnsweredBySomethingThatThereIs() {
        Set<String> drafted = drafted();
        Set<String> figured = figured();
        for (Rule rule : rules()) {
            QuantityKind kind = ALL.kind(rule.quantity()).orElseThrow();
            Set<From> answers = new HashSet<>();
            if (drafted.contains(kind.id())) {
                answers.add(From.DRAFT);
            }
            if (figured.contains(kind.id())) {
                answers.add(From.FIGURE);
            }
            // Readings in lengths are asked at every fitting whose rules want them.
            if (kind.from().contains(From.FITTING) && kind.unit() == QuantityKind.Unit.MM) {
                answers.add(From.FITTING);
            }
            if (kind.unit() == QuantityKind.Unit.EYE) {
                answers.add(From.EYE);
            }
            if (kind.from().contains(From.PICTURE)) {
                answers.add(From.PICTURE);
            }
            if (kind.from().contains(From.MEASURES)) {
                answers.add(From.MEASURES);
            }
            assertThat(answers).as(rule.id() + ": " + rule.quantity()).isNotEmpty();
            if (rule.judged() == Rule.Judged.PAPER) {
                assertThat(answers).as(rule.id()).containsAnyOf(From.DRAFT, From.FIGURE, From.MEASURES);
            }
        }
    }

    /** What sheets say themselves, and what follows from that and the readings. */
    private static Set<String> drafted() {
        Set<String> drafted = new TreeSet<>(Set.of(
                "bust-ease",
                "chest-girth-over-body",
                "waist-ease",
                "seated-waist-ease",
                "upper-arm-ease",
                "sleeve-max-girth-over-upper-arm",
                "armscye-girth-over-upper-arm",
                "neckline-width-over-shoulder-breadth",
                "back-width-over-shoulder-breadth",
                "stays-length-over-seated-torso",
                "overskirt-length-over-skirt",
                "shoulder-seam-drop",
                "opening-pass-ease"));
        LIBRARY.sheets()
                .forEach(sheet -> drafted.addAll(sheet.sheet().quantities().keySet()));
        return drafted;
    }

    private static Set<String> figured() {
        Map<String, Double> worn = new HashMap<>();
        worn.put("skirt-hem-girth", 3000.0);
        worn.put("skirt-length", 900.0);
        worn.put("sleeve-girth-upper-arm", 400.0);
        DressedFigure dressed = new Dressing(LIBRARY.figurePlan(), LIBRARY.wardrobe())
                .dressed(new Dressing.Subject(Build.ADULT, Optional.empty(), "none", Map.of()), worn, 0.5);
        return FigureQuantities.of(dressed).keySet();
    }

    @Test
    void quantities_areRegistered_whoeverGivesThem() {
        LIBRARY.sheets()
                .forEach(sheet -> sheet.sheet().quantities().keySet().forEach(id -> {
                    QuantityKind kind = ALL.kind(id)
                            .orElseThrow(() -> new AssertionError(sheet.sheet().id() + ": " + id));
                    assertThat(kind.from()).as(id).contains(From.DRAFT);
                }));
        figured().forEach(id -> {
            QuantityKind kind = ALL.kind(id).orElseThrow(() -> new AssertionError(id));
            assertThat(kind.from()).as(id).containsAnyOf(From.FIGURE, From.DRAFT);
        });
        for (QuantityKind kind : ALL.kinds()) {
            assertThat(kind.is()).as(kind.id()).isNotBlank();
            kind.of()
                    .ifPresent(
                            whole -> assertThat(ALL.kind(whole)).as(kind.id()).isPresent());
            assertThat(kind.more().isEmpty())
                    .as(kind.id())
                    .isEqualTo(kind.less().isEmpty());
        }
    }

    @Test
    void quantities_areChangedByAlterationsThatAskForThoseAmounts() {
        Map<String, AlterationKind> alterations =
                LIBRARY.alterations().stream().collect(Collectors.toMap(AlterationKind::id, kind -> kind));
        for (QuantityKind kind : ALL.kinds()) {
            kind.alter().ifPresent(alter -> {
                assertThat(alterations).as(kind.id()).containsKey(alter.kind());
                Set<String> asked = alterations.get(alter.kind()).asks().stream()
                        .filter(ask -> ask.as() == AlterationKind.As.LENGTH)
                        .map(AlterationKind.Ask::name)
                        .collect(Collectors.toSet());
                assertThat(asked).as(kind.id()).containsAll(alter.amounts().keySet());
            });
        }
    }

    @Test
    void outlines_areDrawnForEveryAge_theWiderLineOutsideTheNarrower() {
        Dressing dressing = new Dressing(LIBRARY.figurePlan(), LIBRARY.wardrobe());
        for (Silhouette silhouette : whole()) {
            for (Age age : Age.values()) {
                PeriodOutline outline = dressing.outline(
                        silhouette, new Dressing.Subject(new Build(age, true), Optional.empty(), "none", Map.of()));
                for (double height = 50; height < 500; height += 50) {
                    assertThat(outline.half(height).least())
                            .as(silhouette.header().id())
                            .isPositive()
                            .isLessThanOrEqualTo(outline.half(height).most());
                }
                for (FigureView view : FigureView.values()) {
                    assertThat(outline.bands(view)).isNotEmpty();
                }
                assertThat(outline.levels()).as(silhouette.header().id()).containsKeys("waist", "hem");
                assertThat(outline.levels().get("waist"))
                        .isGreaterThan(outline.levels().get("hem"));
            }
        }
    }

    @Test
    void outline_onAUsualBody_isAsItWasThoughtOut_andGrowsWithABroaderWearer() {
        Dressing dressing = new Dressing(LIBRARY.figurePlan(), LIBRARY.wardrobe());
        Silhouette cage = ALL.find("w-1860-round-cage").orElseThrow();
        PeriodOutline usual = dressing.outline(
                cage, new Dressing.Subject(Build.ADULT, Optional.empty(), "none", Map.of("height", 1620.0)));
        Silhouette.FrontLevel hem = cage.front().get(cage.front().size() - 1);
        assertThat(usual.half(hem.at() * 1620).most()).isCloseTo(hem.half().most() * 1620, within(3.0));
        PeriodOutline broad = dressing.outline(
                cage,
                new Dressing.Subject(
                        Build.ADULT,
                        Optional.empty(),
                        "none",
                        Map.of("height", 1620.0, "full-hip", 1250.0, "high-bust", 1150.0)));
        assertThat(broad.half(800).most()).isGreaterThan(usual.half(800).most() * 1.15);
    }

    @Test
    void departure_isWhatLiesOutside_betweenNeckAndKnee() {
        Dressing dressing = new Dressing(LIBRARY.figurePlan(), LIBRARY.wardrobe());
        PeriodOutline outline = dressing.outline(
                ALL.find("w-1860-round-cage").orElseThrow(),
                new Dressing.Subject(Build.ADULT, Optional.empty(), "none", Map.of("height", 1620.0)));
        double height = 620;
        double most = outline.half(height).most();
        double least = outline.half(height).least();
        assertThat(outline.departure(List.of(new PeriodOutline.Seen(height, (least + most) / 2)), 400)
                        .millimetres())
                .isZero();
        assertThat(outline.departure(List.of(new PeriodOutline.Seen(height, most + 30)), 400)
                        .millimetres())
                .isCloseTo(30, within(1e-9));
        assertThat(outline.departure(List.of(new PeriodOutline.Seen(height, least - 12)), 400)
                        .millimetres())
                .isCloseTo(12, within(1e-9));
        double hip = outline.half(900).most();
        assertThat(outline.departure(List.of(new PeriodOutline.Seen(900, hip + 10)), 400)
                        .millimetres())
                .as("a sleeve beside the skirt")
                .isZero();
        // Below the knee nothing is compared.
        assertThat(outline.departure(List.of(new PeriodOutline.Seen(300, 2000)), 400)
                        .millimetres())
                .isZero();
    }

    @Test
    void departure_ofAHandBesideANarrowSkirt_isNone_furtherOutItCounts() {
        PeriodOutline outline = new Dressing(LIBRARY.figurePlan(), LIBRARY.wardrobe())
                .outline(
                        ALL.find("w-1904-s-line").orElseThrow(),
                        new Dressing.Subject(Build.ADULT, Optional.empty(), "none", Map.of("height", 1620.0)));
        double beside = outline.half(720).most() + 20;
        assertThat(outline.departure(List.of(new PeriodOutline.Seen(720, beside)), 400)
                        .millimetres())
                .isZero();
        assertThat(outline.departure(List.of(new PeriodOutline.Seen(720, beside + 300)), 400)
                        .millimetres())
                .isBetween(150.0, 320.0);
    }

    /** Sheets drawn at their middle size have what their own years ask of a pattern; the two that do not say why. */
    @Test
    void sheets_atTheirMiddleSize_areNotFarFromTheRulesOfTheirYears() {
        Map<String, String> known = Map.of(
                "sleeve-1895", "it is drawn plain and puffed by a setting",
                "sleeve-1837", "its fullness is that of the thirties, its years run on");
        Map<String, String> failures = new LinkedHashMap<>();
        for (CompiledSheet sheet : LIBRARY.sheets()) {
            String id = sheet.sheet().id();
            int year = (sheet.sheet().about().from() + sheet.sheet().about().to()) / 2;
            for (Verdict verdict : JUDGE.verdicts(middle(sheet, year))) {
                if (verdict.grade() == Verdict.Grade.NOT_MET
                        && verdict.quantity().from().filter(From.DRAFT::equals).isPresent()
                        && !known.containsKey(id)) {
                    failures.put(
                            id + " " + verdict.rule().id(),
                            String.valueOf(verdict.quantity().value()));
                }
            }
        }
        assertThat(failures).isEmpty();
    }

    private static EvaluatedCostume middle(CompiledSheet sheet, int year) {
        Inputs inputs = sheet.middle();
        Map<String, Double> tried = new HashMap<>();
        inputs.measures().forEach((measure, value) -> tried.put(measure, value.right()));
        Costume costume =
                new Costume("c", "c", "", year, Optional.empty(), "w", "", "none", List.of(), List.of(), "", Map.of());
        boolean man = sheet.sheet().id().startsWith("shirt");
        return new EvaluatedCostume(
                new Judgement(costume, Map.of("Garment", DraftedGarment.of(sheet, inputs, List.of())), Map.of()),
                Wearer.of("w", "w", "", List.of()).built(new Build(Age.ADULT, !man)),
                Optional.empty(),
                tried);
    }

    /**
     * Common practice, no published source: what the trade says of skirts and the waist, against the bands of their
     * years.
     */
    @Test
    void bands_holdWhatTheTradeSays() {
        // 1830s: at the ankle, about 4 in up. 1850s and 60s over a cage: 1 to 2 in.
        assertThat(band("w-1833-wide-sleeve", "skirt-hem-clearance-front")).satisfies(band -> holds(band, 4 * 25.4));
        assertThat(band("w-1860-round-cage", "skirt-hem-clearance-front")).satisfies(band -> {
            holds(band, 1.1 * 25.4);
            holds(band, 1.9 * 25.4);
        });
        // 1840s: close to the floor.
        assertThat(band("w-1842-long-point-dome", "skirt-hem-clearance-front").most())
                .isLessThan(45);
        // 1800 to 1815: the waist is under the bust, so far above the natural one.
        assertThat(ALL.find("w-1805-high-waist-column").orElseThrow().rules())
                .filteredOn(rule -> rule.quantity().startsWith("waist-seam-"))
                .isNotEmpty()
                .noneMatch(rule -> rule.quantity().equals("waist-seam-above-natural-waist")
                        && rule.band().orElseThrow().least() < 50);
        // 1920s: the belt lies on the hip.
        assertThat(band("w-1926-tube-low-belt", "belt-below-natural-waist").least())
                .isPositive();
        // A square-cut shirt: a loop of 18 in for an arm of 11 to 11 1/2 in was far too tight, 24 in was right.
        Band loop = band("m-1810-boatman", "armscye-girth-over-upper-arm");
        holds(loop, 24 / 11.25);
        assertThat(18 / 11.25).isLessThan(loop.least());
    }

    private static Band band(String silhouette, String quantity) {
        return ALL.find(silhouette).orElseThrow().rules().stream()
                .filter(rule -> rule.quantity().equals(quantity) && rule.band().isPresent())
                .findFirst()
                .orElseThrow()
                .band()
                .orElseThrow();
    }

    private static void holds(Band band, double value) {
        assertThat(value).isBetween(band.least(), band.most());
    }
}
