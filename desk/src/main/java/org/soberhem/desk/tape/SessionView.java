package org.soberhem.desk.tape;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.MeasuringRoute;
import org.soberhem.core.body.Reading;
import org.soberhem.core.body.TapeStart;
import org.soberhem.core.doubt.Doubt;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Studio;

/**
 * The guided session: one large step at a time, readable from where the wearer stands, the reading typed with one hand.
 * It takes the whole window.
 */
final class SessionView extends BorderPane {

    private static final double FIGURES = 590;
    private static final double HAND = 84;

    private final Studio studio;
    private final TapeDesk desk;
    private final Session session;
    private final TapeLinkBar linkBar;
    private final ConditionsForm conditions;
    private final BodyPane figures;
    private final Label who = Parts.label("", "band-text");
    private final Label progress = Parts.label("", "band-text", "chosen");
    private final VBox page = new VBox(12);
    private final VBox how = new VBox(12);
    private final TextField field = new TextField();
    private final Label fault = Parts.text("", "bigger", "needs");
    private final FlowPane taken = new FlowPane(18, 4);
    private final DoubtList doubts;
    private final Button forward;
    private final Button skip;
    private final Button takeBack;
    private final Button start;
    private final Runnable pause;

    /**
     * @param link the digital tape
     * @param pause leaves the session; everything read is kept
     */
    SessionView(Studio studio, TapeDesk desk, Session session, TapeLink link, Runnable pause) {
        this.studio = studio;
        this.desk = desk;
        this.session = session;
        this.pause = pause;
        getStyleClass().add("standing");
        linkBar = new TapeLinkBar(link, this::expected);
        conditions = new ConditionsForm(studio, desk);
        conditions.getStyleClass().add("session-form");
        figures = new BodyPane(studio, true);
        figures.setPrefWidth(FIGURES);
        figures.setMinWidth(FIGURES);
        doubts = new DoubtList(desk, session::readAgain, field::clear, "bigger");
        field.getStyleClass().add("session-field");
        field.setId("session-field");
        field.setOnAction(event -> accept());
        field.textProperty().addListener((was, before, now) -> weigh(now));
        forward = hand("Next\nEnter", this::accept, "session-next");
        skip = hand("Leave out\nPage down", session::skip, "session-skip");
        takeBack = hand("Take back\nBackspace", session::takeBack, "session-take-back");
        start = hand("", this::turnStart, "session-start");
        setTop(band());
        setLeft(figures);
        setCenter(middle());
        setBottom(handRow());
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        session.pageProperty().addListener((was, before, now) -> refresh());
        session.stepProperty().addListener((was, before, now) -> refresh());
        session.faultProperty().addListener((was, before, now) -> showFault());
    }

    private HBox band() {
        HBox band = new HBox(16, who, progress, Parts.gap(), linkBar);
        band.setAlignment(Pos.CENTER_LEFT);
        band.setPadding(new Insets(6, 16, 6, 16));
        band.setMinHeight(56);
        band.getStyleClass().add("standing-band");
        return band;
    }

    private ScrollPane middle() {
        page.setPadding(new Insets(18, 24, 12, 24));
        ScrollPane scroll = Parts.scroll(page);
        scroll.getStyleClass().add("panel");
        return scroll;
    }

    private HBox handRow() {
        HBox row = new HBox(
                6,
                hand("Back\nPage up", session::back, "session-back"),
                skip,
                takeBack,
                start,
                hand("Pause\nEsc", pause, "session-pause"),
                forward);
        row.setPadding(new Insets(6, 8, 6, 8));
        row.getStyleClass().add("standing-band");
        return row;
    }

    private static Button hand(String words, Runnable action, String id) {
        Button button = Parts.button(words, action, "hand");
        button.setId(id);
        button.setFocusTraversable(false);
        button.setMinHeight(HAND);
        button.setMaxWidth(Double.MAX_VALUE);
        button.setPrefWidth(200);
        HBox.setHgrow(button, Priority.ALWAYS);
        return button;
    }

    private void key(KeyEvent event) {
        boolean used = true;
        if (event.getCode() == KeyCode.PAGE_DOWN) {
            session.skip();
        } else if (event.getCode() == KeyCode.PAGE_UP) {
            session.back();
        } else if (event.getCode() == KeyCode.ESCAPE) {
            pause.run();
        } else if (event.getCode() == KeyCode.F4) {
            turnStart();
        } else if (event.getCode() == KeyCode.F6) {
            linkBar.press();
        } else if (event.getCode() == KeyCode.BACK_SPACE
                && field.isFocused()
                && field.getText().isEmpty()) {
            session.takeBack();
        } else if (event.getCode() == KeyCode.ENTER && !field.isFocused() && isPlain()) {
            accept();
        } else {
            used = false;
        }
        if (used) {
            event.consume();
        }
    }

    /** Says whether Enter goes on: on pages without a field, and where no field of the form waits for it. */
    private boolean isPlain() {
        return session.pageProperty().get() != Session.Page.CONDITIONS || forward.isFocused();
    }

    private void accept() {
        if (session.pageProperty().get() == Session.Page.END
                && session.missing().isEmpty()) {
            pause.run();
        } else if (session.accept(field.getText())) {
            field.clear();
        }
        refresh();
    }

    /** Takes a length of the digital tape into the field, and keeps it. */
    void receive(LengthEntry entry) {
        if (session.pageProperty().get() == Session.Page.READING) {
            session.accept(entry);
            field.clear();
            refresh();
        }
    }

    private OptionalDouble expected() {
        return session.stepProperty()
                .get()
                .map(now -> BodyPane.expected(
                        studio,
                        desk.wearer().build(),
                        desk.trusted(),
                        now.measure().id()))
                .orElse(OptionalDouble.empty());
    }

    private void turnStart() {
        TapeStart[] marks = TapeStart.values();
        session.startOnlyNow(Optional.of(marks[(session.start().ordinal() + 1) % marks.length]));
        refresh();
    }

    private void weigh(String typed) {
        if (session.pageProperty().get() == Session.Page.READING) {
            session.faultProperty().set("");
            showDoubts(typed);
        }
    }

    /** What is doubted needs the room; how it is taken was read before the reading was. */
    private void showDoubts(String typed) {
        List<Doubt> doubted = session.doubtsIf(typed);
        doubts.show(doubted, studio.format());
        Parts.show(how, doubted.isEmpty());
    }

    private void showFault() {
        fault.setText(session.faultProperty().get());
        Parts.show(fault, !fault.getText().isEmpty());
    }

    /** Shows the page that the session is at. */
    void refresh() {
        if (studio.situation() == null || desk.set().isEmpty()) {
            return;
        }
        Session.Page now = session.pageProperty().get();
        MeasuringRoute walk = desk.walk();
        MeasurementSet set = desk.set().get();
        who.setText(desk.wearer().name());
        progress.setText(session.taken() + " of " + walk.steps().size() + " read");
        figures.show(
                desk.wearer().build(),
                desk.trusted(),
                session.stepProperty()
                        .get()
                        .map(step -> step.measure().id())
                        .orElse(now == Session.Page.RIBBON ? "waist-crease" : ""));
        page.getChildren().clear();
        switch (now) {
            case CONDITIONS -> conditionsPage(set, walk);
            case RIBBON -> ribbonPage();
            case READING -> readingPage(session.stepProperty().get().orElseThrow(), set);
            case END -> endPage();
        }
        boolean reading = now == Session.Page.READING;
        skip.setDisable(!reading);
        takeBack.setDisable(session.reading().isEmpty());
        start.setDisable(!reading);
        start.setText("Tape begins\n" + mark(session.start()) + " · F4");
        forward.setText(
                now == Session.Page.END
                        ? session.missing().isEmpty() ? "Done\nEnter" : "Come back to\nwhat is missing"
                        : "Next\nEnter");
        showFault();
        if (reading) {
            Parts.focus(this, field);
        } else {
            Parts.focus(this, forward);
        }
    }

    private static String mark(TapeStart start) {
        return switch (start) {
            case END -> "at its end";
            case ONE_INCH -> "at 1 in";
            case TEN_AT_FLOOR -> "floor: 10 in";
        };
    }

    private void conditionsPage(MeasurementSet set, MeasuringRoute walk) {
        conditions.refresh();
        page.getChildren()
                .addAll(
                        Parts.text("Before the tape", "leading-words"),
                        Parts.text(
                                walk.steps().size() + " readings, once round the wearer. Layers on as below, standing"
                                        + " relaxed, arms down, breathing quietly.",
                                "bigger"),
                        wholeWalk(),
                        conditions);
        for (String caution : cautions(set)) {
            page.getChildren().add(Parts.text("⚠ " + caution, "caution"));
        }
    }

    /** The shortest walk is taken unless more is wanted. */
    private CheckBox wholeWalk() {
        CheckBox whole = new CheckBox(
                "Measure for other garments too: " + desk.walk(true).steps().size() + " readings instead of "
                        + desk.walk(false).steps().size());
        whole.setId("whole-walk");
        whole.setSelected(desk.wholeProperty().get());
        whole.selectedProperty().addListener((seen, before, now) -> {
            desk.wholeProperty().set(now);
            refresh();
        });
        return whole;
    }

    private List<String> cautions(MeasurementSet set) {
        return Cautions.before(studio, set, desk.wearer().build());
    }

    private void ribbonPage() {
        page.getChildren()
                .addAll(
                        Parts.text("Tie the ribbon", "leading-words"),
                        Parts.text(
                                "Bend left and right; where the body creases is the waist. Tie a narrow ribbon or elastic"
                                        + " there, over everything worn, and see that it lies level all round. It stays on"
                                        + " until the end: everything from the waist begins at its lower edge.",
                                "bigger"),
                        Parts.text(
                                "Tie it, or pin it with the point away: never through to the wearer.",
                                "bigger",
                                "soft"));
    }

    private void readingPage(MeasuringRoute.Step step, MeasurementSet set) {
        Measure measure = step.measure();
        how.getChildren()
                .setAll(
                        Parts.text(measure.how().words(), "bigger"),
                        Parts.text(
                                "Tape " + measure.how().tension().words()
                                        + (measure.how().caution().isEmpty()
                                                ? ""
                                                : " · "
                                                        + studio.wardrobe()
                                                                .cautions()
                                                                .getOrDefault(
                                                                        measure.how()
                                                                                .caution(),
                                                                        "")),
                                "bigger",
                                "soft"));
        if (set.alone()) {
            how.getChildren()
                    .add(Parts.text(
                            (measure.how().reliableAlone() ? "Alone: " : "Not to be trusted alone: ")
                                    + measure.how().hint(),
                            "bigger",
                            measure.how().reliableAlone() ? "soft" : "needs"));
        }
        page.getChildren()
                .addAll(
                        Parts.label(step.station().words(), "bigger", "chosen"),
                        Parts.text(step.name(), "leading-words"),
                        how);
        HBox row = new HBox(14, field, Parts.label(studio.format().unit().word(), "bigger", "soft"));
        row.setAlignment(Pos.CENTER_LEFT);
        showTaken();
        showDoubts(field.getText());
        page.getChildren().addAll(row, taken, fault, doubts);
    }

    private void showTaken() {
        taken.getChildren().clear();
        Optional<Reading> reading = session.reading();
        if (reading.isEmpty()) {
            taken.getChildren().add(Parts.label("first of three", "bigger", "soft"));
            return;
        }
        for (LengthEntry entry : reading.get().taken()) {
            taken.getChildren()
                    .add(Parts.hinted(
                            Parts.label(studio.format().number(entry.value()), "large"), "typed: " + entry.typed()));
        }
        taken.getChildren()
                .add(Parts.label(
                        "mean " + studio.format().format(reading.get().mean())
                                + (reading.get().taken().size() > 1
                                        ? " ± "
                                                + studio.format()
                                                        .number(reading.get().spread())
                                        : ""),
                        "bigger",
                        "settled"));
    }

    private void endPage() {
        List<MeasuringRoute.Step> missing = session.missing();
        page.getChildren()
                .add(Parts.text(missing.isEmpty() ? "Everything is read" : "The walk is done", "leading-words"));
        if (!missing.isEmpty()) {
            page.getChildren()
                    .add(Parts.text(
                            "Left out: "
                                    + String.join(
                                            ", ",
                                            missing.stream()
                                                    .map(MeasuringRoute.Step::name)
                                                    .toList()),
                            "bigger",
                            "needs"));
        }
        List<Doubt> all = desk.doubts();
        page.getChildren()
                .add(Parts.text(
                        all.isEmpty() ? "Nothing is doubted. The ribbon may come off." : "Before the ribbon comes off:",
                        "bigger"));
        if (!desk.isDrawnFrom()) {
            Button draw = Parts.button("Draw the costume from these", desk::drawFromThis, "bigger", "main");
            draw.setId("session-draw");
            page.getChildren().add(draw);
        }
        DoubtList list = new DoubtList(desk, session::readAgain, field::clear, "bigger");
        list.show(all, studio.format());
        page.getChildren().add(list);
    }
}
