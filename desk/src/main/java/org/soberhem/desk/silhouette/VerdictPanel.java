package org.soberhem.desk.silhouette;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.beans.property.StringProperty;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.silhouette.Rule;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;
import org.soberhem.studio.Studio;

/**
 * How the costume stands by each rule: the three that matter most in full, the rest in a line each, the chosen one
 * opened.
 */
final class VerdictPanel extends VBox {

    private static final int MOST = 3;

    private final Studio studio;
    private final SilhouetteDesk desk;
    private final StringProperty chosen;
    private final VBox list = new VBox(2);
    private Optional<Verdict> leaving = Optional.empty();

    /**
     * @param chosen id of the rule that is opened
     */
    VerdictPanel(Studio studio, SilhouetteDesk desk, StringProperty chosen) {
        this.studio = studio;
        this.desk = desk;
        this.chosen = chosen;
        list.getStyleClass().add("pad");
        getChildren().add(Parts.scroll(list));
        VBox.setVgrow(getChildren().get(0), Priority.ALWAYS);
        setId("verdicts");
    }

    void refresh() {
        List<Verdict> verdicts = studio.situation().verdicts();
        list.getChildren().clear();
        leaving = leaving.flatMap(was -> find(verdicts, was.rule().id()));
        if (verdicts.isEmpty()) {
            list.getChildren()
                    .add(Parts.text(
                            "Nothing can be judged before a garment is drawn: measure the wearer and choose a pattern.",
                            "soft"));
            return;
        }
        List<Verdict> open = verdicts.stream().filter(Verdict::isOpen).toList();
        List<Verdict> most = open.subList(0, Math.min(MOST, open.size()));
        list.getChildren().add(Parts.label(most.isEmpty() ? "Nothing to mend" : "What matters most", "caps"));
        if (most.isEmpty()) {
            list.getChildren()
                    .add(Parts.text("Every rule that can be judged yet is met, or departed from on purpose.", "soft"));
        }
        most.forEach(verdict -> list.getChildren().add(full(verdict)));
        group("Also", open.subList(most.size(), open.size()));
        group("Departed on purpose", of(verdicts, Verdict.Grade.DEPARTED));
        group("Met", of(verdicts, Verdict.Grade.MET));
        group("Not yet known", of(verdicts, Verdict.Grade.UNKNOWN));
    }

    private static List<Verdict> of(List<Verdict> verdicts, Verdict.Grade grade) {
        return verdicts.stream().filter(verdict -> verdict.grade() == grade).toList();
    }

    private static Optional<Verdict> find(List<Verdict> verdicts, String rule) {
        return verdicts.stream().filter(each -> each.rule().id().equals(rule)).findFirst();
    }

    private void group(String title, List<Verdict> verdicts) {
        if (verdicts.isEmpty()) {
            return;
        }
        list.getChildren().add(Parts.label(title + " · " + verdicts.size(), "caps", "group-head"));
        for (Verdict verdict : verdicts) {
            list.getChildren().add(verdict.rule().id().equals(chosen.get()) ? full(verdict) : line(verdict));
        }
    }

    private Node line(Verdict verdict) {
        boolean byEye = verdict.rule().judged() == Rule.Judged.EYE;
        String value = byEye
                ? ""
                : verdict.quantity()
                        .value()
                        .map(known -> "  " + desk.shown(verdict, known))
                        .orElse("");
        String kind = verdict.rule().kind() == Rule.Kind.LIKENESS
                ? ""
                : ", for " + verdict.rule().kind().words();
        String words = mark(verdict) + " " + verdict.title() + kind + value;
        Label text = Parts.text(words, "small");
        text.setMaxWidth(Double.MAX_VALUE);
        Tappable row = new Tappable(
                text,
                verdict.title() + ", " + verdict.grade().words(),
                () -> chosen.set(verdict.rule().id()),
                "verdict-row");
        row.setId("verdict-" + id(verdict));
        return row;
    }

    static String id(Verdict verdict) {
        return verdict.rule().id().replace('/', '-');
    }

    static String mark(Verdict verdict) {
        return switch (verdict.grade()) {
            case MET -> "●";
            case NEAR -> "○";
            case NOT_MET -> "▲";
            case UNKNOWN -> "?";
            case DEPARTED -> "◇";
        };
    }

    private Node full(Verdict verdict) {
        boolean opened = verdict.rule().id().equals(chosen.get());
        VBox box = new VBox(3);
        box.getStyleClass().add("verdict-full");
        box.setId("verdict-" + id(verdict));
        String about = verdict.garment().isEmpty() ? "" : " · " + verdict.garment();
        box.getChildren()
                .add(new Tappable(
                        new VBox(
                                2,
                                Parts.label(
                                        mark(verdict) + " " + verdict.grade().words() + about,
                                        "small",
                                        verdict.grade() == Verdict.Grade.NOT_MET ? "needs" : "soft"),
                                Parts.text(verdict.found().in(studio.format()), "figure")),
                        verdict.title(),
                        () -> chosen.set(opened ? "" : verdict.rule().id())));
        verdict.remedy().ifPresent(say -> box.getChildren().add(Parts.text(say.in(studio.format()))));
        if (!verdict.departure().isEmpty()) {
            box.getChildren().add(Parts.text("Left so: " + verdict.departure()));
        }
        box.getChildren().add(Parts.text(verdict.rule().why(), "small", "soft"));
        against(verdict).forEach(words -> box.getChildren().add(Parts.text(words, "small", "needs")));
        if (opened) {
            box.getChildren().addAll(traced(verdict));
        }
        box.getChildren().add(actions(verdict));
        if (leaving.filter(verdict::equals).isPresent()) {
            box.getChildren().add(reason(verdict));
        }
        return box;
    }

    /** Rules that this one pulls against, and how they stand. */
    private List<String> against(Verdict verdict) {
        List<String> words = new ArrayList<>();
        for (Verdict other : studio.situation().verdicts()) {
            boolean named = verdict.rule().against().contains(other.rule().id())
                    || other.rule().against().contains(verdict.rule().id());
            if (verdict.isOpen() && (named || verdict.pullsAgainst(other))) {
                words.add("Pulls against " + other.rule().kind().words() + ", "
                        + other.title().toLowerCase(Locale.ROOT) + " ("
                        + other.grade().words() + "): "
                        + (other.rule().why().isEmpty()
                                ? "both cannot be had"
                                : other.rule().why()));
            }
        }
        return words;
    }

    /** Where the number comes from. */
    private List<Node> traced(Verdict verdict) {
        List<Node> lines = new ArrayList<>();
        if (!verdict.rule().look().isEmpty()) {
            lines.add(Parts.text("Look: " + verdict.rule().look(), "small"));
        }
        lines.add(Parts.label("Where it comes from", "caps"));
        lines.add(Parts.text(verdict.kind().is(), "small", "soft"));
        lines.add(Parts.text(verdict.quantity().origin().in(studio.format()), "small"));
        if (verdict.rule().judged() != Rule.Judged.EYE) {
            lines.add(Parts.text(
                    "Band: " + verdict.usual().in(studio.format()) + ", "
                            + verdict.rule().evidence() + "; "
                            + verdict.rule().kind().words() + "; judged "
                            + verdict.rule().judged().words() + "."
                            + (verdict.kind().sign().isEmpty()
                                    ? ""
                                    : " " + sign(verdict.kind().sign())),
                    "small",
                    "soft"));
        }
        return lines;
    }

    private static String sign(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1) + ".";
    }

    private Node actions(Verdict verdict) {
        FlowPane actions = new FlowPane(6, 4);
        verdict.alteration().ifPresent(alteration -> {
            String name = studio.library().alterations().stream()
                    .filter(kind -> kind.id().equals(alteration.kind()))
                    .findFirst()
                    .orElseThrow()
                    .name();
            Button alter =
                    Parts.button("Alter: " + name.toLowerCase(Locale.ROOT), () -> desk.alter(verdict, alteration));
            alter.setId("alter-" + id(verdict));
            actions.getChildren().add(alter);
        });
        if (verdict.rule().judged() == Rule.Judged.EYE && desk.answeredAt().isPresent()) {
            answer(actions, verdict, "Yes", 1);
            answer(actions, verdict, "Partly", 0.5);
            answer(actions, verdict, "No", 0);
        }
        if (verdict.grade() == Verdict.Grade.DEPARTED) {
            actions.getChildren()
                    .add(Parts.button("Judge it again", () -> desk.depart(verdict, Optional.empty()), "quiet"));
        } else if (verdict.isOpen()) {
            Button leave = Parts.button(
                    "Leave it so …",
                    () -> {
                        leaving = Optional.of(verdict);
                        chosen.set(verdict.rule().id());
                        refresh();
                        Optional.ofNullable(lookup("#departure")).ifPresent(why -> Parts.focus(this, why));
                    },
                    "quiet");
            leave.setId("leave-" + id(verdict));
            actions.getChildren().add(leave);
        }
        if (verdict.quantity().from().isPresent() && verdict.rule().id().equals(chosen.get())) {
            actions.getChildren().add(Parts.button("Show its source", () -> desk.trace(verdict), "quiet"));
        }
        return actions;
    }

    private void answer(FlowPane actions, Verdict verdict, String words, double value) {
        Button button = Parts.button(words, () -> desk.answer(verdict, Optional.of(value)), "quiet");
        button.setId("answer-" + id(verdict) + "-" + words.toLowerCase(Locale.ROOT));
        button.pseudoClassStateChanged(
                Parts.SELECTED,
                verdict.quantity().value().filter(known -> known == value).isPresent());
        actions.getChildren().add(button);
    }

    private Node reason(Verdict verdict) {
        TextField why = new TextField();
        why.setId("departure");
        why.setPromptText("Why it is left so");
        why.setOnAction(event -> {
            if (!why.getText().isBlank()) {
                leaving = Optional.empty();
                desk.depart(verdict, Optional.of(why.getText().strip()));
            }
        });
        return new VBox(2, why, Parts.text("Enter keeps it with the costume; a reason is needed.", "small", "soft"));
    }
}
