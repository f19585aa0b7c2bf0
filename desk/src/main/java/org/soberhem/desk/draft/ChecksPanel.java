package org.soberhem.desk.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.alter.CheckRemedy;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.LeaveSo;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.judging.CutState;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.GarmentJoin;
import org.soberhem.core.judging.PatternQuestion;
import org.soberhem.core.judging.Target;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;

/** Every check and every seam in words, those that pass as well; each leads to its place on the drawing. */
final class ChecksPanel extends VBox {

    private final VBox rows = new VBox();
    private final Consumer<Target> aim;
    private final Consumer<Alteration> make;
    private final Consumer<SeamCheck> walk;

    /**
     * @param aim gets the place of the row that is chosen
     * @param make makes the alteration that mends a check
     * @param walk gets a seam that is to be walked
     */
    ChecksPanel(Consumer<Target> aim, Consumer<Alteration> make, Consumer<SeamCheck> walk) {
        this.aim = aim;
        this.make = make;
        this.walk = walk;
        ScrollPane scroll = Parts.scroll(rows);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().add(scroll);
    }

    /**
     * Shows a garment.
     *
     * @param joins the lines by which it is sewn to others
     * @param against what stands against what the wearer must be able to do
     * @param cut what it has come to since its cloth was cut
     */
    void show(
            DraftedGarment work,
            List<GarmentJoin> joins,
            List<PatternQuestion> against,
            Optional<CutState> cut,
            LengthFormat format) {
        rows.getChildren().clear();
        cut.filter(CutState::isChanged).ifPresent(state -> {
            rows.getChildren().add(Parts.label("The cloth is cut", "caps", "pad"));
            state.lacking().forEach(each -> row("✗", each.in(format), "", Target.PLACE));
            state.added().forEach(each -> row("+", each.in(format), "", Target.PLACE));
            int step = 1;
            for (Sentence each : state.unpick()) {
                row(String.valueOf(step++), each.in(format), "", Target.PLACE);
            }
        });
        rows.getChildren().add(Parts.label("Against the body, with the ease of the period", "caps", "pad"));
        for (CheckResult check : work.checks()) {
            String mark = !check.isJudged() ? "?" : check.passes() ? "✓" : "✗";
            String why = check.passes() || !check.isJudged() ? "" : check.why();
            row(
                    mark,
                    check.sentence().in(format),
                    why,
                    new Target.Part(check.where().piece(), check.where().part()));
            if (check.isJudged() && !check.passes()) {
                rows.getChildren().add(leaving(check.name()));
            }
            CheckRemedy.of(check)
                    .filter(remedy -> remedy.apply(work.pattern()).refusal().isEmpty())
                    .ifPresent(remedy -> rows.getChildren().add(mend(remedy, format)));
        }
        List<PatternQuestion> questions = new ArrayList<>(work.questions());
        questions.addAll(against);
        if (!questions.isEmpty()) {
            rows.getChildren().add(Parts.label("For you to answer", "caps", "pad"));
        }
        for (PatternQuestion question : questions) {
            row(
                    question.fails() ? "✗" : question.isOpen() ? "?" : "✓",
                    question.sentence().in(format),
                    "",
                    question.sum()
                            .<Target>map(Target.Sum::new)
                            .orElse(new Target.Part(
                                    question.where().piece(), question.where().part())));
            if (question.isOpen()) {
                rows.getChildren().add(leaving(question.name()));
            }
        }
        if (!joins.isEmpty()) {
            rows.getChildren().add(Parts.label("Sewn to other garments", "caps", "pad"));
        }
        for (GarmentJoin join : joins) {
            row(join.isTrue() ? "✓" : "✗", join.sentence().in(format), "", new Target.MadeAlteration(join.place()));
        }
        rows.getChildren().add(Parts.label("Seams that meet", "caps", "pad"));
        int number = 1;
        for (SeamCheck seam : work.seams()) {
            row(
                    seam.isTrue() ? "✓" : "✗",
                    seam.sentence().in(format),
                    "",
                    new Target.Part(
                            seam.seam().first().get(0).piece(),
                            seam.seam().first().get(0).edge()));
            Button key = Parts.hinted(
                    Parts.button("walk it", () -> walk.accept(seam), "quiet", "small"),
                    "One edge along the other: lengths between marks, ease, angles at the ends");
            key.setId("walk-" + number++);
            HBox line = new HBox(key);
            line.setPadding(new Insets(0, 12, 4, 34));
            rows.getChildren().add(line);
            if (!seam.isTrue()) {
                rows.getChildren().add(leaving(seam.seam().name()));
            }
        }
    }

    /** Asks why a check or seam is left so, and leaves it so. */
    private HBox leaving(String what) {
        TextField why = new TextField();
        why.setPromptText("why it may stay so");
        Button leave = Parts.button(
                "Leave it so", () -> make.accept(new LeaveSo(what, why.getText().strip(), Sides.BOTH)), "quiet");
        leave.disableProperty().bind(why.textProperty().isEmpty());
        leave.setId("leave-so");
        why.setId("leave-so-why");
        HBox line = new HBox(6, why, leave);
        line.setPadding(new Insets(6, 12, 6, 38));
        return line;
    }

    private HBox mend(Alteration remedy, LengthFormat format) {
        Button button = Parts.button(remedy.sentence().in(format), () -> make.accept(remedy));
        HBox line = new HBox(button);
        line.setPadding(new Insets(4, 12, 8, 38));
        return line;
    }

    private void row(String mark, String words, String why, Target target) {
        boolean wrong = mark.equals("✗");
        VBox texts = new VBox(1, Parts.text(words));
        if (!why.isEmpty()) {
            texts.getChildren().add(Parts.text(why, "small", "soft"));
        }
        HBox.setHgrow(texts, Priority.ALWAYS);
        var sign = Parts.label(mark, "figure", wrong ? "needs" : "settled");
        sign.setMinWidth(18);
        rows.getChildren().add(new Tappable(new HBox(8, sign, texts), words, () -> aim.accept(target), "obstacle"));
    }
}
