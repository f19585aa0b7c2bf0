package org.soberhem.core.report;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.body.MeasureCatalogue;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Reading;
import org.soberhem.core.cloth.Notion;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Picture;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.fitting.Trial;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.Judgement;
import org.soberhem.core.judging.Ledger;
import org.soberhem.core.judging.Supplies;
import org.soberhem.core.layers.Layer;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.plan.Bench;
import org.soberhem.core.plan.Task;
import org.soberhem.core.silhouette.Verdict;

/**
 * Everything that is known of a costume, chapter by chapter, to be printed and kept.
 *
 * @param chapters in order; those without a line are left out
 */
public record Dossier(List<Chapter> chapters) {

    /**
     * One chapter.
     *
     * @param title for people
     * @param lines in order
     * @param pictures that belong to it
     */
    public record Chapter(String title, List<Sentence> lines, List<Picture> pictures) {

        public Chapter {
            lines = List.copyOf(lines);
            pictures = List.copyOf(pictures);
        }
    }

    /**
     * What a dossier is made of beside the costume.
     *
     * @param catalogue names measures
     * @param wardrobe names layers
     * @param seen puts what was seen at fittings into words
     * @param titles puts movements into words
     * @param kinds of notions
     * @param rate of an hour; 0 if hours are not reckoned
     */
    public record Knowledge(
            MeasureCatalogue catalogue,
            Wardrobe wardrobe,
            UnaryOperator<String> seen,
            UnaryOperator<String> titles,
            List<Notion.Kind> kinds,
            double rate) {}

    public Dossier {
        chapters = chapters.stream()
                .filter(chapter ->
                        !chapter.lines().isEmpty() || !chapter.pictures().isEmpty())
                .toList();
    }

    /**
     * Gathers it.
     *
     * @param shared costume and wearer as they may be shown
     * @param judgement its garments worked out
     * @param verdicts by the rules of its period
     * @param supplies what is in hand
     */
    public static Dossier of(
            Redaction shared, Judgement judgement, List<Verdict> verdicts, Supplies supplies, Knowledge knows) {
        Costume costume = shared.costume();
        Optional<MeasurementSet> set = shared.wearer().set(costume.set());
        List<Chapter> all = new ArrayList<>();
        all.add(chapter("The costume", costume(shared)));
        all.add(new Chapter("Sources", sources(judgement), costume.papers().references()));
        all.add(chapter("Measurements", measurements(set, knows)));
        all.add(chapter("Layers, inside out", layers(costume, knows)));
        all.add(chapter("Draft and scale", drafts(costume, judgement)));
        all.add(chapter("Alterations", alterations(costume, judgement)));
        costume.fittings().forEach(fitting -> all.add(fitting(fitting, knows)));
        all.add(chapter("Departures from the model", departures(costume, verdicts)));
        all.add(chapter("Cloth and cost", cost(judgement, supplies, knows)));
        all.add(chapter("Steps and hours", hours(costume.underway().bench(), supplies.now())));
        all.add(chapter("Lessons", lessons(costume)));
        return new Dossier(all);
    }

    private static Chapter chapter(String title, List<Sentence> lines) {
        return new Chapter(title, lines, List.of());
    }

    private static List<Sentence> costume(Redaction shared) {
        Costume costume = shared.costume();
        List<Sentence> lines = new ArrayList<>();
        lines.add(Sentence.of("{}, {}", costume.place(), costume.year()));
        lines.add(Sentence.of("Worn by {}", shared.wearer().name()));
        costume.event().ifPresent(day -> lines.add(Sentence.of("For {}", day)));
        if (!costume.note().isEmpty()) {
            lines.add(Sentence.of("{}", costume.note()));
        }
        return lines;
    }

    private static List<Sentence> sources(Judgement judgement) {
        List<Sentence> lines = new ArrayList<>();
        judgement.works().forEach((name, work) -> {
            lines.add(Sentence.of("{}: {}", name, work.sheet().sheet().about().title()));
            for (SheetSource source : work.sheet().sheet().about().sources()) {
                lines.add(Sentence.of("· {}", source.words()));
            }
        });
        return lines;
    }

    private static List<Sentence> measurements(Optional<MeasurementSet> set, Knowledge knows) {
        List<Sentence> lines = new ArrayList<>();
        set.ifPresent(taken -> {
            lines.add(Sentence.of(
                    "Taken on {} over {}", taken.date(), knows.wardrobe().title(taken.stack())));
            for (Reading reading : taken.readings()) {
                lines.add(Sentence.of(
                        "{}{}: {}",
                        knows.catalogue().name(reading.measure()),
                        reading.side() == Side.MIDDLE
                                ? ""
                                : ", " + reading.side().name().toLowerCase(Locale.ROOT),
                        reading.mean()));
            }
        });
        return lines;
    }

    private static List<Sentence> layers(Costume costume, Knowledge knows) {
        return knows.wardrobe().stack(costume.stack()).stream()
                .flatMap(stack -> knows.wardrobe().layersOf(stack).stream())
                .map(Layer::name)
                .map(name -> Sentence.of("{}", name))
                .toList();
    }

    private static List<Sentence> drafts(Costume costume, Judgement judgement) {
        List<Sentence> lines = new ArrayList<>();
        for (Garment garment : costume.garments()) {
            Optional<DraftedGarment> work =
                    Optional.ofNullable(judgement.works().get(garment.name()));
            work.ifPresent(each -> {
                lines.add(Sentence.of(
                        "{}: {}, {}",
                        garment.name(),
                        each.sheet().sheet().about().system().replace('-', ' '),
                        judgement.versionWords(garment)));
                each.draft()
                        .scale()
                        .ifPresent(scale ->
                                lines.add(Sentence.of("· scale: {}, a unit is {}", scale.law(), scale.unit())));
                for (CompiledSheet.Adjustable setting : each.sheet().adjustables()) {
                    if (garment.settings().containsKey(setting.name())
                            && setting.ways().isEmpty()) {
                        lines.add(Sentence.of(
                                "· {}: {}", setting.name(), garment.settings().get(setting.name())));
                    }
                }
            });
            if (!garment.origin().isEmpty()) {
                lines.add(Sentence.of("· {}", garment.origin()));
            }
            garment.versions()
                    .forEach(version -> lines.add(
                            Sentence.of("· version {}, {}: {}", version.number(), version.date(), version.why())));
        }
        return lines;
    }

    private static List<Sentence> alterations(Costume costume, Judgement judgement) {
        List<Sentence> lines = new ArrayList<>();
        for (Garment garment : costume.garments()) {
            for (Alteration alteration : garment.alterations()) {
                lines.add(Sentence.of("{}: {}", garment.name(), alteration.sentence()));
            }
            Optional.ofNullable(judgement.works().get(garment.name()))
                    .ifPresent(work -> Ledger.of(costume, garment, work.pattern())
                            .forEach(account -> lines.add(Sentence.of("In all, {}", account.sentence()))));
        }
        return lines;
    }

    private static Chapter fitting(Fitting fitting, Knowledge knows) {
        List<Sentence> lines = new ArrayList<>();
        lines.add(Sentence.of(
                "Over {}, in {}",
                knows.wardrobe().title(fitting.stack()),
                fitting.mockup().cloth()));
        for (Remark remark : fitting.remarks()) {
            String what = remark.garment() + ", " + remark.zone().replace('-', ' ') + ": "
                    + knows.seen().apply(remark.seen());
            String decided = remark.decision()
                    .map(decision ->
                            decision.kind().words() + (decision.words().isEmpty() ? "" : ", " + decision.words()))
                    .orElse("nothing is decided");
            lines.add(Sentence.of("{}; {}; {}", what, decided, remark.state().words()));
        }
        fitting.readings()
                .forEach((quantity, length) ->
                        lines.add(Sentence.of("{}: {}", knows.titles().apply(quantity), length)));
        for (Trial trial : fitting.trials()) {
            lines.add(Sentence.of(
                    "{}: {}{}",
                    knows.titles().apply(trial.movement()),
                    trial.result().words(),
                    trial.words().isEmpty() ? "" : ", " + trial.words()));
        }
        return new Chapter("Fitting " + fitting.number() + ", " + fitting.date(), lines, fitting.pictures());
    }

    private static List<Sentence> departures(Costume costume, List<Verdict> verdicts) {
        List<Sentence> lines = new ArrayList<>();
        verdicts.stream()
                .filter(verdict -> verdict.grade() == Verdict.Grade.DEPARTED)
                .forEach(verdict -> lines.add(Sentence.of("{}. Reason: {}", verdict.found(), verdict.departure())));
        costume.papers()
                .passages()
                .forEach(passage -> lines.add(Sentence.of(
                        "{}, {}, {}: although the gate was closed. Reason: {}",
                        passage.step().words(),
                        passage.garment(),
                        passage.date(),
                        passage.reason())));
        return lines;
    }

    private static List<Sentence> cost(Judgement judgement, Supplies supplies, Knowledge knows) {
        CostReport cost = CostReport.of(judgement, supplies, knows.kinds(), knows.rate());
        List<Sentence> lines = new ArrayList<>();
        for (CostReport.Line line : cost.lines()) {
            String price = line.price() == 0 ? "" : ", " + money(line.sum());
            lines.add(
                    line.byLength()
                            ? Sentence.of("{}: {}{}", line.what(), line.amount() * 1000, price)
                            : Sentence.of("{}: {}{}", line.what(), Math.round(line.amount()), price));
        }
        if (cost.sum() > 0) {
            lines.add(Sentence.of("In all {}, of which work {}", money(cost.sum()), money(cost.work())));
        }
        return lines;
    }

    private static String money(double sum) {
        return String.format(Locale.ROOT, "%.2f", sum);
    }

    private static List<Sentence> hours(Bench bench, LocalDateTime now) {
        List<Sentence> lines = new ArrayList<>();
        for (Task task : bench.tasks()) {
            long spent = bench.spent(task.id(), now).toMinutes();
            if (task.isDone() || spent > 0) {
                lines.add(Sentence.of(
                        "{}: {} min, thought {}{}",
                        task.title(),
                        spent,
                        task.minutes(),
                        task.done().map(at -> "; done on " + at.toLocalDate()).orElse("")));
            }
        }
        if (!lines.isEmpty()) {
            lines.add(Sentence.of(
                    "In all {} hours",
                    String.format(Locale.ROOT, "%.1f", bench.spent(now).toMinutes() / 60.0)));
        }
        return lines;
    }

    private static List<Sentence> lessons(Costume costume) {
        List<Sentence> lines = new ArrayList<>();
        costume.papers()
                .wearings()
                .forEach(wearing -> lines.add(Sentence.of("Worn on {}: {}", wearing.date(), wearing.words())));
        if (!costume.papers().otherwise().isEmpty()) {
            lines.add(Sentence.of("Next time: {}", costume.papers().otherwise()));
        }
        return lines;
    }
}
