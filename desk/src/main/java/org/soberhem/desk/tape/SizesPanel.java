package org.soberhem.desk.tape;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.alter.SizeRoom;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.size.Cup;
import org.soberhem.core.size.SizeChart;
import org.soberhem.core.size.SizeMatch;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Filling;
import org.soberhem.desk.widget.LengthField;
import org.soberhem.desk.widget.Parts;
import org.soberhem.library.SizeChartCsv;
import org.soberhem.library.input.FormatException;
import org.soberhem.studio.AlterationCommands;
import org.soberhem.studio.Studio;

/** Sized patterns: in which size of a chart a piece is taken, and what is then left to alter. */
final class SizesPanel extends BorderPane {

    private final Studio studio;
    private final TapeDesk desk;
    private final FileDesk files;
    private final ChoiceBox<SizeChart> chart = new ChoiceBox<>();
    private final ChoiceBox<String> garment = new ChoiceBox<>();
    private final ChoiceBox<String> deciding = new ChoiceBox<>();
    private final Filling filling = new Filling();
    private final LengthField ease;
    private final TextArea rows = new TextArea();
    private final VBox entry;
    private final VBox answer = new VBox(0);
    private final Label said = Parts.text("", "small", "needs");
    private Length wanted = Length.ofInches(2, 0, 8);

    SizesPanel(Studio studio, TapeDesk desk, FileDesk files) {
        this.studio = studio;
        this.desk = desk;
        this.files = files;
        chart.setConverter(Parts.words(SizeChart::title));
        chart.setMaxWidth(260);
        chart.setId("chart");
        chart.valueProperty().addListener((was, before, now) -> deciding());
        garment.setConverter(Parts.words(kind -> kind));
        garment.getItems().setAll(studio.library().governing().keySet());
        garment.setValue(garment.getItems().get(0));
        garment.setId("garment-kind");
        garment.valueProperty().addListener((was, before, now) -> deciding());
        deciding.setConverter(Parts.words(this::name));
        deciding.setId("deciding-measure");
        deciding.valueProperty().addListener(filling.heard(now -> match()));
        ease = new LengthField(studio::format, value -> {
            wanted = value;
            match();
        });
        ease.setId("wanted-ease");
        Button load = Parts.button("A chart from a file (CSV)", () -> files.read(this::read, said::setText));
        load.setId("load-chart");
        Button enter = Parts.button("Enter one", this::enter);
        enter.setId("enter-chart");
        rows.setId("chart-rows");
        rows.setPrefRowCount(10);
        Button take = Parts.button("Take it over", () -> read(rows.getText(), "own chart"), "main");
        take.setId("take-chart");
        entry = new VBox(
                8,
                Parts.text(
                        "A heading size,measure,… and a row a size; a row named ease says what the patterns add.",
                        "soft"),
                rows,
                new HBox(8, take, Parts.button("Leave it", () -> Parts.show(entry(), false))));
        entry.getStyleClass().add("pad");
        Parts.show(entry, false);
        FlowPane head = new FlowPane(
                8,
                6,
                garment,
                Parts.label("by", "soft"),
                deciding,
                Parts.label("in", "soft"),
                chart,
                Parts.label("ease wanted", "soft"),
                ease,
                load,
                enter);
        head.setAlignment(Pos.CENTER_LEFT);
        head.setPadding(new Insets(10, 16, 8, 16));
        head.getStyleClass().add("band");
        setTop(head);
        var scroll = Parts.scroll(answer);
        scroll.getStyleClass().add("sheet");
        setCenter(scroll);
        setBottom(entry);
    }

    private VBox entry() {
        return entry;
    }

    /** Opens the rows of the chosen chart, under another title, to be changed or written over. */
    private void enter() {
        SizeChart from = chart.getValue();
        rows.setText(SizeChartCsv.write(
                new SizeChart("My own, after " + from.title(), from.source(), from.rows(), from.ease())));
        Parts.show(entry, true);
        rows.requestFocus();
    }

    private void read(String text, String name) {
        try {
            SizeChart read = SizeChartCsv.read(
                    text, name, studio.library().measures(), studio.format().unit());
            studio.keep(
                    studio.maker().with(read), "chart", Sentence.of("Took over the size chart \"{}\"", read.title()));
            said.setText("");
            Parts.show(entry, false);
            refresh();
            chart.setValue(read);
        } catch (FormatException wrong) {
            said.setText(name + ", " + wrong.getMessage());
            match();
        }
    }

    /** Shows the charts and the match. */
    void refresh() {
        SizeChart chosen = chart.getValue();
        List<SizeChart> all = new ArrayList<>(studio.library().charts());
        all.addAll(studio.maker().charts());
        Parts.offer(chart.getItems(), all);
        chart.setValue(chosen != null && all.contains(chosen) ? chosen : all.get(0));
        ease.show(Optional.of(wanted));
        deciding();
    }

    /** Offers what the chart has, what usually decides for the garment first. */
    private void deciding() {
        if (chart.getValue() == null) {
            return;
        }
        List<String> order = new ArrayList<>(studio.library().governing().get(garment.getValue()));
        order.retainAll(chart.getValue().measures());
        chart.getValue().measures().stream()
                .filter(each -> !order.contains(each))
                .forEach(order::add);
        filling.during(() -> {
            deciding.getItems().setAll(order);
            deciding.setValue(order.get(0));
        });
        match();
    }

    private void match() {
        answer.getChildren().setAll(said);
        Parts.show(said, !said.getText().isEmpty());
        Optional<MeasurementSet> set = studio.situation() == null ? Optional.empty() : desk.set();
        if (chart.getValue() == null || set.isEmpty()) {
            answer.getChildren()
                    .add(Parts.text("Measure the wearer first; then a chart can be matched.", "soft", "pad"));
            return;
        }
        ToDoubleFunction<String> wearer = measure ->
                set.get().value(measure, Side.RIGHT).map(Length::toMillimetres).orElse(Double.NaN);
        List<String> governing = List.of(deciding.getValue());
        Optional<SizeMatch> match = SizeMatch.of(chart.getValue(), governing, wearer, wanted.toMillimetres());
        if (match.isEmpty()) {
            answer.getChildren()
                    .add(Parts.text(
                            "A " + garment.getValue() + " is taken by "
                                    + String.join(
                                            " or ",
                                            governing.stream().map(this::name).toList())
                                    + "; the chart and the readings share none of them.",
                            "needs",
                            "pad"));
        } else {
            show(match.get());
        }
        cup(set.get());
        answer.getChildren()
                .add(Parts.text("Source of the chart: " + chart.getValue().source() + ".", "small", "soft", "pad"));
    }

    private String name(String measure) {
        return studio.library().measures().name(measure);
    }

    private void show(SizeMatch match) {
        answer.getChildren()
                .add(Parts.text(match.sentence(name(match.governing())).in(studio.format()), "title", "pad"));
        answer.getChildren().add(Parts.text(match.advice(this::name).in(studio.format()) + ".", "pad"));
        match.easeLeft()
                .ifPresent(left -> answer.getChildren()
                        .add(Parts.text(
                                "The chart's pattern then has "
                                        + studio.format().signed(left) + " of ease at " + name(match.governing()) + ".",
                                "pad")));
        match.smaller()
                .ifPresent(below -> answer.getChildren()
                        .add(Parts.text(
                                "The chart's ease allows one size down, " + below.size()
                                        + ": it still leaves the ease that is wanted.",
                                "settled",
                                "pad")));
        answer.getChildren().add(Parts.label("Left over in each measurement, to be altered", "caps", "rows-head"));
        for (Map.Entry<String, Double> each : match.left().entrySet()) {
            Label name = Parts.label(name(each.getKey()), "figure");
            name.setMinWidth(230);
            HBox row = new HBox(
                    10,
                    name,
                    Parts.label(studio.format().signed(each.getValue()), "figure"),
                    Parts.label(each.getValue() > 0 ? "the pattern is smaller" : "the pattern is larger", "soft"),
                    Parts.gap(),
                    Parts.label(
                            "by it alone size "
                                    + match.sizes().get(each.getKey()).size(),
                            "soft"));
            row.setAlignment(Pos.CENTER_LEFT);
            row.getStyleClass().add("measure-row");
            answer.getChildren().add(row);
        }
        ready(match);
    }

    /** What the size leaves over, ready to be made on the garment at hand. */
    private void ready(SizeMatch match) {
        String at = studio.current().garment().get();
        Optional.ofNullable(studio.situation().judgement().works().get(at))
                .flatMap(work -> SizeRoom.of(work.pattern(), match)
                        .filter(room -> room.apply(work.pattern()).refusal().isEmpty()))
                .ifPresent(room -> {
                    Button make = Parts.button(
                            "Make it on the " + at.toLowerCase(Locale.ROOT),
                            () -> new AlterationCommands(studio).make(room));
                    make.setId("make-size-room");
                    HBox line = new HBox(10, make, Parts.text(room.sentence().in(studio.format()), "soft"));
                    line.setAlignment(Pos.CENTER_LEFT);
                    line.getStyleClass().add("pad");
                    answer.getChildren().add(line);
                });
    }

    private void cup(MeasurementSet set) {
        Optional<Length> full = set.value("full-bust", Side.MIDDLE);
        Optional<Length> high = set.value("high-bust", Side.MIDDLE);
        if (full.isPresent() && high.isPresent()) {
            answer.getChildren()
                    .add(Parts.text(
                            "Patterns sold by cup: " + Cup.letter(full.get(), high.get())
                                    + " (full bust less high bust, a letter an inch; for choosing a pattern only).",
                            "pad"));
        }
    }
}
