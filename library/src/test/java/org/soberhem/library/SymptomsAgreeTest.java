package org.soberhem.library;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.alter.Effect;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.draft.Checks;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.fitting.Cause;
import org.soberhem.core.fitting.Decision;
import org.soberhem.core.fitting.Fact;
import org.soberhem.core.fitting.Movement;
import org.soberhem.core.fitting.Remedy;
import org.soberhem.core.fitting.Stance;
import org.soberhem.core.fitting.Symptom;
import org.soberhem.core.fitting.Symptoms;
import org.soberhem.core.fitting.Zone;
import org.soberhem.core.layers.LayerClass;
import org.soberhem.core.length.Length;
import org.soberhem.core.pattern.Pattern;

/** Symptoms, their causes and the movements speak of zones, facts, layers and alterations that there are. */
class SymptomsAgreeTest {

    private static final Library LIBRARY = Library.shipped();
    private static final Symptoms SYMPTOMS = LIBRARY.symptoms();

    static Stream<Symptom> symptoms() {
        return SYMPTOMS.all().stream();
    }

    private static List<CompiledSheet> sheetsOf(String garment) {
        return LIBRARY.sheets().stream()
                .filter(sheet -> sheet.sheet().about().garment().equals(garment))
                .toList();
    }

    private static Optional<Zone> zone(String id) {
        return LIBRARY.zones().stream().filter(zone -> zone.id().equals(id)).findFirst();
    }

    @Test
    void thereAreFiftySymptoms_eachOnce_andEachZoneHasSome() {
        assertThat(SYMPTOMS.all())
                .hasSizeGreaterThanOrEqualTo(50)
                .extracting(Symptom::id)
                .doesNotHaveDuplicates();
        assertThat(SYMPTOMS.all()).extracting(Symptom::seen).doesNotHaveDuplicates();
        for (Zone zone : LIBRARY.zones()) {
            for (CompiledSheet sheet : LIBRARY.sheets()) {
                String garment = sheet.sheet().about().garment();
                if (!isOn(zone, sheet)) {
                    continue;
                }
                assertThat(SYMPTOMS.at(zone.id(), garment))
                        .as("%s of %s", zone.id(), garment)
                        .isNotEmpty();
            }
        }
    }

    @ParameterizedTest
    @MethodSource("symptoms")
    void symptom_isSeenInAZoneOfItsGarments(Symptom symptom) {
        assertThat(symptom.garments())
                .isNotEmpty()
                .allSatisfy(garment -> assertThat(sheetsOf(garment)).as(garment).isNotEmpty());
        assertThat(symptom.zones())
                .isNotEmpty()
                .allSatisfy(id -> assertThat(zone(id)).isPresent());
        for (String garment : symptom.garments()) {
            assertThat(symptom.zones())
                    .as("%s of a %s can be pointed at", symptom.id(), garment)
                    .anyMatch(id -> sheetsOf(garment).stream().anyMatch(sheet -> isOn(zone(id).orElseThrow(), sheet)));
        }
    }

    private static boolean isOn(Zone zone, CompiledSheet sheet) {
        return zone.isOn(
                sheet.sheet().about().garment(),
                List.copyOf(sheet.sheet().pieces().keySet()));
    }

    @ParameterizedTest
    @MethodSource("symptoms")
    void symptom_hasCausesWithATestAndARemedyEach(Symptom symptom) {
        assertThat(symptom.causes())
                .hasSizeGreaterThanOrEqualTo(2)
                .extracting(Cause::id)
                .doesNotHaveDuplicates();
        double sum = symptom.causes().stream().mapToDouble(Cause::prior).sum();
        assertThat(sum)
                .as("weights of %s leave room for another cause", symptom.id())
                .isGreaterThan(0.5)
                .isLessThanOrEqualTo(1 + 1e-9);
        for (Cause cause : symptom.causes()) {
            assertThat(List.of(
                            cause.why(),
                            cause.test().task(),
                            cause.test().then(),
                            cause.remedy().task()))
                    .allSatisfy(words -> assertThat(words).as(cause.id()).isNotBlank());
            assertThat(cause.remedy().least())
                    .isLessThanOrEqualTo(cause.remedy().most());
            boolean alters = cause.remedy().decision() == Decision.Kind.ALTER;
            assertThat(cause.remedy().alteration().isEmpty() || alters)
                    .as(cause.id())
                    .isTrue();
        }
    }

    @ParameterizedTest
    @MethodSource("symptoms")
    void facts_areOfAKindThatIsGathered_andNamePlacesThatThereAre(Symptom symptom) {
        Set<String> kinds = new HashSet<>();
        LIBRARY.alterations().forEach(kind -> kinds.add(kind.id()));
        Set<String> movements = new HashSet<>();
        LIBRARY.movements().forEach(movement -> movements.add(movement.id()));
        for (Cause cause : symptom.causes()) {
            List<Fact> facts = new ArrayList<>(cause.supports());
            facts.addAll(cause.contradicts());
            assertThat(facts).doesNotHaveDuplicates();
            for (Fact fact : facts) {
                String at = fact.at();
                boolean known = switch (fact.kind()) {
                    case "girth-short", "girth-long", "girth-ok" ->
                        !SYMPTOMS.places().get(at).checks().isEmpty()
                                && SYMPTOMS.places().get(at).girth();
                    case "len-short", "len-long", "len-ok" ->
                        !SYMPTOMS.places().get(at).checks().isEmpty()
                                && !SYMPTOMS.places().get(at).girth();
                    case "opening-small" ->
                        !SYMPTOMS.places().get(at).openings().isEmpty();
                    case "uneven", "spread", "seated-more" ->
                        !SYMPTOMS.places().get(at).measures().isEmpty();
                    case "after", "persists", "asked" -> kinds.contains(at);
                    case "layer-missing", "layer-present", "layer-new" ->
                        SYMPTOMS.layers().containsKey(at);
                    case "also" -> SYMPTOMS.find(at).isPresent();
                    case "gone-in", "only-in" -> movements.contains(at);
                    case "posture" ->
                        Stream.of(Stance.values())
                                .anyMatch(stance -> stance.id().equals(at));
                    case "seam-ok", "seam-differs" ->
                        List.of("armscye", "front", "shoulder", "side", "side-back", "sleeve")
                                .contains(at);
                    default -> at.isEmpty();
                };
                assertThat(known).as("%s of %s", fact, symptom.id()).isTrue();
                assertThat(SYMPTOMS.says(fact)).doesNotContain("{at}");
            }
        }
    }

    @Test
    void places_nameMeasuresOfTheCatalogue_andLayersClassesAndLayersThatThereAre() {
        SYMPTOMS.places()
                .values()
                .forEach(place -> place.measures()
                        .forEach(measure -> assertThat(LIBRARY.measures().find(measure))
                                .as(measure)
                                .isPresent()));
        Set<String> classes = new HashSet<>();
        Stream.of(LayerClass.values()).forEach(each -> classes.add(each.id()));
        SYMPTOMS.layers().values().forEach(words -> {
            assertThat(classes).containsAll(words.classes());
            words.layers()
                    .forEach(layer -> assertThat(LIBRARY.wardrobe().layer(layer))
                            .as(layer)
                            .isPresent());
        });
        // A place that no sheet's check measures could never be a fact.
        List<String> names = checks(false);
        List<String> openings = checks(true);
        SYMPTOMS.places().forEach((id, place) -> {
            assertThat(place.checks()).as(id).allMatch(words -> names.stream().anyMatch(name -> name.contains(words)));
            assertThat(place.openings())
                    .as(id)
                    .allMatch(words -> openings.stream().anyMatch(name -> name.contains(words)));
        });
    }

    private static List<String> checks(boolean openings) {
        List<String> names = new ArrayList<>();
        for (CompiledSheet sheet : LIBRARY.sheets()) {
            Pattern pattern = Drafter.draft(sheet, sheet.middle()).pattern();
            Checks.of(sheet, sheet.middle(), pattern).stream()
                    .filter(check -> check.isOpening() == openings)
                    .forEach(check -> names.add(openings ? check.why() : check.name()));
        }
        return names;
    }

    /** Every alteration that a remedy names, made on every shipped sheet that it can be made on. */
    @Test
    void remedies_areMadeOnTheShippedSheets_andMoveClothTheWayTheySay() {
        Map<String, Integer> made = new TreeMap<>();
        List<String> refused = new ArrayList<>();
        int tried = 0;
        for (Symptom symptom : SYMPTOMS.all()) {
            for (Cause cause : symptom.causes()) {
                Remedy remedy = cause.remedy();
                if (remedy.alteration().isEmpty()) {
                    continue;
                }
                assertThat(LIBRARY.alterations()).extracting(AlterationKind::id).contains(remedy.alteration());
                for (String garment : symptom.garments()) {
                    for (CompiledSheet sheet : sheetsOf(garment)) {
                        tried++;
                        Pattern pattern = Drafter.draft(sheet, sheet.middle()).pattern();
                        Optional<Zone> pointed = symptom.zones().stream()
                                .flatMap(id -> zone(id).stream())
                                .filter(each -> isOn(each, sheet))
                                .findFirst();
                        if (pointed.isEmpty()) {
                            continue;
                        }
                        Zone zone = pointed.get();
                        Optional<Alteration> alteration = remedy.alteration(
                                LIBRARY.alterations(),
                                pattern,
                                remedy.usual().map(Length::toMillimetres).orElse(6.35),
                                Sides.BOTH,
                                zone);
                        if (alteration.isEmpty()) {
                            continue;
                        }
                        if (alteration.get().apply(pattern).refusal().isPresent()) {
                            refused.add(symptom.id() + " on " + sheet.sheet().id());
                            continue;
                        }
                        made.merge(symptom.id(), 1, Integer::sum);
                        direction(
                                remedy,
                                pattern,
                                alteration.get(),
                                symptom.id() + " on " + sheet.sheet().id());
                    }
                }
            }
        }
        // Square-cut garments have no seam that could be moved alone, and not every bodice has a sleeve or a dart.
        assertThat(made).hasSizeGreaterThan(55);
        assertThat(refused.size()).as("refused: %s", refused).isLessThan(tried / 5);
    }

    /** Taking in makes every girth that changes less, letting out more. */
    private static void direction(Remedy remedy, Pattern pattern, Alteration alteration, String where) {
        if (!remedy.alteration().equals("take-in-seam")) {
            return;
        }
        boolean takes =
                remedy.shares().values().stream().mapToDouble(each -> each).sum() > 0;
        for (Effect effect : Effect.between(pattern, alteration.apply(pattern).pattern())) {
            if (effect.name().endsWith("girth")) {
                assertThat(effect.change() < 0).as("%s: %s", where, effect).isEqualTo(takes);
            }
        }
    }

    /** Common practice, no source: ½ in off each of the four edges at two side seams is 2 in of girth. */
    @Test
    void halfAnInchOffEachOfFourEdges_isTwoInchesOfGirth() {
        assertThat(bustLess(25.4)).isCloseTo(2 * 25.4, within(0.6));
    }

    /** Common practice, no source: each of the two seams pinched by ½ in in all is 1 in of girth. */
    @Test
    void eachOfTwoSeamsPinchedByHalfAnInchInAll_isOneInchOfGirth() {
        assertThat(bustLess(12.7)).isCloseTo(25.4, within(0.3));
    }

    private static double bustLess(double takenAtEachSeam) {
        CompiledSheet sheet = LIBRARY.sheet("blouse-1906").orElseThrow();
        Pattern pattern = Drafter.draft(sheet, sheet.middle()).pattern();
        Remedy remedy = SYMPTOMS.find("side-wide").orElseThrow().causes().get(0).remedy();
        Alteration alteration = remedy.alteration(
                        LIBRARY.alterations(),
                        pattern,
                        takenAtEachSeam,
                        Sides.BOTH,
                        zone("side-front").orElseThrow())
                .orElseThrow();
        return Effect.between(pattern, alteration.apply(pattern).pattern()).stream()
                .filter(effect -> effect.name().equals("bust girth"))
                .mapToDouble(effect -> -effect.change())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void words_readAlone_areThoseOfTheWhole() {
        for (Symptom symptom : SYMPTOMS.all()) {
            assertThat(LIBRARY.seenWords(symptom.id())).isEqualTo(symptom.seen());
        }
        assertThat(LIBRARY.seenWords("a fan of creases")).isEqualTo("a fan of creases");
    }

    @Test
    void movements_coverWhatTheTradeTries_andEveryGarmentHasSome() {
        assertThat(LIBRARY.movements())
                .extracting(Movement::id)
                .contains(
                        "arms-up",
                        "arms-forward",
                        "bend-forward",
                        "sit",
                        "breathe",
                        "step-up",
                        "lavatory",
                        "undress-alone",
                        "chores",
                        "wear-long");
        for (CompiledSheet sheet : LIBRARY.sheets()) {
            String garment = sheet.sheet().about().garment();
            assertThat(LIBRARY.movements())
                    .as(garment)
                    .anyMatch(each -> each.garments().contains(garment));
        }
        assertThat(LIBRARY.readings("blouse")).isNotEmpty();
        assertThat(LIBRARY.readings("skirt")).isNotEmpty();
    }

    @Test
    void wrongData_areRefusedWithTheirLine() {
        String unknown = """
                facts: {}
                places: {}
                layers: {}
                symptoms:
                - id: x
                  seen: x
                  more: x
                  zones: [bust]
                  garments: [blouse]
                  severity: fit
                  causes:
                  - {id: a, why: a, prior: 0.5, for: [sunshine], test: {by: pin, do: a, then: a}, remedy: {decision: leave, do: a}}
                """;
        assertThatThrownBy(() -> SymptomData.symptoms(unknown))
                .hasMessageContaining("line 12")
                .hasMessageContaining("there is no fact \"sunshine\"");
        assertThatThrownBy(() ->
                        SymptomData.symptoms(unknown.replace("[sunshine]", "[]").replace("by: pin", "by: magic")))
                .hasMessageContaining("\"magic\" is not known here");
        assertThatThrownBy(() -> SymptomData.symptoms(
                        unknown.replace("for: [sunshine], ", "").replace("0.5", "half")))
                .hasMessageContaining("a number must stand here: \"half\"");
    }
}
