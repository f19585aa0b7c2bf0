package org.soberhem.desk.fitting;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.alter.Alteration;
import org.soberhem.core.alter.Effect;
import org.soberhem.core.alter.Outcome;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Work;
import org.soberhem.core.fitting.Decision;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.fitting.Remedy;
import org.soberhem.core.fitting.Zone;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.silhouette.QuantityKind;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.desk.studio.Studio;
import org.soberhem.desk.widget.LengthField;
import org.soberhem.desk.widget.Paper;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;

/** At the table after the fitting: every remark with its cause, its amount, and what is decided. */
final class DecideView extends BorderPane implements FittingPlace.Shown {

    private static final double LIST = 330;
    private static final double WHY = 372;
    private static final double DETAIL = 430;

    private final Studio studio;
    private final FittingRound round;
    private final VBox rounds = new VBox(4);
    private final VBox detail = new VBox(8);
    private final Paper paper = new Paper();
    private final NewFitting begin;
    private final Trying trying;
    private final Deciding deciding;
    private final CausesPanel causes;

    DecideView(Studio studio, FittingRound round, Trying trying) {
        this.studio = studio;
        this.round = round;
        this.trying = trying;
        deciding = round.deciding();
        causes = new CausesPanel(studio, round);
        begin = new NewFitting(studio, round);
        rounds.setPadding(new Insets(12));
        ScrollPane list = Parts.scroll(rounds);
        VBox.setVgrow(list, Priority.ALWAYS);
        VBox left = new VBox(begin, list);
        left.setPrefWidth(LIST);
        left.setMinWidth(LIST);
        left.getStyleClass().add("panel");
        detail.setPadding(new Insets(16, 20, 12, 20));
        setLeft(left);
        setTop(null);
        ScrollPane scroll = Parts.scroll(detail);
        scroll.setPrefHeight(DETAIL);
        scroll.setMinHeight(DETAIL);
        BorderPane middle = new BorderPane(paper);
        middle.setTop(scroll);
        ScrollPane why = Parts.scroll(causes);
        why.getStyleClass().add("panel");
        why.setPrefWidth(WHY);
        why.setMinWidth(WHY);
        BorderPane centre = new BorderPane(middle);
        centre.setRight(why);
        setCenter(centre);
    }

    @Override
    public void refresh() {
        begin.refresh();
        rounds.getChildren().clear();
        List<Fitting> fittings = studio.situation().costume().fittings();
        if (fittings.isEmpty()) {
            rounds.getChildren()
                    .add(Parts.text(
                            studio.situation().judgement().works().isEmpty()
                                    ? "Nothing can be tried on before a garment is drawn: measure the wearer first."
                                    : "No mock-up has been tried on yet. Say above what is tried on and begin: the"
                                            + " version that was cut is named, and each touch at the fitting is kept.",
                            "soft"));
        }
        for (int i = fittings.size() - 1; i >= 0; i--) {
            fitting(fittings.get(i));
        }
        if (round.chosen().isEmpty()) {
            round.chosenProperty().set(first());
        }
        detail();
    }

    /** Returns the remark to begin with: one that asks for an alteration, else one that is open, else the newest. */
    private Optional<String> first() {
        List<FittingRound.Logged> all = round.all();
        List<FittingRound.Logged> open =
                all.stream().filter(logged -> logged.remark().isOpen()).toList();
        return open.stream()
                .filter(logged -> logged.remark().decision().isEmpty()
                        && deciding.asked(logged.remark()).isPresent())
                .findFirst()
                .or(() -> open.stream().findFirst())
                .or(() -> all.stream().findFirst())
                .map(logged -> logged.remark().id());
    }

    private void fitting(Fitting fitting) {
        rounds.getChildren().add(Parts.label("Fitting " + fitting.number() + " · " + fitting.date(), "caps"));
        fitting.remarks().forEach(remark -> rounds.getChildren().add(remark(fitting, remark)));
        if (fitting.remarks().isEmpty()) {
            rounds.getChildren().add(Parts.text("No remarks.", "soft"));
        }
        readings(fitting);
    }

    private Tappable remark(Fitting fitting, Remark remark) {
        boolean open = remark.isOpen();
        VBox box = new VBox(
                1,
                Parts.text(remark.seen().isEmpty() ? "nothing said yet" : round.words(remark), "figure"),
                Parts.label(
                        round.place(remark)
                                + remark.amount()
                                        .map(a -> " · " + studio.format().format(a))
                                        .orElse(""),
                        "small",
                        "soft"),
                Parts.label(state(fitting, remark), "small", open ? "needs" : "settled"));
        Tappable row = new Tappable(
                box, round.words(remark), () -> round.chosenProperty().set(Optional.of(remark.id())), "remark");
        row.pseudoClassStateChanged(
                Parts.SELECTED,
                round.chosenProperty().get().filter(remark.id()::equals).isPresent());
        return row;
    }

    private String state(Fitting fitting, Remark remark) {
        String provisional =
                deciding.provisional(new FittingRound.Logged(fitting, remark)).isEmpty() ? "" : " · provisional";
        return switch (remark.state()) {
            case CURED -> "✓ cured";
            case MOVED -> "→ moved elsewhere";
            case LEFT -> "– accepted";
            case OPEN, WORSE ->
                (remark.state() == Remark.State.WORSE ? "✗ worse; " : "○ ")
                        + remark.decision()
                                .map(decision -> decision.version() > 0
                                        ? "version " + decision.version() + " should cure it"
                                        : "decided: " + decision.words())
                                .orElse("nothing is decided")
                        + provisional;
        };
    }

    private void readings(Fitting fitting) {
        FlowPane pane = new FlowPane(14, 6);
        boolean latest = round.fitting().filter(fitting::equals).isPresent();
        for (QuantityKind kind : trying.asked(fitting)) {
            LengthField field = new LengthField(studio::format, length -> trying.measured(kind, length));
            field.setId("reading-" + kind.id());
            field.show(Optional.ofNullable(fitting.readings().get(kind.id())));
            field.setDisable(!latest);
            Label name = Parts.hinted(Parts.label(kind.title(), "small", "soft"), kind.is());
            pane.getChildren().add(new VBox(1, name, field));
        }
        rounds.getChildren().add(pane);
        VBox.setMargin(pane, new Insets(4, 0, 8, 0));
        if (latest) {
            trying.questions(fitting).forEach(question -> rounds.getChildren().add(byEye(fitting, question)));
        }
    }

    private Node byEye(Fitting fitting, Verdict question) {
        HBox answers = new HBox(4);
        String[] words = {"Yes", "Partly", "No"};
        double[] values = {1, 0.5, 0};
        for (int i = 0; i < words.length; i++) {
            double value = values[i];
            Button button = Parts.button(words[i], () -> trying.answer(question, value), "quiet", "small");
            button.setId("eye-" + question.rule().id() + "-" + words[i].toLowerCase(Locale.ROOT));
            Double given = fitting.answers().get(question.rule().id());
            button.pseudoClassStateChanged(Parts.SELECTED, given != null && given == value);
            answers.getChildren().add(button);
        }
        Label asked = Parts.hinted(
                Parts.text(question.rule().ask(), "small", "soft"),
                question.rule().look());
        VBox box = new VBox(1, asked, answers);
        VBox.setMargin(box, new Insets(0, 0, 8, 0));
        return box;
    }

    private void detail() {
        detail.getChildren().clear();
        causes.refresh();
        Optional<FittingRound.Logged> chosen = round.chosen();
        Parts.show(paper, chosen.isPresent());
        if (chosen.isEmpty()) {
            detail.getChildren().add(Parts.text("Choose a remark to decide what is done about it.", "soft"));
            return;
        }
        Remark remark = chosen.get().remark();
        String zone = round.zone(remark.zone()).map(Zone::name).orElse(remark.zone());
        detail.getChildren()
                .addAll(
                        Parts.text(remark.seen().isEmpty() ? zone : zone + ": " + round.words(remark), "title"),
                        Parts.text(conditions(chosen.get()), "small", "soft"));
        round.symptom(remark)
                .ifPresent(symptom -> detail.getChildren()
                        .add(Parts.text(
                                symptom.more() + " A matter of "
                                        + symptom.severity().words()
                                        + (symptom.blocks() ? "; it keeps the final cloth from being cut." : "."),
                                "small")));
        provisional(chosen.get());
        Work work = studio.situation().work(remark.garment()).orElse(null);
        boolean made = remark.decision().filter(d -> d.version() > 0).isPresent();
        if (work == null) {
            detail.getChildren().add(Parts.text("The garment cannot be drawn: settle its draft first.", "needs"));
        } else if (made) {
            decided(remark, work);
        } else {
            propose(remark, deciding.asked(remark), work);
        }
    }

    private void provisional(FittingRound.Logged logged) {
        List<Sentence> why = deciding.provisional(logged);
        if (!why.isEmpty()) {
            String words = String.join(
                    "; ", why.stream().map(each -> each.in(studio.format())).toList());
            detail.getChildren().add(Parts.text("Provisional: " + words + ".", "small", "provisional", "pad"));
        }
    }

    private String conditions(FittingRound.Logged logged) {
        Fitting fitting = logged.fitting();
        String stack = studio.library()
                .wardrobe()
                .stack(fitting.stack())
                .map(LayerStack::title)
                .orElse(fitting.stack());
        Integer version = fitting.mockup().versions().get(logged.remark().garment());
        return "Fitting " + fitting.number() + ", " + logged.remark().garment() + " version " + version + " in "
                + fitting.mockup().cloth() + ", over " + stack + (fitting.confirmed() ? "" : " (not confirmed)")
                + (fitting.helper().isEmpty() ? ", alone" : ", with " + fitting.helper());
    }

    private void propose(Remark remark, Optional<Alteration> asked, Work work) {
        HBox buttons = new HBox(8);
        Optional<Alteration> possible = Optional.empty();
        remark.decision()
                .ifPresent(decision ->
                        detail.getChildren().add(Parts.text("Decided: " + decision.words(), "figure", "chosen")));
        Optional<Remedy> first = deciding.remedy(remark);
        if (first.isPresent() && (first.get().alteration().isEmpty() || asked.isEmpty())) {
            detail.getChildren()
                    .add(Parts.text("Usually: " + deciding.words(first.get()).in(studio.format()) + ".", "figure"));
        }
        if (asked.isPresent()) {
            Outcome outcome = asked.get().apply(work.pattern());
            boolean other =
                    first.filter(remedy -> remedy.alteration().isEmpty()).isPresent();
            detail.getChildren()
                    .add(Parts.text(
                            (other ? "Or on the pattern: " : "")
                                    + asked.get().sentence().in(studio.format()),
                            "figure",
                            "chosen"));
            amount(remark);
            if (outcome.refusal().isPresent()) {
                detail.getChildren().add(Parts.text(outcome.refusal().get().in(studio.format()), "needs"));
            } else {
                effects(Effect.between(work.pattern(), outcome.pattern()));
                possible = asked;
                paper(outcome.pattern(), Optional.of(work.pattern()));
                Garment garment =
                        studio.situation().costume().garment(remark.garment()).orElseThrow();
                Alteration alteration = asked.get();
                Button make = Parts.button(
                        "Make it version " + (garment.versions().size() + 1), () -> deciding.alter(alteration), "main");
                make.setId("make-version");
                buttons.getChildren().add(make);
            }
        }
        if (possible.isEmpty()) {
            paper(work.pattern(), Optional.empty());
        }
        buttons.getChildren().add(cured(remark));
        detail.getChildren().addAll(buttons, otherwise(remark));
    }

    /** Says where the amount comes from, and what it is in all. */
    private void amount(Remark remark) {
        String words = remark.amount().isPresent() ? "As pinned." : "Nothing was pinned: the middle of what is usual.";
        detail.getChildren().add(Parts.text(words, "small", "soft"));
    }

    /** Every answer that is no alteration of the flat pattern; own words say more. */
    private Node otherwise(Remark remark) {
        Decision.Kind usual = deciding.remedy(remark).map(Remedy::decision).orElse(Decision.Kind.LEAVE);
        ChoiceBox<Decision.Kind> kind = new ChoiceBox<>();
        kind.setId("decision-kind");
        kind.getItems().setAll(Decision.Kind.values());
        kind.getItems().remove(Decision.Kind.ALTER);
        kind.setConverter(Parts.words(Decision.Kind::words));
        kind.setValue(usual == Decision.Kind.ALTER ? Decision.Kind.LEAVE : usual);
        kind.setMaxWidth(400);
        TextField words = new TextField();
        words.setId("decision-words");
        words.setPromptText("in own words");
        words.setPrefColumnCount(12);
        Runnable decide = () -> deciding.decide(kind.getValue(), words.getText());
        words.setOnAction(event -> decide.run());
        Button button = Parts.button("Decide", decide);
        button.setId("decide");
        HBox row = new HBox(6, words, button);
        row.setAlignment(Pos.CENTER_LEFT);
        return new VBox(6, kind, row);
    }

    private void decided(Remark remark, Work work) {
        Decision decision = remark.decision().orElseThrow();
        detail.getChildren()
                .add(Parts.text("Version " + decision.version() + ": " + decision.words(), "figure", "chosen"));
        Garment garment = studio.situation().costume().garment(remark.garment()).orElseThrow();
        Optional<Work> after = garment.version(decision.version()).flatMap(version -> studio.work(garment, version));
        Optional<Work> before =
                garment.version(decision.version() - 1).flatMap(version -> studio.work(garment, version));
        if (after.isPresent() && before.isPresent()) {
            effects(Effect.between(before.get().pattern(), after.get().pattern()));
        }
        paper(after.orElse(work).pattern(), before.map(Work::pattern));
        detail.getChildren()
                .add(new HBox(8, cured(remark), Parts.button("Accept it", () -> round.settle(Remark.State.LEFT))));
    }

    private Button cured(Remark remark) {
        boolean cured = remark.state() == Remark.State.CURED;
        return Parts.button(
                cured ? "Not cured after all" : "Cured",
                () -> round.settle(cured ? Remark.State.OPEN : Remark.State.CURED));
    }

    private void effects(List<Effect> effects) {
        LengthFormat format = studio.format();
        FlowPane pane = new FlowPane(18, 2);
        effects.forEach(effect -> pane.getChildren()
                .add(Parts.label(
                        effect.name() + " " + format.signed(effect.change()) + ", now " + format.format(effect.after()),
                        "small")));
        detail.getChildren().add(pane);
    }

    private void paper(Pattern pattern, Optional<Pattern> ghost) {
        paper.show(Paper.Scene.plain(
                studio.situation().costume().id() + pattern.draft(), pattern, ghost, List.of(), studio.format()));
    }
}
