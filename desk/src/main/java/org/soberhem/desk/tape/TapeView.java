package org.soberhem.desk.tape;

import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
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
import org.soberhem.core.costume.Stage;
import org.soberhem.core.doubt.Doubt;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.desk.studio.Situation;
import org.soberhem.desk.studio.Studio;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.LengthField;
import org.soberhem.desk.widget.ObstacleList;
import org.soberhem.desk.widget.Parts;
import org.soberhem.files.exchange.FormatException;
import org.soberhem.files.exchange.MeasureFile;
import org.soberhem.files.print.MeasuringSheetPdf;
import org.soberhem.files.print.PaperSize;

/** The tape: the wearer's figure and readings, the guided session, the layers, the values taken, the history and the sizes. */
public final class TapeView extends BorderPane {

    private static final double FIGURE = 264;
    private static final double SIDE = 330;

    /** What is shown of the tape. */
    private enum Tab {
        READINGS("Readings"),
        LAYERS("Layers"),
        VALUES("Values taken"),
        HISTORY("History"),
        SIZES("Sizes");

        private final String words;

        Tab(String words) {
            this.words = words;
        }
    }

    private final Studio studio;
    private final FileDesk files;
    private final TapeDesk desk;
    private final Session session;
    private final TapeLink link = new TapeLink(Platform::runLater);
    private final TapeLinkBar linkBar;
    private final SessionView sessionView;
    private final BodyPane figure;
    private final ReadingRows rows;
    private final VBox how = new VBox(5);
    private final DoubtList doubts;
    private final Label doubtsHead = Parts.label("", "caps");
    private final ObstacleList obstacles;
    private final ComboBox<MeasurementSet> sets = new ComboBox<>();
    private final ComboBox<Measure> more = new ComboBox<>();
    private final Button drawFrom;
    private final Button begin;
    private final Button guided;
    private final Label circumstances = Parts.text("", "small", "soft");
    private final ConditionsForm conditions;
    private final HBox summary;
    private final Label said = Parts.label("", "small", "soft");
    private final ToggleGroup tabs = new ToggleGroup();
    private final BorderPane content = new BorderPane();
    private final Map<Tab, Node> pages = new EnumMap<>(Tab.class);
    private final LayersPanel layers;
    private final ValuesPanel values;
    private final HistoryPanel history;
    private final SizesPanel sizes;
    private final Node side;
    private Tab tab = Tab.READINGS;
    private String costume = "";
    private boolean measuring;
    private boolean filling;

    /**
     * @param studio the studio
     * @param files where files go to and come from
     */
    public TapeView(Studio studio, FileDesk files) {
        this.studio = studio;
        this.files = files;
        desk = new TapeDesk(studio);
        session = new Session(studio, desk);
        sessionView = new SessionView(studio, desk, session, link, this::pause);
        linkBar = new TapeLinkBar(link, this::expected);
        link.receive(this::receive);
        figure = new BodyPane(studio.library().figurePlan(), false);
        rows = new ReadingRows(studio, desk);
        doubts = new DoubtList(desk, this::readAgain, "");
        obstacles = new ObstacleList(studio::settle);
        drawFrom = Parts.button("Draw the costume from these", desk::drawFromThis, "main");
        begin = Parts.button("Measure anew", desk::beginSet);
        guided = Parts.button("Measure, step by step", this::measure, "main");
        guided.setId("guided");
        conditions = new ConditionsForm(studio, desk);
        Button change = Parts.button("change", this::showConditions, "quiet");
        change.setId("change-conditions");
        summary = new HBox(6, circumstances, change);
        summary.setAlignment(Pos.CENTER_LEFT);
        layers = new LayersPanel(studio, desk, files);
        values = new ValuesPanel(studio, desk);
        history = new HistoryPanel(studio, desk);
        sizes = new SizesPanel(studio, desk, files);
        createChoices();
        figure.setPrefWidth(FIGURE);
        figure.setMinWidth(FIGURE);
        side = side();
        pages.put(Tab.READINGS, readings());
        pages.put(Tab.LAYERS, layers);
        pages.put(Tab.VALUES, values);
        pages.put(Tab.HISTORY, history);
        pages.put(Tab.SIZES, sizes);
        content.setTop(tabBar());
        show(Tab.READINGS);
        leaveSession();
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        studio.situationProperty().addListener((was, before, now) -> refresh());
        studio.formatProperty().addListener((was, before, now) -> refresh());
        studio.placeProperty().addListener((was, before, now) -> {
            measuring = false;
            leaveSession();
            refresh();
        });
        studio.targetProperty().addListener((was, before, now) -> {
            if (studio.library().measures().find(now).isPresent()) {
                show(Tab.READINGS);
                desk.measureProperty().set(now);
            }
        });
        desk.setProperty().addListener((was, before, now) -> {
            if (!filling) {
                refresh();
            }
        });
        desk.postureProperty().addListener((was, before, now) -> refresh());
        desk.measureProperty().addListener((was, before, now) -> {
            if (!filling) {
                explain();
            }
        });
        refresh();
    }

    private void createChoices() {
        sets.setConverter(Parts.words(set -> set.date() + ", " + set.id()));
        sets.valueProperty().addListener((was, before, now) -> {
            if (!filling && now != null) {
                desk.setProperty().set(now.id());
            }
        });
        more.setConverter(Parts.words(Measure::name));
        more.valueProperty().addListener((was, before, now) -> {
            if (!filling && now != null) {
                desk.ask(now);
                refresh();
            }
        });
    }

    private HBox tabBar() {
        HBox bar = new HBox(0);
        for (Tab each : Tab.values()) {
            ToggleButton button = new ToggleButton(each.words);
            button.setToggleGroup(tabs);
            button.setId("tape-" + each.name().toLowerCase(Locale.ROOT));
            button.setUserData(each);
            button.setOnAction(event -> show(each));
            bar.getChildren().add(button);
        }
        HBox head = new HBox(10, bar, Parts.gap(), guided);
        head.setAlignment(Pos.CENTER_LEFT);
        head.setPadding(new Insets(8, 16, 8, 16));
        head.getStyleClass().add("band");
        return head;
    }

    private void show(Tab chosen) {
        tab = chosen;
        tabs.getToggles().forEach(toggle -> toggle.setSelected(toggle.getUserData() == chosen));
        content.setCenter(pages.get(chosen));
        boolean beside = chosen == Tab.READINGS || chosen == Tab.VALUES || chosen == Tab.HISTORY;
        content.setRight(chosen == Tab.READINGS || chosen == Tab.VALUES ? side : null);
        content.setLeft(beside && chosen != Tab.VALUES ? figure : null);
        refresh();
    }

    private BorderPane readings() {
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
        BorderPane middle = new BorderPane(scroll);
        middle.setTop(top);
        middle.setBottom(foot());
        return middle;
    }

    private void showConditions() {
        boolean open = !conditions.isVisible();
        if (open) {
            conditions.refresh();
        }
        Parts.show(conditions, open);
    }

    private VBox foot() {
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

    private ScrollPane side() {
        how.setPadding(new Insets(12, 14, 8, 14));
        VBox doubted = new VBox(6, doubtsHead, doubts);
        doubted.setPadding(new Insets(8, 14, 10, 14));
        how.getStyleClass().add("foot");
        VBox way = new VBox(4, Parts.label("In the way", "caps", "inset"), obstacles);
        way.setPadding(new Insets(8, 0, 8, 0));
        way.getStyleClass().add("foot");
        VBox all = new VBox(doubted, how, way);
        all.getStyleClass().add("raised");
        ScrollPane scroll = Parts.scroll(all);
        scroll.setFitToHeight(true);
        scroll.getStyleClass().add("panel");
        scroll.setPrefWidth(SIDE);
        scroll.setMinWidth(SIDE);
        return scroll;
    }

    private void key(KeyEvent event) {
        if (!measuring && event.getCode() == KeyCode.F6) {
            linkBar.press();
            event.consume();
        } else if (!measuring && event.getCode() == KeyCode.F7) {
            measure();
            event.consume();
        }
    }

    private void measure() {
        session.begin();
        measuring = true;
        studio.standingProperty().set(true);
        setCenter(sessionView);
        setLeft(null);
        setRight(null);
        sessionView.refresh();
    }

    private void pause() {
        measuring = false;
        studio.standingProperty().set(false);
        leaveSession();
        refresh();
    }

    private void leaveSession() {
        setCenter(content);
    }

    private OptionalDouble expected() {
        return BodyPane.figure(studio.library().figurePlan(), desk.wearer().build(), desk.trusted())
                .expected(desk.measureProperty().get());
    }

    private void receive(LengthEntry entry) {
        if (measuring) {
            sessionView.receive(entry);
        } else if (getScene() != null && getScene().getFocusOwner() instanceof LengthField field) {
            field.take(entry);
        } else {
            link.troubleProperty().set("The tape read, but no field waits for it: choose one first");
        }
    }

    private void readAgain(Doubt doubt) {
        doubt.measures().stream().findFirst().ifPresent(measure -> {
            desk.measureProperty().set(measure);
            rows.focus(measure);
        });
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

    private void refresh() {
        Situation now = studio.situation();
        if (now == null
                || studio.placeProperty().get().filter(Stage.TAPE::equals).isEmpty()) {
            return;
        }
        filling = true;
        if (!costume.equals(now.costume().id())) {
            costume = now.costume().id();
            desk.lookAtCostumesSet();
            if (measuring) {
                filling = false;
                pause();
                return;
            }
        }
        Optional<MeasurementSet> shown = desk.set();
        Parts.offer(sets.getItems(), now.wearer().sets());
        sets.setValue(shown.orElse(null));
        filling = false;
        if (measuring) {
            sessionView.refresh();
            return;
        }
        switch (tab) {
            case READINGS -> refreshReadings(now, shown);
            case LAYERS -> layers.refresh();
            case VALUES -> values.refresh();
            case HISTORY -> history.refresh();
            case SIZES -> sizes.refresh();
        }
        explain();
        List<Doubt> doubted = desk.doubts();
        doubtsHead.getStyleClass().setAll("label", "caps", doubted.isEmpty() ? "settled" : "needs");
        doubtsHead.setText(doubted.isEmpty() ? "Nothing is doubted" : doubted.size() + " asked about");
        doubts.show(doubted, studio.format());
        obstacles.show(now.inTheWay(), studio.format());
    }

    private void refreshReadings(Situation now, Optional<MeasurementSet> shown) {
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
        filling = true;
        List<TapeDesk.Row> read = desk.rows();
        Parts.offer(
                more.getItems(),
                studio.library().measures().all(now.wearer().build()).stream()
                        .filter(measure ->
                                read.stream().noneMatch(row -> row.measure().equals(measure)))
                        .toList());
        more.setValue(null);
        filling = false;
        rows.refresh();
        if (desk.measureProperty().get().isEmpty() && !desk.rows().isEmpty()) {
            filling = true;
            desk.measureProperty().set(desk.rows().get(0).measure().id());
            filling = false;
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

    private void explain() {
        if (studio.situation() == null) {
            return;
        }
        String id = desk.measureProperty().get();
        figure.show(studio.situation().wearer().build(), desk.trusted(), id);
        how.getChildren().clear();
        Optional<Measure> found = studio.library().measures().find(id);
        if (found.isEmpty()) {
            how.getChildren().add(Parts.text("Choose a measure to see how it is taken.", "soft"));
            return;
        }
        Measure measure = found.get();
        how.getChildren()
                .addAll(
                        Parts.text(measure.name(), "title"),
                        Parts.text(measure.definition()),
                        Parts.text(measure.how().words(), "soft"),
                        Parts.text(
                                "From " + measure.landmarks()
                                        + measure.usualAt(studio.situation()
                                                        .wearer()
                                                        .build()
                                                        .age())
                                                .map(usual -> " · usually "
                                                        + studio.format().number(usual.least()) + " to "
                                                        + studio.format().format(usual.most()))
                                                .orElse(""),
                                "small"),
                        Parts.text(
                                "Tape " + measure.how().tension().words() + " · "
                                        + measure.how().posture().replace("both", "standing and seated")
                                        + " · a helper is " + helper(measure) + " · alone: "
                                        + measure.how().hint()
                                        + measure.iso()
                                                .map(term -> " · ISO 8559-1: " + term.words())
                                                .orElse(""),
                                "small",
                                "soft"));
        for (Measure.Confusable other : measure.confusable()) {
            how.getChildren()
                    .add(Parts.text(
                            "Not " + studio.library().measures().name(other.id()) + ": " + other.tell(), "small"));
        }
    }

    private static String helper(Measure measure) {
        return "no".equals(measure.how().helper())
                ? "not needed"
                : measure.how().helper();
    }
}
