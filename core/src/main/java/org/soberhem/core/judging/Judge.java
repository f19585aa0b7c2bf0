package org.soberhem.core.judging;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.FigurePlan;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.silhouette.Dressing;
import org.soberhem.core.silhouette.Facts;
import org.soberhem.core.silhouette.FigureQuantities;
import org.soberhem.core.silhouette.QuantityKind.From;
import org.soberhem.core.silhouette.Rule;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.core.silhouette.Silhouettes;
import org.soberhem.core.silhouette.Verdict;

/** Dresses a costume's wearer, gathers what is known of it and judges it by its period's rules. */
public final class Judge {

    /** What stands for which measure, the best first. */
    private static final Map<String, List<String>> READ = Map.of(
            "height", List.of("height"),
            "chest", List.of("full-bust", "chest"),
            "waist", List.of("waist-crease", "waist-narrowest", "waist-midway"),
            "shoulder-width", List.of("shoulder-width"),
            "upper-arm", List.of("upper-arm"),
            "arm", List.of("shoulder-to-wrist"),
            "seated-torso", List.of("torso-length-seated"));

    private static final String OPENING = "opening-pass-ease";

    private final Silhouettes silhouettes;
    private final Wardrobe wardrobe;
    private final FigurePlan plan;
    private final Dressing dressing;

    public Judge(Silhouettes silhouettes, FigurePlan plan, Wardrobe wardrobe) {
        this.silhouettes = silhouettes;
        this.wardrobe = wardrobe;
        this.plan = plan;
        this.dressing = new Dressing(plan, wardrobe);
    }

    /** Returns a judge that leaves one layer off a stack. */
    public Judge without(String stack, String layer) {
        LayerStack less = wardrobe.stack(stack).orElseThrow().without(layer);
        return new Judge(silhouettes, plan, wardrobe.with(List.of(less)));
    }

    public Silhouettes silhouettes() {
        return silhouettes;
    }

    public Dressing dressing() {
        return dressing;
    }

    /** Returns the outline that a costume is to have: as chosen, or the usual one of its year. */
    public Optional<Silhouette> silhouette(EvaluatedCostume at) {
        return silhouettes.find(at.costume().look().silhouette()).or(() -> {
            Set<String> kinds = at.judgement().works().values().stream()
                    .map(work -> work.sheet().sheet().about().garment())
                    .collect(Collectors.toSet());
            return silhouettes.usual(at.wearer().build(), at.costume().year(), kinds);
        });
    }

    /** Returns what finished garments give, the outer over the inner. */
    public static Map<String, Double> worn(Map<String, DraftedGarment> works) {
        Map<String, Double> worn = new LinkedHashMap<>();
        works.values().forEach(work -> worn.putAll(work.quantities()));
        return worn;
    }

    /** Returns the wearer as measured. */
    public BodyFigure asMeasured(EvaluatedCostume at) {
        return dressing.asMeasured(at.subject());
    }

    /**
     * Returns the wearer in the costume.
     *
     * @param share where within the ranges of the layers' effects, from least (0) to most (1)
     */
    public DressedFigure figure(EvaluatedCostume at, double share) {
        return dressing.dressed(at.subject(), worn(at.judgement().works()), share);
    }

    /** Returns what is known as things stand now. */
    public Facts facts(EvaluatedCostume at) {
        return facts(at, at.judgement().works(), at.costume().fittings().size());
    }

    /**
     * Returns what was known at a round.
     *
     * @param works the garments as they were cut for it
     * @param round number of the fitting, 0 for before the first
     */
    public Facts facts(EvaluatedCostume at, Map<String, DraftedGarment> works, int round) {
        Facts facts = new Facts(silhouettes);
        measures(at, facts);
        works.forEach((garment, work) -> {
            work.quantities()
                    .forEach((id, value) -> facts.add(
                            id,
                            value,
                            From.DRAFT,
                            Sentence.of("{}, {}", garment, work.sheet().quantityText(id))));
            openings(garment, work, facts);
        });
        if (!works.isEmpty() || at.set().isPresent()) {
            DressedFigure dressed = dressing.dressed(at.subject(), worn(works), 0.5);
            facts.add(
                    FigureQuantities.of(dressed),
                    From.FIGURE,
                    Sentence.of(
                            "Read off the figure, drawn over {}{}",
                            wardrobe.title(at.costume().stack()),
                            dressing.isEstimated(at.subject()) ? ", whose effect is estimated" : ""));
        }
        for (Fitting fitting : at.costume()
                .fittings()
                .subList(0, Math.min(round, at.costume().fittings().size()))) {
            Sentence origin = Sentence.of("Measured at fitting {}", fitting.number());
            fitting.readings().forEach((id, reading) -> facts.add(id, reading.toMillimetres(), From.FITTING, origin));
            Sentence answered = Sentence.of("Answered at fitting {}", fitting.number());
            fitting.answers().forEach((rule, answer) -> facts.add(Facts.answerId(rule), answer, From.EYE, answered));
        }
        facts.derive();
        return facts;
    }

    private void measures(EvaluatedCostume at, Facts facts) {
        READ.forEach((id, measures) -> {
            for (String measure : measures) {
                double standing = dressing.reading(at.subject(), measure);
                double value = Double.isNaN(standing)
                        ? at.set()
                                .flatMap(set -> set.value(measure, Side.RIGHT, Posture.SEATED))
                                .map(Length::toMillimetres)
                                .orElse(Double.NaN)
                        : standing;
                if (!Double.isNaN(value)) {
                    facts.add(id, value, From.MEASURES, Sentence.of("The wearer's own readings: {}", measure));
                    return;
                }
            }
        });
        at.set()
                .flatMap(set -> set.value("waist-crease", Side.RIGHT, Posture.SEATED))
                .ifPresent(seated ->
                        facts.add("seated-waist", seated.toMillimetres(), From.MEASURES, Sentence.of("Read seated")));
        at.wearer().sets().stream()
                .filter(set -> !wardrobe.shaped(set.stack()).contains("waist-crease"))
                .max(Comparator.comparing(MeasurementSet::date))
                .flatMap(set ->
                        set.value("waist-crease", Side.RIGHT, Posture.STANDING).map(Length::toMillimetres))
                .ifPresent(bare -> facts.add(
                        "bare-waist", bare, From.MEASURES, Sentence.of("Read over nothing that shapes the body")));
    }

    /** Returns the opening of a garment through which it is tightest to get. */
    private static Optional<CheckResult> tightest(DraftedGarment work) {
        return work.checks().stream()
                .filter(check -> check.isOpening() && check.isJudged())
                .min(Comparator.comparingDouble(Judge::room));
    }

    private static double room(CheckResult opening) {
        return opening.is() - opening.body();
    }

    private static void openings(String garment, DraftedGarment work, Facts facts) {
        tightest(work)
                .filter(check -> !(facts.value(OPENING) <= room(check)))
                .ifPresent(check -> facts.add(
                        OPENING,
                        room(check),
                        From.DRAFT,
                        Sentence.of("{}, {}: {} open, {} must pass", garment, check.name(), check.is(), check.body())));
    }

    /** Judges every rule as things stand now. */
    public List<Verdict> verdicts(EvaluatedCostume at) {
        return verdicts(at, at.judgement().works(), at.costume().fittings().size());
    }

    /**
     * Judges every rule as things stood at a round; what presses most first.
     *
     * @param works the garments as they were cut for it
     * @param round number of the fitting, 0 for before the first
     */
    public List<Verdict> verdicts(EvaluatedCostume at, Map<String, DraftedGarment> works, int round) {
        if (works.isEmpty()) {
            return List.of();
        }
        Facts facts = facts(at, works, round);
        Costume costume = at.costume();
        List<Verdict> verdicts = new ArrayList<>();
        for (Rule rule : silhouettes.rules(silhouette(at), costume.look().school())) {
            Optional<String> garment = garment(rule, works);
            if (garment.isPresent()) {
                Verdict verdict = facts.judge(
                        rule,
                        garment.get(),
                        Optional.ofNullable(costume.look().departures().get(rule.id())));
                // A proportion of the outline that nothing worn shows is not asked for.
                if (!rule.garments().isEmpty() || verdict.grade() != Verdict.Grade.UNKNOWN) {
                    verdicts.add(verdict);
                }
            }
        }
        verdicts.sort(Comparator.comparingDouble(Verdict::pressing).reversed());
        return verdicts;
    }

    /**
     * Returns the garment that a rule is about: one of its kind, the tightest to get into or the one that says the
     * quantity; or the whole figure.
     */
    private static Optional<String> garment(Rule rule, Map<String, DraftedGarment> works) {
        if (rule.garments().isEmpty()) {
            return Optional.of("");
        }
        List<String> about = works.entrySet().stream()
                .filter(each -> rule.garments()
                        .contains(each.getValue().sheet().sheet().about().garment()))
                .map(Map.Entry::getKey)
                .toList();
        if (rule.quantity().equals(OPENING)) {
            return about.stream()
                    .min(Comparator.comparingDouble(garment ->
                            tightest(works.get(garment)).map(Judge::room).orElse(Double.MAX_VALUE)));
        }
        return about.stream()
                .filter(garment -> works.get(garment).quantities().containsKey(rule.quantity()))
                .findFirst()
                .or(() -> about.stream().findFirst());
    }
}
