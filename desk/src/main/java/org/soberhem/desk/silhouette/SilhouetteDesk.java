package org.soberhem.desk.silhouette;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Look;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.judging.Obstacle;
import org.soberhem.core.judging.Target;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.silhouette.QuantityKind;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.studio.Studio;

/** What is done at the silhouette place. */
final class SilhouetteDesk {

    private final Studio studio;

    SilhouetteDesk(Studio studio) {
        this.studio = studio;
    }

    private Costume costume() {
        return studio.situation().costume();
    }

    /** Returns the outline that the costume at hand is to have. */
    Optional<Silhouette> silhouette() {
        return studio.judge().silhouette(studio.situation().judged());
    }

    /** Returns the silhouettes that the wearer may be dressed in, the nearest in years first. */
    List<Silhouette.Header> offered() {
        return studio.judge()
                .silhouettes()
                .nearest(studio.situation().wearer().build(), costume().year());
    }

    void choose(Silhouette.Header header) {
        keep(costume().look().of(header.id()), Sentence.of("The outline is to be: {}", header.title()));
    }

    /** Returns the school whose rules are judged by. */
    String school() {
        List<String> schools = silhouette().map(Silhouette::schools).orElse(List.of());
        String chosen = costume().look().school();
        return schools.contains(chosen) ? chosen : schools.stream().findFirst().orElse("");
    }

    void chooseSchool(String school) {
        keep(costume().look().inSchool(school), Sentence.of("Judged as {}", school));
    }

    /** Departs from a rule on purpose, or, without a reason, no longer. */
    void depart(Verdict verdict, Optional<String> why) {
        keep(
                costume().look().departing(verdict.rule().id(), why),
                why.isPresent()
                        ? Sentence.of("{}: departed on purpose", verdict.title())
                        : Sentence.of("{}: judged again", verdict.title()));
    }

    private void keep(Look look, Sentence sentence) {
        studio.keep(costume().withLook(look), "look", sentence);
    }

    /** Says whether questions by eye can be answered: there must have been a fitting. */
    Optional<Fitting> answeredAt() {
        return costume().latestFitting();
    }

    /** Answers a rule's question at the latest fitting: 1 as asked, 0.5 partly, 0 not; or takes the answer back. */
    void answer(Verdict verdict, Optional<Double> answer) {
        Fitting fitting = answeredAt().orElseThrow();
        studio.keep(
                costume().with(fitting.withAnswer(verdict.rule().id(), answer)),
                "answer",
                Sentence.of(
                        "Fitting {}, {}: answered",
                        fitting.number(),
                        verdict.title().toLowerCase(Locale.ROOT)));
    }

    /** Opens the alteration that would meet a rule, with its amounts filled in. */
    void alter(Verdict verdict, QuantityKind.Alter alteration) {
        studio.navigation()
                .settle(new Obstacle(
                        Stage.DRAFT,
                        verdict.garment(),
                        new Target.ProposedAlteration(alteration.kind(), alteration.amounts()),
                        verdict.sentence()));
    }

    /** Opens the place where a quantity comes from. */
    void trace(Verdict verdict) {
        QuantityKind.From from =
                verdict.quantity().from().orElse(verdict.kind().from().get(0));
        Stage stage = switch (from) {
            case MEASURES -> Stage.TAPE;
            case DRAFT -> Stage.DRAFT;
            case FITTING, EYE -> Stage.FITTING;
            case FIGURE, PICTURE -> Stage.SILHOUETTE;
        };
        studio.navigation().settle(new Obstacle(stage, verdict.garment(), Target.PLACE, verdict.sentence()));
    }

    /** Returns a pane that draws figures and says where their levels come from. */
    FigurePane figure(FigureView... views) {
        return new FigurePane(
                studio.figures(),
                studio.library().measures()::name,
                sentence -> studio.done().set(sentence.in(studio.format())),
                views);
    }

    /** Returns a verdict's value and its band as they are shown. */
    String shown(Verdict verdict, double value) {
        Object words = verdict.shown(value);
        return words instanceof Length length ? studio.format().format(length) : words.toString();
    }
}
