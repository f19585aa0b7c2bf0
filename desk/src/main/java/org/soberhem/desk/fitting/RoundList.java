package org.soberhem.desk.fitting;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.silhouette.QuantityKind;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.desk.widget.LengthField;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;
import org.soberhem.studio.Studio;

/** Every round with its remarks, newest first, and what was measured and answered at it. */
final class RoundList extends VBox {

    private final Studio studio;
    private final FittingRound round;
    private final Trying trying;
    private final Deciding deciding;

    RoundList(Studio studio, FittingRound round, Trying trying) {
        super(4);
        this.studio = studio;
        this.round = round;
        this.trying = trying;
        deciding = round.deciding();
        setPadding(new Insets(12));
    }

    void refresh() {
        getChildren().clear();
        List<Fitting> fittings = studio.situation().costume().fittings();
        if (fittings.isEmpty()) {
            getChildren()
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
    }

    private void fitting(Fitting fitting) {
        getChildren().add(Parts.label("Fitting " + fitting.number() + " · " + fitting.date(), "caps"));
        fitting.remarks().forEach(remark -> getChildren().add(remark(fitting, remark)));
        if (fitting.remarks().isEmpty()) {
            getChildren().add(Parts.text("No remarks.", "soft"));
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
            if (!latest && !fitting.readings().containsKey(kind.id())) {
                continue;
            }
            LengthField field = new LengthField(studio::format, length -> trying.measured(kind, length));
            field.setId("reading-" + kind.id());
            field.show(Optional.ofNullable(fitting.readings().get(kind.id())));
            field.setDisable(!latest);
            Label name = Parts.hinted(Parts.label(kind.title(), "small", "soft"), kind.is());
            pane.getChildren().add(new VBox(1, name, field));
        }
        getChildren().add(pane);
        VBox.setMargin(pane, new Insets(4, 0, 8, 0));
        if (latest) {
            trying.questions(fitting).forEach(question -> getChildren().add(byEye(fitting, question)));
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
}
