package org.soberhem.desk.draft;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.BiConsumer;
import javafx.scene.control.Button;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.alter.Effect;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.MovePoint;
import org.soberhem.core.alter.kind.MoveStrap;
import org.soberhem.core.alter.kind.Outcome;
import org.soberhem.core.alter.kind.TurnStrap;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.StringLine;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Side;
import org.soberhem.desk.widget.Paper;
import org.soberhem.desk.widget.PaperPull;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.AlterationCommands;
import org.soberhem.studio.Studio;

/** The next alteration with what it would do before it is made, those made so far, and the versions. */
final class AlterPanel extends VBox implements PaperPull.Hand {

    private final Studio studio;
    private final AlterationCommands desk;
    private final TextField find = new TextField();
    private final ListView<AlterationKind> kinds = new ListView<>();
    private final VBox about = new VBox(4);
    private final AlterForm form;
    private final VBox told = new VBox(2);
    private final Button apply;
    private final Button completed;
    private final Button usual;
    private final Button leave;
    private final BiConsumer<Optional<Pattern>, Optional<Pattern>> preview;
    private final BiConsumer<List<EdgeRef>, Optional<Paper.Guide>> light;
    private final MadeList made;
    private final VersionsBox versions;
    private DraftedGarment work;
    private Optional<Alteration> pending = Optional.empty();
    private Optional<Alteration> completing = Optional.empty();

    /** The place in the chain of the alteration that is being changed. */
    private OptionalInt changing = OptionalInt.empty();

    /**
     * @param studio the studio
     * @param desk the commands
     * @param preview gets the pattern as it would become, or nothing; and a state to compare with, or nothing
     * @param light gets the edges that are meant, and the string by which a strap is judged
     */
    AlterPanel(
            Studio studio,
            AlterationCommands desk,
            BiConsumer<Optional<Pattern>, Optional<Pattern>> preview,
            BiConsumer<List<EdgeRef>, Optional<Paper.Guide>> light) {
        this.light = light;
        this.studio = studio;
        this.desk = desk;
        this.preview = preview;
        form = new AlterForm(studio::format, this::weigh, this::make);
        made = new MadeList(studio, desk, this::change);
        versions = new VersionsBox(studio, desk, preview);
        find.setId("alter-find");
        find.setPromptText("find by a trade word: gusset, pitch, gapes …");
        find.textProperty().addListener((was, before, now) -> offer());
        find.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.DOWN) {
                kinds.requestFocus();
                event.consume();
            }
        });
        kinds.setId("alter-kinds");
        kinds.setPrefHeight(114);
        kinds.setMinHeight(114);
        kinds.setCellFactory(list -> new KindCell());
        kinds.getSelectionModel().selectedItemProperty().addListener((was, before, now) -> chosen(now));
        apply = Parts.button("Make this alteration", this::make, "main");
        apply.setId("alter-make");
        completed = Parts.button("Make it, and true the other edge", () -> completing.ifPresent(this::keep));
        completed.setId("alter-complete");
        usual = Parts.hinted(
                Parts.button("Usual amounts", form::fillUsual, "quiet"), "As commonly done; change them as wanted");
        usual.setId("alter-usual");
        leave = Parts.button("Leave it as it was", this::leave, "quiet");
        VBox all = new VBox(
                8,
                Parts.label("Alterations", "caps"),
                find,
                kinds,
                about,
                form,
                told,
                new FlowPane(8, 6, apply, completed, usual, leave),
                made,
                versions);
        all.getStyleClass().add("pad");
        ScrollPane scroll = Parts.scroll(all);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().add(scroll);
        Parts.show(completed, false);
        Parts.show(leave, false);
    }

    /** Shows a kind's name, and its group where it is looked for. */
    private final class KindCell extends ListCell<AlterationKind> {
        @Override
        protected void updateItem(AlterationKind kind, boolean empty) {
            super.updateItem(kind, empty);
            setText(empty || kind == null ? "" : kind.name());
            getStyleClass().remove("soft");
            if (kind != null && work != null && kind.usual(work.pattern()).isEmpty()) {
                getStyleClass().add("soft");
            }
        }
    }

    void show(DraftedGarment shown, Garment garment) {
        boolean other = work == null || !work.pattern().equals(shown.pattern());
        work = shown;
        if (kinds.getItems().isEmpty()) {
            offer();
        }
        if (changing.isPresent() && changing.getAsInt() >= garment.alterations().size()) {
            leave();
        }
        made.show(garment, shown);
        versions.show(garment, shown);
        AlterationKind kind = kinds.getSelectionModel().getSelectedItem();
        if (kind != null && other && changing.isEmpty()) {
            form.ask(kind, shown.pattern());
        }
        if (kind == null) {
            kinds.getSelectionModel().selectFirst();
        }
    }

    /** Puts the keyboard where an alteration is looked for. */
    void look() {
        Parts.focus(this, find);
        find.selectAll();
    }

    /** Opens an alteration that stands in the way, to be changed. */
    void open(int place) {
        if (work != null && place < desk.garment().alterations().size()) {
            change(place);
        }
    }

    /** Shows a kind of alteration with some of its amounts filled in, in millimetres; it is not made yet. */
    void propose(String id, Map<String, Double> amounts) {
        studio.library().alterations().stream()
                .filter(kind -> kind.id().equals(id))
                .findFirst()
                .ifPresent(kind -> {
                    find.setText("");
                    kinds.getSelectionModel().select(kind);
                    kinds.scrollTo(kind);
                    form.fill(amounts);
                });
    }

    /** Shows the move of a corner that was pulled on the paper; it is not made yet. */
    @Override
    public void corner(EdgeRef corner, double out, double down) {
        studio.library().alterations().stream()
                .filter(kind -> kind.does().equals("move-point"))
                .findFirst()
                .ifPresent(kind -> {
                    find.setText("");
                    kinds.getSelectionModel().select(kind);
                    kinds.scrollTo(kind);
                    form.show(kind, work.pattern(), new MovePoint(corner, out, down, Sides.BOTH));
                });
    }

    /** Puts in by how much an edge was pulled on the paper; it is not made yet. */
    @Override
    public void edge(EdgeRef edge, double share, double inward) {
        AlterationKind kind = kinds.getSelectionModel().getSelectedItem();
        if (kind != null && HandAnswers.isPulled(kind)) {
            double length = work.pattern().length(edge, Side.LEFT);
            form.take(HandAnswers.pulled(kind, edge, share, inward, length));
        }
    }

    /** Puts in where a piece was tapped. */
    @Override
    public void place(String piece, Point at) {
        AlterationKind kind = kinds.getSelectionModel().getSelectedItem();
        if (kind != null && work != null) {
            form.take(HandAnswers.tapped(kind, work.pattern(), piece, at));
        }
    }

    private void offer() {
        AlterationKind was = kinds.getSelectionModel().getSelectedItem();
        List<AlterationKind> found = studio.library().alterations().stream()
                .filter(kind -> kind.isCalled(find.getText()))
                .toList();
        kinds.getItems().setAll(found);
        if (found.contains(was)) {
            kinds.getSelectionModel().select(was);
        } else if (!found.isEmpty()) {
            kinds.getSelectionModel().selectFirst();
        }
    }

    private void chosen(AlterationKind kind) {
        if (kind == null || work == null) {
            return;
        }
        leaveChanging();
        describe(kind);
        form.ask(kind, work.pattern());
    }

    private void describe(AlterationKind kind) {
        about.getChildren().setAll(Parts.text(kind.tells(), "small", "soft"));
        if (!kind.caution().isEmpty()) {
            about.getChildren().add(Parts.text("! " + kind.caution(), "small", "needs"));
        }
    }

    /** Shows one of those made so far in the form; until it is made again nothing changes. */
    private void change(int place) {
        Alteration old = desk.garment().alterations().get(place);
        Optional<AlterationKind> kind = studio.library().alterations().stream()
                .filter(each -> each.answers(old).isPresent())
                .findFirst();
        if (kind.isEmpty()) {
            studio.done().set("What was made true together is taken out and made anew");
            return;
        }
        find.setText("");
        kinds.getSelectionModel().select(kind.get());
        kinds.scrollTo(kind.get());
        changing = OptionalInt.of(place);
        Parts.show(leave, true);
        apply.setText("Change this alteration");
        form.show(kind.get(), work.before(desk.garment().alterations(), place), old);
    }

    private void leaveChanging() {
        changing = OptionalInt.empty();
        Parts.show(leave, false);
        apply.setText("Make this alteration");
    }

    private void leave() {
        leaveChanging();
        form.ask(kinds.getSelectionModel().getSelectedItem(), work.pattern());
    }

    private void make() {
        pending.ifPresent(this::keep);
    }

    private void keep(Alteration alteration) {
        preview.accept(Optional.empty(), Optional.empty());
        OptionalInt place = changing;
        leaveChanging();
        if (place.isPresent()) {
            desk.change(place.getAsInt(), alteration);
        } else {
            desk.make(alteration);
        }
        form.clear();
    }

    private void weigh() {
        told.getChildren().clear();
        MeantPlaces meant = form.meant();
        light.accept(meant.lit(), Optional.empty());
        if (!meant.question().isEmpty()) {
            told.getChildren().add(Parts.text(meant.question(), "small", "needs"));
        }
        pending = Optional.empty();
        completing = Optional.empty();
        Optional<Pattern> after = Optional.empty();
        try {
            Optional<Alteration> typed = work == null || form.isEmpty() ? Optional.empty() : form.alteration();
            if (typed.isPresent()) {
                after = told(typed.get());
            } else {
                told.getChildren().add(Parts.text(hint(), "small", "soft"));
            }
        } catch (AlterationRefusal beyond) {
            told.getChildren().add(Parts.text(beyond.sentence().in(studio.format()), "needs"));
        }
        apply.setDisable(pending.isEmpty());
        Parts.show(completed, completing.isPresent());
        if (work != null) {
            preview.accept(after, Optional.empty());
        }
    }

    private String hint() {
        AlterationKind kind = kinds.getSelectionModel().getSelectedItem();
        return kind != null && HandAnswers.isPulled(kind)
                ? "Type an amount to see what it does, pull the lit edge on the paper, or take the usual ones."
                : "Type an amount to see what it does, or take the usual ones.";
    }

    /** Offers the largest amount that can be made there. */
    private void offerLargest(Map<String, Object> answers) {
        Button offer = Parts.button("Take the largest that works here", () -> form.fillAnswers(answers), "quiet");
        offer.setId("alter-largest");
        told.getChildren().addAll(Parts.text(form.words(answers), "small"), offer);
    }

    private Optional<Pattern> told(Alteration alteration) {
        LengthFormat format = studio.format();
        Pattern before =
                changing.isPresent() ? work.before(desk.garment().alterations(), changing.getAsInt()) : work.pattern();
        told.getChildren().add(Parts.text(alteration.sentence().in(format)));
        Outcome outcome = alteration.apply(before);
        completing = outcome.completed();
        if (outcome.refusal().isPresent()) {
            told.getChildren().add(Parts.text(outcome.refusal().get().in(format), "needs"));
            if (completing.isEmpty()) {
                form.largest(before).ifPresent(this::offerLargest);
            }
            return completing.map(both -> both.apply(before).pattern());
        }
        pending = Optional.of(alteration);
        for (Sentence unequal : outcome.unequal()) {
            told.getChildren().add(Parts.text("! " + unequal.in(format), "small", "needs"));
        }
        for (Sentence trued : outcome.trued()) {
            told.getChildren().add(Parts.text(trued.in(format), "small", "soft"));
        }
        for (Effect effect : Effect.between(before, outcome.pattern())) {
            told.getChildren().add(Parts.text(effect.sentence().in(format), "small", "soft"));
        }
        strapEnd(alteration)
                .flatMap(end -> StringLine.of(outcome.pattern(), end, work.inputs()))
                .ifPresent(string -> {
                    told.getChildren().add(Parts.text(string.sentence().in(format), "small"));
                    light.accept(
                            form.meant().lit(),
                            Optional.of(new Paper.Guide(string.piece(), string.bust(), string.end())));
                });
        for (Alteration also : alteration.goesWith(outcome.pattern())) {
            if (also.apply(outcome.pattern()).refusal().isEmpty()) {
                offer(alteration, also);
            }
        }
        return Optional.of(outcome.pattern());
    }

    private static Optional<EdgeRef> strapEnd(Alteration alteration) {
        return alteration instanceof TurnStrap turn
                ? Optional.of(turn.edge())
                : alteration instanceof MoveStrap move ? Optional.of(move.edge()) : Optional.empty();
    }

    /** Offers what is usually altered with it, made as one. */
    private void offer(Alteration alteration, Alteration also) {
        Button both = Parts.button(
                "Make both: " + also.sentence().in(studio.format()),
                () -> keep(new Alteration.Together(List.of(alteration, also))),
                "quiet");
        both.setId("alter-also");
        told.getChildren().add(both);
    }
}
