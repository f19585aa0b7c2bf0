package org.soberhem.desk.fitting;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.image.ImageView;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.alter.Effect;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.Outcome;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.fitting.Decision;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Picture;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.fitting.Remedy;
import org.soberhem.core.fitting.Zone;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.Ledger;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.length.WrittenLengths;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.desk.widget.Paper;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Studio;

/** At the table after the fitting: every remark with its cause, its amount, and what is decided. */
final class DecideView extends BorderPane implements FittingPlace.Shown {

    private static final double LIST = 330;
    private static final double WHY = 372;
    private static final double DETAIL = 470;
    private static final double THUMB = 110;

    private final Studio studio;
    private final FittingRound round;
    private final RoundList rounds;
    private final VBox detail = new VBox(8);
    private final Paper paper = new Paper();
    private final NewFitting begin;
    private final Deciding deciding;
    private static final String AS_FOUND = "the alteration that the cause asks for";

    private final CausesPanel causes;
    private final PictureShelf pictures;

    DecideView(Studio studio, FittingRound round, Trying trying, PictureShelf pictures) {
        this.studio = studio;
        this.round = round;
        this.pictures = pictures;
        deciding = round.deciding();
        causes = new CausesPanel(studio, round);
        begin = new NewFitting(studio, round);
        rounds = new RoundList(studio, round, trying);
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
        Optional<String> first = round.chosen().isEmpty() ? first() : Optional.empty();
        if (first.isPresent()) {
            // It is shown when it is chosen.
            round.chosenProperty().set(first);
            return;
        }
        begin.refresh();
        rounds.refresh();
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
                                WrittenLengths.sentence(symptom.more()).in(studio.format()) + " A matter of "
                                        + symptom.severity().words()
                                        + (symptom.blocks() ? "; it keeps the final cloth from being cut." : "."),
                                "small")));
        provisional(chosen.get());
        photographs(chosen.get());
        DraftedGarment work = studio.situation().work(remark.garment()).orElse(null);
        boolean made = remark.decision().filter(d -> d.version() > 0).isPresent();
        if (work == null) {
            detail.getChildren().add(Parts.text("The garment cannot be drawn: settle its draft first.", "needs"));
        } else if (made) {
            decided(remark, work);
        } else {
            propose(remark, deciding.asked(remark), work);
        }
    }

    private void photographs(FittingRound.Logged logged) {
        FlowPane shown = new FlowPane(8, 8);
        for (Picture picture : logged.fitting().pictures()) {
            if (picture.remark().equals(logged.remark().id())) {
                ImageView view = new ImageView();
                view.setPreserveRatio(true);
                view.setFitHeight(THUMB);
                pictures.small(picture.hash(), view::setImage);
                shown.getChildren().add(view);
            }
        }
        if (!shown.getChildren().isEmpty()) {
            detail.getChildren().add(shown);
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
                + (fitting.helper().isEmpty() ? ", alone" : ", with " + fitting.helper())
                + (logged.remark().movement().isEmpty()
                        ? ""
                        : "; seen in: " + logged.remark().movement().replace('-', ' '));
    }

    private void propose(Remark remark, Optional<Alteration> asked, DraftedGarment work) {
        HBox buttons = new HBox(8);
        Optional<Alteration> possible = Optional.empty();
        remark.decision()
                .ifPresent(decision ->
                        detail.getChildren().add(Parts.text("Decided: " + decision.words(), "figure", "chosen")));
        Optional<Remedy> first = deciding.remedy(remark);
        boolean other = first.isPresent() && !first.equals(deciding.altering(remark));
        if (other || first.isPresent() && asked.isEmpty()) {
            detail.getChildren()
                    .add(Parts.text("Usually: " + deciding.words(first.get()).in(studio.format()) + ".", "figure"));
        }
        detail.getChildren().add(anyAlteration(remark));
        if (asked.isPresent()) {
            Outcome outcome = asked.get().apply(work.pattern());
            detail.getChildren()
                    .add(Parts.text(
                            (other ? "Or on the pattern: " : "")
                                    + asked.get().sentence().in(studio.format()),
                            "figure",
                            "chosen"));
            amount(remark, asked.get(), work);
            if (outcome.refusal().isPresent()) {
                detail.getChildren().add(Parts.text(outcome.refusal().get().in(studio.format()), "needs"));
            } else {
                effects(Effect.between(work.pattern(), outcome.pattern()));
                undoing(remark, asked.get(), work);
                possible = asked;
                paper(outcome.pattern(), Optional.of(work.pattern()));
                Garment garment =
                        studio.situation().costume().garment(remark.garment()).orElseThrow();
                Alteration alteration = asked.get();
                Button make = Parts.button(
                        "Make it version " + (garment.versions().size() + 1), () -> deciding.alter(alteration), "main");
                make.setId("make-version");
                round.chosen().flatMap(deciding::versionOfTheRound).ifPresent(version -> {
                    Button add = Parts.button(
                            "Add it to version " + version.number(),
                            () -> deciding.alterWithTheRest(alteration),
                            "main");
                    add.setId("add-to-version");
                    make.getStyleClass().remove("main");
                    buttons.getChildren().add(add);
                });
                buttons.getChildren().add(make);
            }
        }
        if (possible.isEmpty()) {
            paper(work.pattern(), Optional.empty());
        }
        buttons.getChildren().add(followed(remark));
        detail.getChildren().addAll(buttons, otherwise(remark));
    }

    /** Every alteration may be chosen, whatever was seen. */
    private Node anyAlteration(Remark remark) {
        ChoiceBox<String> any = new ChoiceBox<>();
        any.setId("any-alteration");
        any.getItems().add(AS_FOUND);
        studio.library().alterations().forEach(kind -> any.getItems().add(kind.name()));
        any.setValue(deciding.chosen(remark).map(AlterationKind::name).orElse(AS_FOUND));
        any.setMaxWidth(400);
        any.setOnAction(event -> {
            deciding.choose(
                    remark,
                    studio.library().alterations().stream()
                            .filter(kind -> kind.name().equals(any.getValue()))
                            .findFirst());
            refresh();
        });
        return any;
    }

    /** Warns if the alteration gives back what an earlier one took. */
    private void undoing(Remark remark, Alteration alteration, DraftedGarment work) {
        Costume costume = studio.situation().costume();
        Garment garment = costume.garment(remark.garment()).orElseThrow();
        Set<String> before = undone(costume, garment, work);
        Garment altered = garment.with(alteration).withVersion(studio.today(), "", work.inputs(), work.pattern());
        undone(costume, altered, work).stream()
                .filter(words -> !before.contains(words))
                .forEach(words -> detail.getChildren().add(Parts.text(words + ".", "small", "needs")));
    }

    private Set<String> undone(Costume costume, Garment garment, DraftedGarment work) {
        Set<String> all = new LinkedHashSet<>();
        Ledger.of(costume, garment, work.pattern())
                .forEach(account -> account.undone().ifPresent(words -> all.add(words.in(studio.format()))));
        return all;
    }

    /** Says where the amount comes from, and what it is in all. */
    private void amount(Remark remark, Alteration alteration, DraftedGarment work) {
        String from = remark.amount().isPresent()
                ? "As pinned."
                : "Nothing was pinned: half way between the usual least and most.";
        String total = deciding.total(alteration, work)
                .map(words -> " " + words.in(studio.format()) + ".")
                .orElse("");
        detail.getChildren().add(Parts.text(from + total, "small", "soft"));
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

    private void decided(Remark remark, DraftedGarment work) {
        Decision decision = remark.decision().orElseThrow();
        detail.getChildren()
                .add(Parts.text("Version " + decision.version() + ": " + decision.words(), "figure", "chosen"));
        Garment garment = studio.situation().costume().garment(remark.garment()).orElseThrow();
        Optional<DraftedGarment> after = garment.version(decision.version())
                .flatMap(version -> studio.current().draft(garment, version));
        Optional<DraftedGarment> before = garment.version(decision.version() - 1)
                .flatMap(version -> studio.current().draft(garment, version));
        if (after.isPresent() && before.isPresent()) {
            effects(Effect.between(before.get().pattern(), after.get().pattern()));
        }
        paper(after.orElse(work).pattern(), before.map(DraftedGarment::pattern));
        detail.getChildren().add(followed(remark));
    }

    /** What has become of it by now: said at the next fitting, or here. */
    private ChoiceBox<Remark.State> followed(Remark remark) {
        ChoiceBox<Remark.State> state = new ChoiceBox<>();
        state.setId("followed");
        state.getItems().setAll(Remark.State.values());
        state.setConverter(Parts.words(Remark.State::words));
        state.setValue(remark.state());
        state.valueProperty().addListener((was, before, now) -> round.settle(now));
        return state;
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
