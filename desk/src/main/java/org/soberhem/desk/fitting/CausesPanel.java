package org.soberhem.desk.fitting;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.fitting.Cause;
import org.soberhem.core.fitting.Ranking;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.layers.Layer;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.length.WrittenLengths;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;
import org.soberhem.studio.Studio;

/** The usual causes of the chosen remark, likeliest first, each with what is known for and against it and its test. */
final class CausesPanel extends VBox {

    private final Studio studio;
    private final FittingRound round;
    private final Deciding deciding;

    CausesPanel(Studio studio, FittingRound round) {
        super(8);
        this.studio = studio;
        this.round = round;
        this.deciding = round.deciding();
        setPadding(new Insets(14, 18, 14, 18));
    }

    void refresh() {
        getChildren().clear();
        round.chosen().ifPresent(this::show);
    }

    private void show(FittingRound.Logged logged) {
        Remark remark = logged.remark();
        getChildren().add(Parts.label("Why", "caps"));
        Optional<Ranking> ranking = deciding.ranking(logged);
        if (ranking.isEmpty()) {
            TextField cause = new TextField(remark.cause());
            cause.setId("because");
            cause.setPromptText("why; leave empty while it is unsolved");
            cause.setOnAction(event -> deciding.because(cause.getText()));
            getChildren().addAll(Parts.text("It is in own words, so no causes are known for it.", "soft"), cause);
            return;
        }
        proposed(logged, ranking.get());
        Optional<Cause> taken = deciding.cause(remark);
        ranking.get().causes().forEach(ranked -> getChildren().add(row(logged, ranked, taken)));
        getChildren()
                .add(Parts.text(
                        "Something else: " + percent(ranking.get().other())
                                + ". The shares order what is known; they are no certainty.",
                        "small",
                        "soft"));
        TextField own = new TextField();
        own.setId("own-cause");
        own.setPromptText("another cause, Enter adds it to your own");
        own.setOnAction(event -> {
            if (!own.getText().isBlank()) {
                deciding.addCause(own.getText());
            }
        });
        getChildren().add(own);
    }

    private void proposed(FittingRound.Logged logged, Ranking ranking) {
        if (!logged.remark().isOpen() || ranking.proposed().isEmpty()) {
            return;
        }
        Cause cause = ranking.proposed().get().cause();
        VBox box = new VBox(
                4,
                Parts.text("One test tells the two likeliest causes apart; nothing else is changed:"),
                Parts.text(capital(read(cause.test().task())) + ".", "figure"),
                Parts.text("If " + read(cause.test().then()) + ": " + read(cause.why()) + ".", "soft"),
                answers(cause));
        box.getStyleClass().add("proposed-test");
        box.setId("proposed-test");
        getChildren().add(box);
    }

    private HBox answers(Cause cause) {
        Button yes = Parts.button("It is so", () -> deciding.tested(cause, true));
        Button no = Parts.button("It is not so", () -> deciding.tested(cause, false));
        yes.setId("tested-" + cause.id());
        no.setId("not-" + cause.id());
        HBox row = new HBox(8, yes, no);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private Node row(FittingRound.Logged logged, Ranking.Ranked ranked, Optional<Cause> taken) {
        Cause cause = ranked.cause();
        boolean named = cause.id().equals(logged.remark().cause());
        boolean chosen = taken.filter(each -> each.id().equals(cause.id())).isPresent();
        VBox box = new VBox(1);
        Label share = Parts.label(percent(ranked.share()), "figure", "chosen");
        share.setMinWidth(44);
        HBox head = new HBox(10, share, Parts.text(capital(read(cause.why())) + (named ? "  ✓" : ""), "figure"));
        head.setAlignment(Pos.TOP_LEFT);
        box.getChildren().add(head);
        for (Sentence reason : ranked.reasons()) {
            box.getChildren().add(indented(reason.in(studio.format()), "small"));
        }
        box.getChildren()
                .add(indented(
                        "Test: " + read(cause.test().task()) + "; then "
                                + read(cause.test().then()),
                        "small",
                        "soft"));
        box.getChildren()
                .add(indented("Mends it: " + deciding.words(cause.remedy()).in(studio.format()), "small", "soft"));
        confounded(logged, cause).forEach(words -> box.getChildren().add(indented(words, "small", "soft")));
        Tappable row = new Tappable(box, cause.why(), () -> deciding.because(cause.id()), "cause-row");
        row.setId("cause-" + cause.id());
        row.pseudoClassStateChanged(Parts.SELECTED, chosen);
        return row;
    }

    private List<String> confounded(FittingRound.Logged logged, Cause cause) {
        return cause.confounded().stream()
                .map(each -> {
                    if (each.layer().isEmpty()) {
                        return "Looks the same: cloth " + each.cloth() + ", " + each.how();
                    }
                    List<Layer> worn = studio.makersLibrary()
                            .facts()
                            .meant(each.layer(), logged.fitting().stack());
                    String layer = worn.isEmpty()
                            ? each.layer().replace('-', ' ')
                            : worn.get(0).name().toLowerCase(Locale.ROOT) + " (worn)";
                    return "Looks the same: " + layer + ", " + each.how();
                })
                .toList();
    }

    private static Node indented(String words, String... styles) {
        Label label = Parts.text(words, styles);
        VBox.setMargin(label, new Insets(0, 0, 0, 54));
        return label;
    }

    private static String percent(double share) {
        return Math.round(share * 100) + " %";
    }

    /** Returns words of the library with their lengths in the maker's unit. */
    private String read(String words) {
        return WrittenLengths.sentence(words).in(studio.format());
    }

    private static String capital(String words) {
        return words.isEmpty() ? words : Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
