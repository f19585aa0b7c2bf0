package org.soberhem.desk.trace;

import java.nio.charset.StandardCharsets;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.trace.Knot;
import org.soberhem.core.trace.TracedPiece;
import org.soberhem.core.trace.Tracing;
import org.soberhem.desk.studio.KeptPictures;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tabs;
import org.soberhem.library.sheet.TracingFile;
import org.soberhem.studio.Studio;
import org.soberhem.studio.Subscriptions;
import org.soberhem.studio.TracingCommands;

/**
 * Reads a pattern off a picture, step by step: what it is, its grid, its outlines, their names, the body it was made
 * for, and what becomes of it at a wearer's size. Every tap is kept.
 */
public final class TraceView extends BorderPane implements AutoCloseable {

    private final Subscriptions listening = new Subscriptions();
    /** A picture is worked on at this size, in points: more than a screen shows, for the loupe. */
    private static final int LARGE = 3200;

    private static final double SIDE = 384;

    /** Paper on which nothing lies yet, in millimetres. */
    private static final Box EMPTY = new Box(-100, -100, 700, 900);

    enum Page {
        WHAT("What"),
        GRID("Grid"),
        OUTLINES("Outlines"),
        NAMES("Names"),
        BODY("Made for"),
        SCALED("To size");

        private final String words;

        Page(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    private final Studio studio;
    private final FileDesk files;
    private final KeptPictures pictures;
    private final TracingCommands beginnings;
    private final Runnable closed;
    private final Label title = Parts.label("", "title");
    private final Label said = Parts.label("", "small", "needs");
    private final Tabs<Page> tabs = new Tabs<>("trace", Page.values(), Page::words, this::show);
    private final TracePane pane = new TracePane();
    private final SideBySide drawings = new SideBySide();
    private final ScrollPane side = Parts.scroll(new VBox());
    private TraceDesk desk;
    private Tapping tapping;
    private WhatPanel what;
    private GridPanel grid;
    private PieceOutlinesPanel outlines;
    private MeasuredPiecePanel numbers;
    private GraftPanel graft;
    private NamesPanel names;
    private BodyPanel body;
    private ScaledPanel scaled;
    private Page page = Page.GRID;
    private String picture = "";

    /**
     * @param files where pictures come from and tracings go to
     * @param beginnings begins and removes tracings
     * @param closed called when the maker is through
     */
    public TraceView(Studio studio, FileDesk files, TracingCommands beginnings, Runnable closed) {
        this.studio = studio;
        this.files = files;
        this.pictures = new KeptPictures(studio.keeper(), files);
        this.beginnings = beginnings;
        this.closed = closed;
        getStyleClass().addAll("panel", "sheet-editor");
        var done = Parts.hinted(Parts.button("Done", this::leave, "main"), "Esc");
        done.setId("trace-done");
        HBox head = new HBox(10, title, tabs, Parts.gap(), said, done);
        head.setAlignment(Pos.CENTER_LEFT);
        head.setPadding(new Insets(6, 12, 6, 16));
        setTop(head);
        setCenter(new StackPane(pane, drawings));
        side.setPrefWidth(SIDE);
        side.setMinWidth(SIDE);
        setRight(side);
        pane.onTapped(this::tapped);
        pane.onMoved(this::moved);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        listening.listen(studio.done(), now -> refresh());
        listening.listen(studio.preferences().format(), now -> refresh());
        Parts.show(this, false);
    }

    /** Opens a tracing at the step that comes next. */
    public void open(String id) {
        desk = new TraceDesk(studio, id);
        tapping = new Tapping(desk);
        what = new WhatPanel(desk, this::otherPicture, this::write, this::remove);
        grid = new GridPanel(desk);
        outlines = new PieceOutlinesPanel(desk, this::refresh);
        numbers = new MeasuredPiecePanel(desk, this::refresh);
        graft = new GraftPanel(desk, this::refresh);
        names = new NamesPanel(desk, tapping, this::refresh);
        body = new BodyPanel(desk);
        scaled = new ScaledPanel(desk, drawings::show);
        picture = "";
        pane.picture(Optional.empty());
        say("");
        Parts.show(this, true);
        Tracing tracing = desk.tracing();
        show(
                tracing.picture().isPresent()
                                && tracing.grid().marks().size()
                                        < tracing.grid().way().marks()
                        ? Page.GRID
                        : tracing.pieces().isEmpty() ? Page.OUTLINES : Page.NAMES);
        pane.requestFocus();
    }

    private void leave() {
        Parts.show(this, false);
        closed.run();
    }

    private void otherPicture() {
        pictures.ask(
                (content, name) -> pictures.keep(content, hash -> {
                    desk.on(hash);
                    refresh();
                }),
                this::say);
    }

    private void write() {
        byte[] text = TracingFile.write(desk.tracing()).getBytes(StandardCharsets.UTF_8);
        files.write(desk.id() + "-tracing.yaml", () -> text, this::say);
    }

    private void remove() {
        beginnings.drop(desk.id());
        leave();
    }

    private void say(String words) {
        said.setText(words);
    }

    private void show(Page shown) {
        page = shown;
        tapping.stop();
        tabs.mark(shown);
        VBox content = new VBox(18, panel(shown));
        if (shown == Page.OUTLINES && desk.tracing().picture().isEmpty()) {
            content.getChildren().addAll(graft, numbers);
        }
        content.getStyleClass().add("pad");
        side.setContent(content);
        refresh();
    }

    private Node panel(Page shown) {
        return switch (shown) {
            case WHAT -> what;
            case GRID -> desk.tracing().picture().isPresent() ? grid : onPaper();
            case OUTLINES -> outlines;
            case NAMES -> names;
            case BODY -> body;
            case SCALED -> scaled;
        };
    }

    private static Node onPaper() {
        return Parts.text("It lies on no picture: its places are millimetres on paper already.", "soft");
    }

    /** Shows everything anew; a tracing whose beginning was taken back is closed. */
    private void refresh() {
        if (!isVisible() || desk == null) {
            return;
        }
        if (desk.find().isEmpty()) {
            leave();
            return;
        }
        Tracing tracing = desk.tracing();
        title.setText(tracing.about().title());
        String hash = tracing.picture().orElse("");
        if (!hash.equals(picture)) {
            picture = hash;
            say("Opening the picture …");
            pictures.load(
                    hash,
                    LARGE,
                    image -> {
                        say("");
                        pane.picture(Optional.of(image));
                    },
                    this::say);
        } else if (hash.isEmpty()) {
            pane.world(paper(tracing));
        }
        Parts.show(drawings, page == Page.SCALED);
        switch (page) {
            case WHAT -> what.show();
            case GRID -> grid.show();
            case OUTLINES -> {
                outlines.show();
                numbers.show();
                graft.show();
            }
            case NAMES -> names.show();
            case BODY -> body.show();
            case SCALED -> scaled.show();
        }
        pane.show(page == Page.GRID ? TracingOverlay.grid(desk) : TracingOverlay.pieces(desk, page != Page.OUTLINES));
    }

    private static Box paper(Tracing tracing) {
        Box box = EMPTY;
        for (TracedPiece piece : tracing.pieces()) {
            if (!piece.outline().isEmpty()) {
                Box round = Box.round(piece.outline().stream().map(Knot::at).toList());
                box = box == EMPTY ? round : box.union(round);
            }
        }
        return box == EMPTY ? box : new Box(box.minX() - 30, box.minY() - 30, box.maxX() + 30, box.maxY() + 30);
    }

    private void tapped(Point at, boolean corner) {
        if (page == Page.GRID) {
            desk.mark(at);
        } else if (!tapping.tap(at) && page == Page.OUTLINES) {
            if (desk.piece().isEmpty()) {
                say("Name a piece and begin it first");
                return;
            }
            desk.trace(at, corner);
        }
        refresh();
    }

    private void moved(TracePane.Handle handle, Point at) {
        if (handle.kind().equals("mark")) {
            desk.moveMark(handle.number(), at);
        } else if (handle.at().equals(at)) {
            if (!tapping.tap(at)) {
                desk.takeKnot(handle.number());
            }
        } else {
            desk.moveKnot(handle.number(), at);
        }
        refresh();
    }

    private void key(KeyEvent event) {
        boolean typing = event.getTarget() instanceof TextInputControl;
        if (event.getCode() == KeyCode.ESCAPE) {
            if (tapping.words().isEmpty()) {
                leave();
            } else {
                tapping.stop();
                refresh();
            }
        } else if (!typing && event.getCode() == KeyCode.C && page == Page.OUTLINES) {
            desk.turnKnot();
            refresh();
        } else if (!typing
                && (event.getCode() == KeyCode.DELETE || event.getCode() == KeyCode.BACK_SPACE)
                && page == Page.OUTLINES) {
            desk.dropKnot();
            refresh();
        } else {
            return;
        }
        event.consume();
    }

    @Override
    public void close() {
        listening.close();
    }
}
