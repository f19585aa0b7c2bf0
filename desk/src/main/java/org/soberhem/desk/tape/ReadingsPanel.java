package org.soberhem.desk.tape;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.soberhem.core.body.AsWorn;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.Reading;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Filling;
import org.soberhem.desk.widget.Parts;
import org.soberhem.files.exchange.MeasureFile;
import org.soberhem.files.print.MeasuringSheetPdf;
import org.soberhem.files.print.PaperSize;
import org.soberhem.library.input.FormatException;
import org.soberhem.studio.Situation;
import org.soberhem.studio.Studio;

/** The sets of a wearer: their circumstances and readings, on paper and as files too. */
final class ReadingsPanel extends BorderPane {

    private final Studio studio;
    private final TapeDesk desk;
    private final FileDesk files;
    private final ReadingRows rows;
    private final ComboBox<MeasurementSet> sets = new ComboBox<>();
    private final ComboBox<Measure> more = new ComboBox<>();
    private final Button drawFrom;
    private final Button begin;
    private final Label circumstances = Parts.text("", "small", "soft");
    private final ConditionsForm conditions;
    private final HBox summary;
    private final Label said = Parts.label("", "small", "soft");
    private final Filling filling = new Filling();

    ReadingsPanel(Studio studio, TapeDesk desk, FileDesk files, TapeLinkBar linkBar) {
        this.studio = studio;
        this.desk = desk;
        this.files = files;
        rows = new ReadingRows(studio, desk);
        drawFrom = Parts.button("Draw the costume from these", desk::drawFromThis, "main");
        begin = Parts.button("Measure anew", desk::beginSet);
        conditions = new ConditionsForm(studio, desk);
        Button change = Parts.button("change", this::showConditions, "quiet");
        change.setId("change-conditions");
        summary = new HBox(6, circumstances, change);
        summary.setAlignment(Pos.CENTER_LEFT);
        createChoices();
        ToggleGroup postures = new ToggleGroup();
        HBox postureBox = new HBox(0);
        for (Posture posture : Posture.values()) {
            ToggleButton button = new ToggleButton(posture.words());
            button.setToggleGroup(postures);
            button.setSelected(posture == Posture.STANDING);
            button.setOnAction(event -> {
                button.setSelected(true);
                desk.postureProperty().set(posture);
            });
            postureBox.getChildren().add(button);
        }
        FlowPane head = new FlowPane(10, 6, sets, postureBox, begin, drawFrom);
        head.setAlignment(Pos.CENTER_LEFT);
        Parts.show(conditions, false);
        VBox top = new VBox(6, head, summary, conditions);
        top.setPadding(new Insets(8, 16, 8, 16));
        top.getStyleClass().add("band");
        ScrollPane scroll = Parts.scroll(rows);
        scroll.getStyleClass().add("sheet");
        setTop(top);
        setCenter(scroll);
        setBottom(foot(linkBar));
    }

    private void createChoices() {
        sets.setConverter(Parts.words(set -> set.date() + ", " + set.id()));
        sets.valueProperty().addListener((was, before, now) -> {
            if (!filling.isOn() && now != null) {
                desk.setProperty().set(now.id());
            }
        });
        more.setConverter(Parts.words(Measure::name));
        more.valueProperty().addListener((was, before, now) -> {
            if (!filling.isOn() && now != null) {
                desk.ask(now);
                refresh();
            }
        });
    }

    private void showConditions() {
        boolean open = !conditions.isVisible();
        if (open) {
            conditions.refresh();
        }
        Parts.show(conditions, open);
    }

    private VBox foot(TapeLinkBar linkBar) {
        more.setMaxWidth(200);
        Label one = Parts.label("One more", "soft");
        one.setMinWidth(Region.USE_PREF_SIZE);
        Button sheet = Parts.button("Sheet", () -> sheet(true), "quiet");
        Parts.hinted(sheet, "The measuring sheet, filled in, as PDF");
        sheet.setId("sheet-filled");
        Button blank = Parts.button("Blank sheet", () -> sheet(false), "quiet");
        blank.setId("sheet-blank");
        Button out = Parts.button("CSV out", this::writeCsv, "quiet");
        out.setId("csv-out");
        Button in = Parts.button("CSV in", () -> files.read(this::readCsv, said::setText), "quiet");
        in.setId("csv-in");
        HBox line = new HBox(6, one, more, Parts.gap(), sheet, blank, out, in);
        line.setAlignment(Pos.CENTER_LEFT);
        said.setId("tape-said");
        VBox foot = new VBox(4, line, linkBar, said);
        foot.setPadding(new Insets(6, 16, 6, 16));
        foot.getStyleClass().add("foot");
        return foot;
    }

    private void sheet(boolean filled) {
        Optional<MeasurementSet> set = filled ? desk.set() : Optional.empty();
        String stack =
                desk.set().map(MeasurementSet::stack).orElse(desk.costume().stack());
        String over = studio.wardrobe().title(stack);
        var walk = desk.walk();
        var format = studio.format();
        String name = desk.wearer().name();
        files.write(
                FileDesk.nameOf("measuring sheet " + name) + ".pdf",
                () -> MeasuringSheetPdf.write(name, walk, over, set, format, PaperSize.A4),
                said::setText);
    }

    private void writeCsv() {
        desk.set().ifPresent(set -> {
            String text = MeasureFile.write(set, studio.wardrobe().title(set.stack()));
            files.write(
                    FileDesk.nameOf(desk.wearer().name() + " " + set.date()) + ".csv",
                    () -> text.getBytes(StandardCharsets.UTF_8),
                    said::setText);
        });
    }

    private void readCsv(String text, String name) {
        try {
            List<Reading> readings = MeasureFile.readings(
                    text, studio.library().measures(), studio.format().unit());
            desk.takeOver(readings, name);
            said.setText(readings.size() + " readings taken over from " + name);
        } catch (FormatException wrong) {
            said.setText(name + ", " + wrong.getMessage());
        }
    }

    /** Puts the keyboard into the first field of a measure. */
    void focus(String measure) {
        rows.focus(measure);
    }

    /** Shows the set that is looked at. */
    /** Writes beside the readings how far the stand lies from them, by measure. */
    void missed(Map<String, String> words) {
        rows.missed(words);
    }

    void refresh() {
        Situation now = studio.situation();
        Optional<MeasurementSet> shown = desk.set();
        filling.during(() -> {
            Parts.offer(sets.getItems(), now.wearer().sets());
            sets.setValue(shown.orElse(null));
        });
        Parts.show(sets, shown.isPresent());
        Parts.show(summary, shown.isPresent());
        begin.setText(
                shown.isPresent()
                        ? "Measure anew"
                        : "Begin measuring " + now.wearer().name());
        Parts.show(drawFrom, shown.isPresent() && !desk.isDrawnFrom());
        shown.ifPresent(set -> circumstances.setText(words(set)));
        if (conditions.isVisible()) {
            conditions.refresh();
        }
        filling.during(() -> {
            List<TapeDesk.Row> read = desk.rows();
            Parts.offer(
                    more.getItems(),
                    studio.library().measures().all(now.wearer().build()).stream()
                            .filter(measure ->
                                    read.stream().noneMatch(row -> row.measure().equals(measure)))
                            .toList());
            more.setValue(null);
        });
        rows.refresh();
        if (desk.measureProperty().get().isEmpty() && !desk.rows().isEmpty()) {
            filling.during(() ->
                    desk.measureProperty().set(desk.rows().get(0).measure().id()));
        }
    }

    private String words(MeasurementSet set) {
        AsWorn worn = set.worn();
        return "over " + studio.wardrobe().title(set.stack())
                + worn.gap()
                        .map(gap -> ", open " + studio.format().number(gap.bust()) + " / "
                                + studio.format().number(gap.waist()) + " / "
                                + studio.format().format(gap.hem()))
                        .orElse("")
                + (set.lacing().isBlank() ? "" : ", " + set.lacing())
                + (set.alone() ? " · taken alone" : " · tape held by " + set.helper())
                + " · beginning " + set.start().words();
    }
}
