package org.soberhem.desk.draft;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Version;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.DraftingSteps;
import org.soberhem.core.formula.Units;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.SpreadPiece;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Filling;
import org.soberhem.desk.widget.LengthField;
import org.soberhem.desk.widget.Parts;
import org.soberhem.files.exchange.NumbersCsv;
import org.soberhem.files.exchange.PatternDxf;
import org.soberhem.files.exchange.PatternJson;
import org.soberhem.files.exchange.PatternSvg;
import org.soberhem.files.print.DraftingCardPdf;
import org.soberhem.files.print.PaperSize;
import org.soberhem.files.print.PatternPdf;
import org.soberhem.files.print.PrintJob;
import org.soberhem.files.print.PrintOptions;
import org.soberhem.files.print.RulerPdf;
import org.soberhem.studio.AlterationCommands;
import org.soberhem.studio.Situation;
import org.soberhem.studio.Studio;

/** Prints and exports a state of the pattern at true size: which version, which pieces, which lines, on which paper. */
public final class PrintPanel extends VBox {

    /** A state that can be printed. */
    private record State(String words, Optional<Version> version) {}

    private static final State NOW = new State("as it stands", Optional.empty());

    private final Studio studio;
    private final AlterationCommands desk;
    private final FileDesk files;
    private final ChoiceBox<State> state = new ChoiceBox<>();
    private final ChoiceBox<PaperSize> paper = new ChoiceBox<>();
    private final LengthField roll;
    private final LengthField square;
    private final Map<PrintOptions.Layer, CheckBox> layers = new EnumMap<>(PrintOptions.Layer.class);
    private final Map<String, CheckBox> pieces = new LinkedHashMap<>();
    private final VBox pages = new VBox(2);
    private final Label fault = Parts.text("", "needs");
    private final Button ruler;
    private final Button pdf;
    private final Label said = Parts.text("", "soft");
    private Optional<Garment> garment = Optional.empty();
    private Optional<DraftedGarment> work = Optional.empty();
    private final Filling filling = new Filling();

    /**
     * @param studio the studio
     * @param files where files go to
     */
    public PrintPanel(Studio studio, FileDesk files) {
        this.studio = studio;
        this.files = files;
        desk = new AlterationCommands(studio);
        roll = new LengthField(studio::format, width -> count());
        // An eighth of an inch is too coarse to judge a printer by.
        square = new LengthField(() -> LengthFormat.CENTIMETRES, this::measured);
        choices();
        pdf = export("PDF, true size", "pdf", () -> PatternPdf.write(job(), size()), "main");
        Button card = Parts.hinted(
                export("Drafting card", "card.pdf", () -> card(work.orElseThrow())),
                "Every step of the draft in the wearer's numbers");
        ruler = Parts.hinted(
                export("Paper ruler", "ruler.pdf", () -> ruler(work.orElseThrow())),
                "The ruler of this scale, true to size, in strips to join");
        Parts.show(roll, false);
        HBox on = new HBox(8, state, paper, roll);
        on.setAlignment(Pos.CENTER_LEFT);
        HBox check = new HBox(8, Parts.label("The 10 cm square measured"), square, Parts.label("cm", "soft"));
        check.setAlignment(Pos.CENTER_LEFT);
        VBox form = new VBox(
                8,
                Parts.label("On paper", "caps"),
                on,
                Parts.label("Lines", "small", "soft"),
                lines(),
                Parts.label("Pieces and their pages", "small", "soft"),
                pages,
                check,
                Parts.text(
                        "The first page has squares of 10 cm and 4 in. Print it, measure, type what you find: the next print is corrected by it.",
                        "small",
                        "soft"),
                fault,
                new FlowPane(8, 8, pdf, card, ruler),
                Parts.label("As a file for others", "caps"),
                others(),
                said);
        form.setPadding(new Insets(12));
        ScrollPane scroll = Parts.scroll(form);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().add(scroll);
    }

    /** What is printed, and on what. */
    private void choices() {
        state.setId("print-state");
        state.setConverter(Parts.words(State::words));
        state.valueProperty().addListener((was, before, now) -> count());
        paper.setId("print-paper");
        paper.getItems().setAll(PaperSize.sheets());
        paper.getItems().add(PaperSize.roll(914.4));
        paper.setValue(PaperSize.A4);
        paper.setConverter(Parts.words(size -> size.isRoll() ? "Roll" : size.words()));
        paper.valueProperty().addListener((was, before, now) -> count());
        roll.setId("print-roll");
        roll.show(Optional.of(Length.ofMillimetres(914.4)));
        square.setId("print-square");
        fault.setId("print-fault");
        said.setId("print-said");
    }

    private FlowPane lines() {
        FlowPane lines = new FlowPane(12, 4);
        for (PrintOptions.Layer layer : PrintOptions.Layer.values()) {
            CheckBox box = new CheckBox(layer.words());
            box.setSelected(true);
            box.setId("layer-" + layer.name().toLowerCase(Locale.ROOT));
            box.selectedProperty().addListener((was, before, now) -> count());
            layers.put(layer, box);
            lines.getChildren().add(box);
        }
        return lines;
    }

    private FlowPane others() {
        return new FlowPane(
                8,
                8,
                export("SVG drawing", "svg", () -> utf8(PatternSvg.write(pattern()))),
                export("DXF drawing", "dxf", () -> utf8(PatternDxf.write(pattern()))),
                export(
                        "CSV of the numbers",
                        "csv",
                        () -> utf8(NumbersCsv.write(work.orElseThrow().draft()))),
                export("JSON pattern", "json", () -> utf8(json(work.orElseThrow()))));
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private String json(DraftedGarment drawn) {
        return PatternJson.write(drawn.sheet(), drawn.draft(), pattern(), drawn.checks());
    }

    private byte[] card(DraftedGarment drawn) {
        return DraftingCardPdf.write(
                drawn.sheet().sheet(),
                studio.situation().wearer().name(),
                DraftingSteps.of(drawn.sheet(), drawn.inputs()),
                studio.format(),
                sheet());
    }

    private byte[] ruler(DraftedGarment drawn) {
        Draft.Scaling scale = drawn.draft().scale().orElseThrow();
        double longest = drawn.pattern().pieces().stream()
                .mapToDouble(piece -> piece.seamLine().box().height())
                .max()
                .orElseThrow();
        String title =
                Units.formula(scale.law()).map(law -> law.in(studio.format())).orElse("By rule") + ", at a "
                        + scale.by() + " of " + studio.format().format(scale.measured());
        return RulerPdf.ofScale(title, scale.unit(), longest, sheet());
    }

    /** Cards and rulers are printed on sheets. */
    private PaperSize sheet() {
        return paper.getValue().isRoll() ? PaperSize.A4 : paper.getValue();
    }

    private PaperSize size() {
        return paper.getValue().isRoll()
                ? PaperSize.roll(roll.value().map(Length::toMillimetres).orElse(0.0))
                : paper.getValue();
    }

    private Button export(String words, String ending, Supplier<byte[]> content, String... styles) {
        Button button = Parts.button(words, () -> ask(ending, content), styles);
        button.setId("export-" + ending.split("\\.")[0]);
        return button;
    }

    void show(Situation situation, Garment shownGarment, DraftedGarment shown) {
        garment = Optional.of(shownGarment);
        work = Optional.of(shown);
        Parts.show(ruler, shown.draft().scale().isPresent());
        List<State> states = new ArrayList<>(List.of(NOW));
        shownGarment.versions().forEach(each -> states.add(new State("version " + each.number(), Optional.of(each))));
        filling.during(() -> {
            Parts.offer(state.getItems(), states);
            if (state.getValue() == null || !states.contains(state.getValue())) {
                state.setValue(NOW);
            }
            square.show(Optional.of(Length.ofMillimetres(studio.maker().square())));
        });
        count();
    }

    private Pattern pattern() {
        return state.getValue()
                .version()
                .flatMap(desk::pattern)
                .orElse(work.orElseThrow().pattern());
    }

    private PrintJob job() {
        Garment printed = garment.orElseThrow();
        Set<PrintOptions.Layer> drawn = layers.entrySet().stream()
                .filter(layer -> layer.getValue().isSelected())
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
        List<String> chosen = pieces.entrySet().stream()
                .filter(piece -> piece.getValue().isSelected())
                .map(Map.Entry::getKey)
                .toList();
        return new PrintJob(
                studio.situation().costume().title(),
                printed.name(),
                state.getValue()
                        .version()
                        .map(each -> "version " + each.number())
                        .orElse(studio.situation().judgement().versionWords(printed)),
                studio.today(),
                studio.format(),
                pattern(),
                new PrintOptions(
                        chosen,
                        drawn,
                        studio.maker().square(),
                        work.orElseThrow().sheet().sheet().sewing(),
                        work.orElseThrow().sheet().sheet().about().cautions()));
    }

    private void measured(Length length) {
        double measured = length.toMillimetres();
        try {
            new PrintOptions(List.of(), Set.of(), measured, List.of(), List.of());
        } catch (IllegalArgumentException beyond) {
            fault.setText(beyond.getMessage());
            return;
        }
        studio.keep(
                studio.maker().withSquare(measured),
                "print",
                Sentence.of("The test square measured {}: the next print is corrected", length));
    }

    private void count() {
        if (filling.isOn() || work.isEmpty()) {
            return;
        }
        Parts.show(roll, paper.getValue().isRoll());
        Map<String, Boolean> were = new LinkedHashMap<>();
        pieces.forEach((name, box) -> were.put(name, box.isSelected()));
        pieces.clear();
        for (SpreadPiece spread : SpreadPiece.of(pattern())) {
            CheckBox box = new CheckBox(spread.name());
            box.setId("print-piece-" + spread.name().replace(' ', '-').replace('/', '-'));
            box.setSelected(were.getOrDefault(spread.name(), true));
            box.selectedProperty().addListener((was, before, now) -> count());
            pieces.put(spread.name(), box);
        }
        pages.getChildren().clear();
        fault.setText("");
        Map<String, PatternPdf.Pages> counted = new LinkedHashMap<>();
        int all = 2;
        try {
            for (PatternPdf.Pages each : PatternPdf.pages(job(), size())) {
                counted.put(each.spread().name(), each);
                all += each.tiles().size();
            }
        } catch (IllegalArgumentException wrong) {
            fault.setText(wrong.getMessage());
        }
        boolean none = pieces.values().stream().noneMatch(CheckBox::isSelected);
        pdf.setDisable(none || !fault.getText().isEmpty());
        pages.getChildren().add(Parts.label(none ? "no piece is chosen" : all + " pages", "figure"));
        pieces.forEach((name, box) -> {
            PatternPdf.Pages on = counted.get(name);
            Label count = Parts.label(
                    on == null || !box.isSelected()
                            ? ""
                            : on.tiles().size() + " of " + on.tiling().columns() + " × "
                                    + on.tiling().rows(),
                    "small",
                    "soft");
            HBox row = new HBox(8, box, Parts.gap(), count);
            row.setAlignment(Pos.CENTER_LEFT);
            pages.getChildren().add(row);
        });
    }

    private void ask(String ending, Supplier<byte[]> content) {
        PrintJob now = job();
        String name = now.costume() + " " + now.garment() + " " + now.version();
        files.write(FileDesk.nameOf(name) + "." + ending, content, said::setText);
    }
}
