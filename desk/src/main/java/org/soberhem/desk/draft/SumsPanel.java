package org.soberhem.desk.draft;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.costume.DailyNeeds;
import org.soberhem.core.draft.CompiledSheet.Adjustable;
import org.soberhem.core.draft.Sums;
import org.soberhem.core.garment.Finding;
import org.soberhem.core.garment.Sum;
import org.soberhem.core.garment.SumValue;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.NeedsBox;
import org.soberhem.desk.widget.Parts;
import org.soberhem.files.print.PaperSize;
import org.soberhem.files.print.SumCardPdf;
import org.soberhem.studio.Studio;

/**
 * The sums that belong to the draft at hand: the answer, what is asked, the figures; drawing and marks are on the
 * paper.
 */
final class SumsPanel extends VBox {

    private final Studio studio;
    private final FileDesk files;
    private final SumPaper paper;
    private final FlowPane choice = new FlowPane(6, 6);
    private final VBox words = new VBox(6);
    private final SettingsForm settings;
    private final VBox figures = new VBox(8);
    private final VBox steps = new VBox(6);
    private final Label said = Parts.text("", "soft");

    /** What the maker makes it, by costume, garment, sum and figure, while the application runs. */
    private final Map<String, Double> made = new HashMap<>();

    /** The sum apart from the sheet's, as it is chosen. */
    private static final String OWN = "a sum of your own";

    private final OwnSumForm own;
    private Optional<Sum> ownSum = Optional.empty();
    private String chosen = "";
    private DraftedGarment work;

    /**
     * @param studio the studio
     * @param files where the card goes to
     * @param paper where drawing and tables of the chosen sum are shown
     */
    SumsPanel(Studio studio, FileDesk files, SumPaper paper) {
        this.studio = studio;
        this.files = files;
        this.paper = paper;
        settings = new SettingsForm(studio);
        own = new OwnSumForm(studio, sum -> {
            ownSum = Optional.of(sum);
            show(work);
        });
        VBox form = new VBox(10, choice, words, figures, settings, steps, said);
        form.getStyleClass().add("pad");
        ScrollPane scroll = Parts.scroll(form);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().add(scroll);
    }

    private String garment() {
        return studio.current().garment().get();
    }

    /** Chooses a sum by its name. */
    void choose(String sum) {
        chosen = sum;
    }

    void show(DraftedGarment shown) {
        work = shown;
        List<Sum> sums = studio.current().sums(work);
        Optional<Sum> at = sums.stream()
                .filter(each -> each.name().equals(chosen))
                .findFirst()
                .or(() -> chosen.equals(OWN) ? Optional.empty() : sums.stream().findFirst());
        chosen = at.map(Sum::name).orElse(OWN);
        choice.getChildren().clear();
        sums.forEach(each ->
                choose(each.name(), (each.works() ? "" : "✗ ") + each.name().replace('-', ' ')));
        choose(OWN, OWN);
        List.of(words, figures, settings, steps)
                .forEach(part -> part.getChildren().clear());
        said.setText("");
        paper.clear();
        LengthFormat format = studio.format();
        if (at.isEmpty()) {
            settings.getChildren().add(own);
        }
        at.ifPresent(sum -> settings(sum, format));
        at.or(() -> ownSum).ifPresent(sum -> {
            words(sum, format);
            figures(sum, format);
            steps(sum, format);
            paper.show(sum, format);
        });
    }

    private void choose(String name, String words) {
        ToggleButton key = new ToggleButton(words);
        key.setId("sum-" + name.replace(' ', '-'));
        key.setSelected(name.equals(chosen));
        key.setOnAction(event -> {
            chosen = name;
            show(work);
        });
        choice.getChildren().add(key);
    }

    private void words(Sum sum, LengthFormat format) {
        words.getChildren().setAll(Parts.text(sum.title(), "heading"));
        Label answer = Parts.text(sum.answer().in(format), "figure");
        answer.setId("sum-answer");
        words.getChildren().add(answer);
        for (Finding finding : sum.findings()) {
            if (finding.grade() == Finding.Grade.FAILS && sum.answer().equals(finding.words())) {
                answer.getStyleClass().add("needs");
                continue;
            }
            String mark = switch (finding.grade()) {
                case FAILS -> "✗";
                case ASKS -> "?";
                case TELLS -> "·";
            };
            Label sign = Parts.label(mark, finding.grade() == Finding.Grade.FAILS ? "needs" : "soft");
            sign.setMinWidth(12);
            Label found = Parts.text(finding.words().in(format), "small");
            HBox.setHgrow(found, Priority.ALWAYS);
            words.getChildren().add(new HBox(6, sign, found));
        }
    }

    private void figures(Sum sum, LengthFormat format) {
        figures.getChildren().clear();
        if (sum.figures().isEmpty()) {
            return;
        }
        figures.getChildren()
                .add(new HBox(Parts.label("Figures", "caps"), Parts.gap(), Parts.label("you make it", "caps")));
        for (SumValue figure : sum.figures()) {
            figures.getChildren().add(row(sum, figure, format));
        }
    }

    private FigureRow row(Sum sum, SumValue figure, LengthFormat format) {
        String key = String.join("/", studio.situation().costume().id(), garment(), sum.name(), figure.name());
        return new FigureRow(
                figure,
                format,
                Optional.ofNullable(made.get(key)),
                typed -> typed.ifPresentOrElse(value -> made.put(key, value), () -> made.remove(key)));
    }

    private void steps(Sum sum, LengthFormat format) {
        steps.getChildren().clear();
        if (!sum.steps().isEmpty()) {
            steps.getChildren().add(Parts.label("In this order", "caps"));
        }
        int number = 1;
        for (Sentence step : sum.steps()) {
            steps.getChildren().add(Parts.text(number++ + "  " + step.in(format), "small"));
        }
        Button card = Parts.hinted(
                Parts.button("Print the card", () -> print(sum), "main"), "Drawing, figures, marks and order");
        card.setId("sum-card");
        steps.getChildren().add(card);
    }

    private void settings(Sum sum, LengthFormat format) {
        List<Adjustable> some = work.sheet().adjustables(sum.name());
        settings.show(work, some, format);
        if (sum.name().equals(Sums.OPENINGS)) {
            NeedsBox needs = new NeedsBox(studio.garments()::need);
            needs.show(studio.situation().costume().needs().map(DailyNeeds::all).orElse(List.of()));
            settings.getChildren().add(0, needs);
            settings.getChildren().add(0, Parts.label("In the costume the wearer must be able to", "caps"));
        }
        if (!some.isEmpty()) {
            settings.getChildren().add(0, Parts.label("What may be chosen for this sum", "caps"));
        }
    }

    private void print(Sum sum) {
        String heading = studio.situation().costume().title() + ", " + garment() + ", for "
                + studio.situation().wearer().name();
        LengthFormat format = studio.format();
        files.write(
                FileDesk.nameOf(heading + " " + sum.name()) + ".pdf",
                () -> SumCardPdf.write(heading, sum, format, PaperSize.A4),
                said::setText);
    }
}
