package org.soberhem.desk.tape;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.doubt.BodyDoubt;
import org.soberhem.core.doubt.Doubt;
import org.soberhem.core.judging.Target;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.stand.Stand;
import org.soberhem.core.stand.StandWords;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Filling;
import org.soberhem.desk.widget.LengthField;
import org.soberhem.desk.widget.ObstacleList;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.PlaceView;
import org.soberhem.desk.widget.Tabs;
import org.soberhem.studio.FigureRoom;
import org.soberhem.studio.Situation;
import org.soberhem.studio.Studio;

/**
 * The tape: the wearer's figure and readings, the guided session, the layers, the values taken, the history and the
 * sizes.
 */
public final class TapeView extends PlaceView {

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
    private final TapeDesk desk;
    private final Session session;
    private final TapeLink link = new TapeLink(Platform::runLater);
    private final TapeLinkBar linkBar;
    private final SessionView sessionView;
    private final BodyPane figure;
    private final FigureRoom.Easel standing;
    private final VBox missed = new VBox(4);
    private final VBox how = new VBox(5);
    private final DoubtList doubts;
    private final Label doubtsHead = Parts.label("", "caps");
    private final ObstacleList obstacles;
    private final Button guided;
    private final Tabs<Tab> tabs = new Tabs<>("tape", Tab.values(), each -> each.words, this::show);
    private final BorderPane content = new BorderPane();
    private final Map<Tab, Node> pages = new EnumMap<>(Tab.class);
    private final ReadingsPanel readings;
    private final LayersPanel layers;
    private final ValuesPanel values;
    private final HistoryPanel history;
    private final SizesPanel sizes;
    private final Node side;
    private Tab tab = Tab.READINGS;
    private boolean measuring;
    private final Filling filling = new Filling();

    /**
     * @param studio the studio
     * @param files where files go to and come from
     */
    public TapeView(Studio studio, FileDesk files) {
        super(studio, "tape-view");
        this.studio = studio;
        desk = new TapeDesk(studio);
        session = new Session(studio, desk);
        sessionView = new SessionView(studio, desk, session, link, this::pause);
        linkBar = new TapeLinkBar(link, this::expected);
        link.receive(this::receive);
        figure = new BodyPane(studio, false);
        standing = studio.figures().easel();
        doubts = new DoubtList(desk, this::readAgain, () -> {}, "");
        obstacles = new ObstacleList(studio.navigation()::settle);
        guided = Parts.button("Measure, step by step", this::measure, "main");
        guided.setId("guided");
        readings = new ReadingsPanel(studio, desk, files, linkBar);
        layers = new LayersPanel(studio, desk, files);
        values = new ValuesPanel(studio, desk);
        history = new HistoryPanel(studio, desk);
        sizes = new SizesPanel(studio, desk, files);
        figure.setPrefWidth(FIGURE);
        figure.setMinWidth(FIGURE);
        side = side();
        pages.put(Tab.READINGS, readings);
        pages.put(Tab.LAYERS, layers);
        pages.put(Tab.VALUES, values);
        pages.put(Tab.HISTORY, history);
        pages.put(Tab.SIZES, sizes);
        content.setTop(tabBar());
        show(Tab.READINGS);
        leaveSession();
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        listen(studio.navigation().place(), now -> {
            measuring = false;
            leaveSession();
            changed();
        });
        listen(studio.navigation().target(), now -> {
            if (now instanceof Target.Measure measure) {
                show(Tab.READINGS);
                desk.measureProperty().set(measure.id());
            }
        });
        desk.setProperty().addListener(filling.heard(now -> changed()));
        desk.postureProperty().addListener((was, before, now) -> changed());
        desk.measureProperty().addListener(filling.heard(now -> explain()));
    }

    private HBox tabBar() {
        HBox head = new HBox(10, tabs, Parts.gap(), guided);
        head.setAlignment(Pos.CENTER_LEFT);
        head.setPadding(new Insets(8, 16, 8, 16));
        head.getStyleClass().add("band");
        return head;
    }

    private void show(Tab chosen) {
        tab = chosen;
        tabs.mark(chosen);
        content.setCenter(pages.get(chosen));
        content.setRight(chosen == Tab.READINGS || chosen == Tab.VALUES ? side : null);
        content.setLeft(chosen == Tab.READINGS || chosen == Tab.HISTORY ? figure : null);
        changed();
    }

    private ScrollPane side() {
        how.setPadding(new Insets(12, 14, 8, 14));
        VBox doubted = new VBox(6, doubtsHead, doubts);
        doubted.setPadding(new Insets(8, 14, 10, 14));
        how.getStyleClass().add("foot");
        VBox way = new VBox(4, Parts.label("In the way", "caps", "inset"), obstacles);
        way.setPadding(new Insets(8, 0, 8, 0));
        way.getStyleClass().add("foot");
        missed.setPadding(new Insets(8, 14, 8, 14));
        VBox all = new VBox(doubted, how, missed, way);
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
        studio.navigation().standing().set(true);
        setCenter(sessionView);
        setLeft(null);
        setRight(null);
        sessionView.refresh();
    }

    private void pause() {
        measuring = false;
        studio.navigation().standing().set(false);
        leaveSession();
        changed();
        Parts.focus(this, guided);
    }

    private void leaveSession() {
        setCenter(content);
    }

    private OptionalDouble expected() {
        return BodyPane.expected(
                studio,
                desk.wearer().build(),
                desk.trusted(),
                desk.measureProperty().get());
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
            readings.focus(measure);
        });
    }

    @Override
    protected void costumeChanged() {
        filling.during(() -> desk.lookAtCostumesSet());
        if (measuring) {
            pause();
        }
    }

    @Override
    protected void refresh() {
        Situation now = studio.situation();
        if (measuring) {
            sessionView.refresh();
            return;
        }
        switch (tab) {
            case READINGS -> readings.refresh();
            case LAYERS -> layers.refresh();
            case VALUES -> values.refresh();
            case HISTORY -> history.refresh();
            case SIZES -> sizes.refresh();
        }
        explain();
        List<Doubt> doubted = new ArrayList<>(desk.doubts());
        showDoubts(doubted);
        obstacles.show(now.inTheWay(), studio.format());
        look();
    }

    /** Asks the stand what it misses; what it finds later is asked about then. */
    private void look() {
        missed.getChildren().clear();
        desk.trusted()
                .ifPresent(set -> standing.look(
                        BodyPane.figure(studio, desk.wearer().build(), Optional.of(set)),
                        stand -> missed(stand, set),
                        odd -> BodyDoubt.of(set, odd, studio.library().measures()::name)
                                .ifPresent(doubt -> {
                                    List<Doubt> all = new ArrayList<>(desk.doubts());
                                    all.add(doubt);
                                    showDoubts(all);
                                })));
    }

    /** Says how far the stand lies from what was read. */
    private void missed(Stand stand, MeasurementSet set) {
        List<Sentence> said = new StandWords(studio.library().measures()::name).of(stand);
        missed.getChildren().setAll(Parts.label("The stand", "caps"));
        if (said.isEmpty()) {
            missed.getChildren()
                    .add(Parts.text(
                            set.readings().isEmpty()
                                    ? "Of usual shape: nothing was read yet."
                                    : "It has all that was read, as near as two careful readings agree.",
                            "small",
                            "soft"));
        }
        Map<String, String> beside = new HashMap<>();
        StandWords.brief(stand).forEach((measure, sentence) -> beside.put(measure, sentence.in(studio.format())));
        readings.missed(beside);
        said.forEach(sentence -> missed.getChildren().add(Parts.text(sentence.in(studio.format()), "small")));
    }

    private void showDoubts(List<Doubt> doubted) {
        doubtsHead.getStyleClass().setAll("label", "caps", doubted.isEmpty() ? "settled" : "needs");
        doubtsHead.setText(doubted.isEmpty() ? "Nothing is doubted" : doubted.size() + " asked about");
        doubts.show(doubted, studio.format());
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
