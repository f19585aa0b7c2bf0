package org.soberhem.core.costume;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.soberhem.core.alter.Sides;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasureCatalogue;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Reading;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.silhouette.Rule;
import org.soberhem.core.silhouette.Verdict;

/** Finds what stands between a costume and its next step, in the order of its thread. */
public final class InTheWay {

    /** Readings of the trunk that differ by more are taken again; common practice. */
    public static final Length TRUNK_SPREAD = Length.ofMillimetres(10);

    private final MeasureCatalogue catalogue;
    private final Wardrobe wardrobe;
    private final List<Rule> rules;

    public InTheWay(MeasureCatalogue catalogue, Wardrobe wardrobe, List<Rule> rules) {
        this.catalogue = catalogue;
        this.wardrobe = wardrobe;
        this.rules = List.copyOf(rules);
    }

    /**
     * Returns what stands in the way.
     *
     * @param judgement the costume worked out
     * @param set the measurement set that it is drawn from, if there is one
     */
    public List<Obstacle> of(Judgement judgement, Optional<MeasurementSet> set) {
        List<Obstacle> found = new ArrayList<>();
        tape(judgement, set, found);
        draft(judgement, found);
        fitting(judgement, found);
        silhouette(judgement, found);
        return found;
    }

    private void tape(Judgement judgement, Optional<MeasurementSet> set, List<Obstacle> found) {
        Costume costume = judgement.costume();
        if (set.isEmpty()) {
            found.add(new Obstacle(
                    Stage.TAPE, "", "", Sentence.of("The wearer has not been measured: begin with the tape")));
            return;
        }
        judgement
                .failures()
                .forEach((garment, failure) -> found.add(new Obstacle(
                        catalogue.find(failure.subject()).isPresent() ? Stage.TAPE : Stage.DRAFT,
                        garment,
                        failure.subject(),
                        Sentence.of("{}", failure.getMessage()))));
        Set<String> used = judgement.works().values().stream()
                .map(Work::sheet)
                .map(CompiledSheet::usableMeasures)
                .flatMap(List::stream)
                .collect(Collectors.toCollection(TreeSet::new));
        for (Reading reading : set.get().readings()) {
            if (used.contains(reading.measure()) && reading.spread().compareTo(TRUNK_SPREAD) > 0) {
                found.add(new Obstacle(
                        Stage.TAPE,
                        "",
                        reading.measure(),
                        Sentence.of(
                                "{} readings differ by {}: measure again", name(reading.measure()), reading.spread())));
            }
        }
        layers(costume, set.get(), used, found);
    }

    private void layers(Costume costume, MeasurementSet set, Set<String> used, List<Obstacle> found) {
        Set<String> stale = new TreeSet<>(wardrobe.noLongerCount(set.stack(), costume.stack()));
        stale.retainAll(used);
        stale.removeIf(id ->
                set.readings().stream().noneMatch(reading -> reading.measure().equals(id)));
        if (!stale.isEmpty()) {
            found.add(new Obstacle(
                    Stage.TAPE,
                    "",
                    stale.iterator().next(),
                    Sentence.of(
                            "Measured over {}: {} no longer count over {}",
                            stackTitle(set.stack()),
                            String.join(", ", stale.stream().map(this::name).toList()),
                            stackTitle(costume.stack()))));
        }
    }

    private String stackTitle(String id) {
        return wardrobe.stack(id).map(LayerStack::title).orElse(id);
    }

    private String name(String measure) {
        return catalogue.find(measure).map(Measure::name).orElse(measure);
    }

    private void draft(Judgement judgement, List<Obstacle> found) {
        judgement.works().forEach((garment, work) -> {
            work.refused().forEach(sentence -> found.add(new Obstacle(Stage.DRAFT, garment, "", sentence)));
            for (CheckResult check : work.checks()) {
                if (!check.isJudged()) {
                    found.add(new Obstacle(Stage.TAPE, garment, "", check.sentence()));
                } else if (!check.passes()) {
                    String target = check.where().piece() + "." + check.where().part();
                    found.add(new Obstacle(Stage.DRAFT, garment, target, check.sentence()));
                }
            }
            for (SeamCheck seam : work.seams()) {
                if (!seam.isTrue()) {
                    EdgeRef first = seam.seam().first().get(0);
                    found.add(new Obstacle(Stage.DRAFT, garment, first.toString(), seam.sentence()));
                }
            }
        });
    }

    private void fitting(Judgement judgement, List<Obstacle> found) {
        Costume costume = judgement.costume();
        if (costume.fittings().isEmpty()) {
            if (!judgement.works().isEmpty()) {
                found.add(new Obstacle(
                        Stage.FITTING, "", "", Sentence.of("No mock-up has been tried on: print it, sew it, fit it")));
            }
            return;
        }
        Fitting latest = costume.fittings().get(costume.fittings().size() - 1);
        if (!latest.confirmed()) {
            found.add(new Obstacle(
                    Stage.FITTING,
                    "",
                    "",
                    Sentence.of(
                            "The layers worn at fitting {} are not confirmed: its remarks are provisional",
                            latest.number())));
        }
        if (!latest.stack().equals(costume.stack())) {
            found.add(new Obstacle(
                    Stage.FITTING,
                    "",
                    "",
                    Sentence.of(
                            "Fitting {} was over {}, the costume is now worn over {}: judge it again",
                            latest.number(),
                            stackTitle(latest.stack()),
                            stackTitle(costume.stack()))));
        }
        for (Fitting fitting : costume.fittings()) {
            for (Remark remark : fitting.remarks()) {
                if (remark.state() == Remark.State.OPEN) {
                    found.add(new Obstacle(Stage.FITTING, remark.garment(), remark.id(), open(fitting, remark)));
                }
            }
        }
    }

    private static Sentence open(Fitting fitting, Remark remark) {
        String what = remark.seen()
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

    private void silhouette(Judgement judgement, List<Obstacle> found) {
        for (Judgement.RoundVerdict round : judgement.verdicts(rules)) {
            if (round.verdict().grade() == Verdict.Grade.OUTSIDE) {
                found.add(new Obstacle(
                        Stage.SILHOUETTE,
                        round.garment(),
                        round.verdict().rule().id(),
                        round.verdict().sentence()));
            }
        }
    }
}
