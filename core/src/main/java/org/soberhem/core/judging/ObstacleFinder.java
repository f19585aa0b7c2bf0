package org.soberhem.core.judging;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.body.MeasureCatalogue;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.cloth.ClothUse;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.costume.Version;
import org.soberhem.core.doubt.Doubt;
import org.soberhem.core.doubt.Doubts;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Sums;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.garment.Finding;
import org.soberhem.core.garment.Sum;
import org.soberhem.core.garment.SumInputs;
import org.soberhem.core.garment.Usage;
import org.soberhem.core.layers.Layer;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.plan.Bench;
import org.soberhem.core.silhouette.Verdict;

/** Finds what stands between a costume and its next step, in the order of its thread. */
public final class ObstacleFinder {

    /** So many rules are named; the others wait at the silhouette. */
    private static final int MOST_VERDICTS = 3;

    /** So many doubts are named; the others wait at the tape. */
    private static final int MOST_DOUBTS = 4;

    private final MeasureCatalogue catalogue;
    private final Wardrobe wardrobe;
    private final List<Usage> usages;
    private final Doubts doubts;
    private final MeasureResolver tape;
    private final UnaryOperator<String> seenWords;

    /**
     * @param catalogue every measure
     * @param wardrobe layers and their stacks
     * @param usages what was usual when, for the sums of garments
     * @param doubts finds what is odd about a set
     * @param seenWords puts what was seen into words
     */
    public ObstacleFinder(
            MeasureCatalogue catalogue,
            Wardrobe wardrobe,
            List<Usage> usages,
            Doubts doubts,
            UnaryOperator<String> seenWords) {
        this.catalogue = catalogue;
        this.wardrobe = wardrobe;
        this.usages = List.copyOf(usages);
        this.doubts = doubts;
        this.seenWords = seenWords;
        this.tape = new MeasureResolver(catalogue, wardrobe);
    }

    /**
     * Returns what stands in the way.
     *
     * @param at the costume worked out, its wearer and the set that it is drawn from, if there is one
     * @param verdicts by the rules of its period, what presses most first
     * @param supplies what is in hand, and what day it is
     * @param months after how many months they are taken again
     */
    public List<Obstacle> of(EvaluatedCostume at, List<Verdict> verdicts, Supplies supplies, int months) {
        LocalDate today = supplies.now().toLocalDate();
        Judgement judgement = at.judgement();
        Optional<MeasurementSet> set = at.set();
        List<Obstacle> found = new ArrayList<>();
        if (set.isEmpty()) {
            found.add(new Obstacle(
                    Stage.TAPE,
                    "",
                    Target.PLACE,
                    Sentence.of("The wearer has not been measured: begin with the tape")));
        } else {
            tape(judgement, set.get(), doubts.of(set.get(), at.wearer().build(), today, months), found);
        }
        draft(judgement, found);
        fitting(judgement, found);
        measuredAnew(judgement, found);
        silhouette(verdicts, found);
        cloth(judgement, supplies, found);
        bench(judgement.costume(), supplies, found);
        return found;
    }

    /** Only what a cloth is chosen for is told: the others wait at the gate. What is cut is past telling. */
    private static void cloth(Judgement judgement, Supplies supplies, List<Obstacle> found) {
        for (ClothUse use : judgement.costume().underway().cloth()) {
            DraftedGarment work = judgement.works().get(use.garment());
            if (work != null && !use.cloth().isEmpty() && use.cutOn().isEmpty()) {
                ClothSupply.of(work.pattern(), use, supplies)
                        .wrong()
                        .forEach(wrong ->
                                found.add(new Obstacle(Stage.CLOTH, use.garment(), new Target.Use(use.use()), wrong)));
            }
        }
    }

    private static void bench(Costume costume, Supplies supplies, List<Obstacle> found) {
        Bench bench = costume.underway().bench();
        LocalDate today = supplies.now().toLocalDate();
        long open = bench.tasks().stream().filter(task -> !task.isDone()).count();
        if (open > 0 && costume.event().filter(today::isAfter).isPresent()) {
            found.add(new Obstacle(
                    Stage.BENCH, "", Target.PLACE, Sentence.of("Its day is past and {} steps are not done", open)));
        }
    }

    private void tape(Judgement judgement, MeasurementSet set, List<Doubt> doubted, List<Obstacle> found) {
        judgement
                .failures()
                .forEach((garment, failure) -> found.add(failure(judgement.costume(), set, garment, failure)));
        Set<String> used = judgement.works().values().stream()
                .map(DraftedGarment::sheet)
                .map(CompiledSheet::usableMeasures)
                .flatMap(List::stream)
                .collect(Collectors.toCollection(TreeSet::new));
        doubted.stream()
                .filter(doubt -> doubt.kind() == Doubt.Kind.OLD
                        || doubt.kind() == Doubt.Kind.ONE_INCH
                        || doubt.measures().stream().anyMatch(used::contains))
                .limit(MOST_DOUBTS)
                .forEach(doubt -> found.add(new Obstacle(
                        Stage.TAPE,
                        "",
                        doubt.measures().stream()
                                .findFirst()
                                .<Target>map(Target.Measure::new)
                                .orElse(Target.PLACE),
                        doubt.brief())));
        layers(judgement.costume(), set, used, found);
    }

    private Obstacle failure(Costume costume, MeasurementSet set, String garment, DraftException failure) {
        boolean missing = catalogue.find(failure.subject()).isPresent();
        Sentence why = failure.sentence();
        if (missing && tape.instead(failure.subject(), set).isPresent()) {
            ResolvedMeasure taken = tape.taken(failure.subject(), set, costume);
            why = Sentence.of("{}: {}", catalogue.name(failure.subject()), taken.words());
        }
        return missing
                ? new Obstacle(Stage.TAPE, garment, new Target.Measure(failure.subject()), why)
                : new Obstacle(Stage.DRAFT, garment, Target.PLACE, why);
    }

    private void layers(Costume costume, MeasurementSet set, Set<String> used, List<Obstacle> found) {
        Set<String> stale = new TreeSet<>();
        List<ResolvedMeasure> estimates = new ArrayList<>();
        for (ResolvedMeasure taken : tape.taken(used, set, costume)) {
            if (taken.state() == ResolvedMeasure.State.OTHER_LAYERS) {
                stale.add(taken.asked());
            } else if (taken.state() == ResolvedMeasure.State.ESTIMATED) {
                estimates.add(taken);
            }
        }
        if (!estimates.isEmpty()) {
            found.add(new Obstacle(
                    Stage.TAPE,
                    "",
                    new Target.Measure(estimates.get(0).asked()),
                    Sentence.of(
                            "{} only estimated over the layers, not measured: measure before cutting",
                            String.join(
                                            ", ",
                                            estimates.stream()
                                                    .map(taken -> catalogue.name(taken.asked()))
                                                    .toList())
                                    + (estimates.size() == 1 ? " is" : " are"))));
        }
        if (!stale.isEmpty()) {
            found.add(new Obstacle(
                    Stage.TAPE,
                    "",
                    new Target.Measure(stale.iterator().next()),
                    Sentence.of(
                            "Measured over {}: {} no longer count over {}",
                            wardrobe.title(set.stack()),
                            String.join(
                                    ", ", stale.stream().map(catalogue::name).toList()),
                            wardrobe.title(costume.stack()))));
        }
    }

    private void draft(Judgement judgement, List<Obstacle> found) {
        if (judgement.costume().garments().isEmpty()) {
            found.add(new Obstacle(Stage.DRAFT, "", Target.PLACE, Sentence.of("No garment has a pattern yet")));
        }
        judgement
                .costume()
                .garments()
                .forEach(garment -> judgement.joins(garment).stream()
                        .filter(join -> !join.isTrue())
                        .forEach(join -> found.add(new Obstacle(
                                Stage.DRAFT,
                                garment.name(),
                                new Target.MadeAlteration(join.place()),
                                join.sentence()))));
        judgement.works().forEach((garment, work) -> {
            List<Alteration> made =
                    judgement.costume().garment(garment).orElseThrow().alterations();
            work.refused()
                    .forEach((place, why) -> found.add(new Obstacle(
                            Stage.DRAFT,
                            garment,
                            new Target.MadeAlteration(place),
                            Sentence.of("{}: {}", made.get(place).sentence(), why))));
            for (CheckResult check : work.checks()) {
                if (!check.isJudged()) {
                    found.add(new Obstacle(Stage.TAPE, garment, Target.PLACE, check.sentence()));
                } else if (!check.passes() && !check.isOpening()) {
                    Target target =
                            new Target.Part(check.where().piece(), check.where().part());
                    found.add(new Obstacle(Stage.DRAFT, garment, target, check.sentence()));
                }
            }
            work.questions().stream()
                    .filter(PatternQuestion::isOpen)
                    .forEach(question -> found.add(new Obstacle(
                            Stage.DRAFT,
                            garment,
                            question.sum()
                                    .<Target>map(Target.Sum::new)
                                    .orElse(new Target.Part(
                                            question.where().piece(),
                                            question.where().part())),
                            question.sentence())));
            judgement.dailyLife(judgement.costume().garment(garment).orElseThrow()).stream()
                    .filter(PatternQuestion::isOpen)
                    .forEach(against -> found.add(
                            new Obstacle(Stage.DRAFT, garment, new Target.Sum(Sums.OPENINGS), against.sentence())));
            judgement
                    .cutState(judgement.costume().garment(garment).orElseThrow())
                    .ifPresent(cut -> cut.lacking()
                            .forEach(lacking -> found.add(new Obstacle(Stage.CLOTH, garment, Target.PLACE, lacking))));
            sums(judgement.costume(), garment, work, found);
            for (SeamCheck seam : work.seams()) {
                if (!seam.isTrue()) {
                    EdgeRef first = seam.seam().first().get(0);
                    found.add(new Obstacle(
                            Stage.DRAFT, garment, new Target.Part(first.piece(), first.edge()), seam.sentence()));
                }
            }
        });
    }

    /** What cannot be put on: openings are told here, with what they need, and not among the checks. */
    private void sums(Costume costume, String garment, DraftedGarment work, List<Obstacle> found) {
        SumInputs.Circumstances circumstances = new SumInputs.Circumstances(costume.year(), usages);
        for (Sum sum : Sums.of(work.sheet(), work.inputs(), work.pattern(), circumstances)) {
            if (!sum.name().equals(Sums.OPENINGS)) {
                continue;
            }
            sum.findings().stream()
                    .filter(finding -> finding.grade() == Finding.Grade.FAILS)
                    .forEach(finding ->
                            found.add(new Obstacle(Stage.DRAFT, garment, new Target.Sum(sum.name()), finding.words())));
        }
    }

    private void fitting(Judgement judgement, List<Obstacle> found) {
        Costume costume = judgement.costume();
        if (costume.fittings().isEmpty()) {
            if (!judgement.works().isEmpty()) {
                found.add(new Obstacle(
                        Stage.FITTING,
                        "",
                        Target.PLACE,
                        Sentence.of("No mock-up has been tried on: print it, sew it, fit it")));
            }
            return;
        }
        Fitting latest = costume.fittings().get(costume.fittings().size() - 1);
        if (!latest.confirmed()) {
            found.add(new Obstacle(
                    Stage.FITTING,
                    "",
                    Target.PLACE,
                    Sentence.of(
                            "The layers worn at fitting {} are not confirmed: its remarks are provisional",
                            latest.number())));
        }
        if (!latest.stack().equals(costume.stack())) {
            found.add(new Obstacle(
                    Stage.FITTING,
                    "",
                    Target.PLACE,
                    Sentence.of(
                            "Fitting {} was over {}, the costume is now worn over {}: judge it again",
                            latest.number(),
                            wardrobe.title(latest.stack()),
                            wardrobe.title(costume.stack()))));
        }
        provisional(latest, found);
        for (Fitting fitting : costume.fittings()) {
            for (Remark remark : fitting.remarks()) {
                if (remark.isOpen()) {
                    found.add(new Obstacle(
                            Stage.FITTING, remark.garment(), new Target.Remark(remark.id()), open(fitting, remark)));
                }
            }
        }
    }

    /** What was fitted on readings that were taken anew since is marked. */
    private static void measuredAnew(Judgement judgement, List<Obstacle> found) {
        judgement
                .costume()
                .latestFitting()
                .ifPresent(latest -> latest.mockup().versions().forEach((name, cut) -> {
                    Optional<Version> tried = judgement.costume().garment(name).flatMap(each -> each.version(cut));
                    DraftedGarment work = judgement.works().get(name);
                    if (tried.isPresent() && work != null) {
                        Set<String> changed = Dependence.changed(tried.get(), work.inputs());
                        if (!changed.isEmpty()) {
                            found.add(new Obstacle(
                                    Stage.FITTING,
                                    name,
                                    Target.PLACE,
                                    Sentence.of(
                                            "Version {} of the {} was cut before {} was measured anew: fitting {} is provisional",
                                            cut,
                                            name,
                                            String.join(", ", changed),
                                            latest.number())));
                        }
                    }
                }));
    }

    /** What was fitted without a layer, or not on the wearer, is marked. */
    private void provisional(Fitting latest, List<Obstacle> found) {
        latest.conditions()
                .standIn()
                .ifPresent(other -> found.add(new Obstacle(
                        Stage.FITTING,
                        "",
                        Target.PLACE,
                        Sentence.of(
                                "Fitting {} was on {}, not on the wearer: its remarks are provisional",
                                latest.number(),
                                other))));
        if (!latest.conditions().off().isEmpty()) {
            found.add(new Obstacle(
                    Stage.FITTING,
                    "",
                    Target.PLACE,
                    Sentence.of(
                            "Fitting {} was without {}: its remarks are provisional",
                            latest.number(),
                            String.join(
                                    ", ",
                                    latest.conditions().off().stream()
                                            .map(id -> wardrobe.layer(id)
                                                    .map(Layer::name)
                                                    .orElse(id))
                                            .toList()))));
        }
    }

    private Sentence open(Fitting fitting, Remark remark) {
        String what = seenWords.apply(remark.seen())
                + (remark.sides() == Sides.BOTH ? "" : " (" + remark.sides().words() + ")");
        if (remark.decision().isEmpty()) {
            return Sentence.of("Fitting {}: {}. Nothing is decided", fitting.number(), what);
        }
        int version = remark.decision().get().version();
        if (version == 0) {
            return Sentence.of(
                    "Fitting {}: {}. {} is decided, no version has it",
                    fitting.number(),
                    what,
                    remark.decision().get().words());
        }
        return Sentence.of(
                "Fitting {}: {}. Version {} should cure it; a later fitting must say so",
                fitting.number(),
                what,
                version);
    }

    private static void silhouette(List<Verdict> verdicts, List<Obstacle> found) {
        verdicts.stream()
                .filter(verdict -> verdict.grade() == Verdict.Grade.NOT_MET)
                .limit(MOST_VERDICTS)
                .forEach(verdict -> found.add(new Obstacle(
                        Stage.SILHOUETTE,
                        verdict.garment(),
                        new Target.Rule(verdict.rule().id()),
                        verdict.sentence())));
    }
}
