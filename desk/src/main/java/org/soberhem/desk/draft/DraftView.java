package org.soberhem.desk.draft;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.beans.binding.Bindings;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.soberhem.core.body.EntryJudgement;
import org.soberhem.core.body.Measure;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.costume.Version;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.DraftingSteps;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.Target;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.pattern.SeamWalk;
import org.soberhem.core.pattern.Side;
import org.soberhem.desk.sheet.AddGarment;
import org.soberhem.desk.sheet.SheetEditor;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.ObstacleList;
import org.soberhem.desk.widget.Paper;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Place;
import org.soberhem.desk.widget.TapeWindow;
import org.soberhem.studio.AlterationCommands;
import org.soberhem.studio.Situation;
import org.soberhem.studio.Studio;

/** The draft: paper to scale, numbers beside it, what stands in the way, the tape and the walk beneath. */
public final class DraftView extends Place {

    private static final double SIDE = 380;
    private static final int MOST_TAPES = 7;

    private final Studio studio;
    private final PrintPanel print;
    private final Paper paper = new Paper();
    private final PointsPanel numbers = new PointsPanel(paper.pickProperty()::set);
    private final ChecksPanel checks;
    private final SumPaper sumPaper = new SumPaper();
    private final SeamWalkPaper seamWalk;
    private final SumsPanel sums;
    private final AlterPanel alter;
    private final SheetPanel sheet;
    private final WhatIfPanel whatIf;
    private final AddGarment add;
    private final SheetEditor editor;
    private final WalkPlayer player = new WalkPlayer(() -> walkBy(1));
    private final ObstacleList obstacles;
    private final HBox shelf = new HBox(8);
    private final Map<String, TapeWindow> tapes = new LinkedHashMap<>();
    private final Label walk = new Label();
    private final Label walked = Parts.label("", "small", "soft");
    private final ToggleGroup tabs = new ToggleGroup();
    private final HBox heads = new HBox(2);
    private final StackPane panel = new StackPane();
    private final HBox zoom = zoomKeys();
    private final VBox foot;
    private final VBox side = new VBox();
    private boolean folded;

    private List<DraftingSteps.Step> steps = List.of();
    private int step;
    private boolean walking;
    private Optional<Pattern> preview = Optional.empty();

    /** A state that the preview is compared with instead of the pattern as it stands. */
    private Optional<Pattern> beneath = Optional.empty();

    /** The seam that is walked, on its side of the wearer. */
    private Optional<SeamCheck> walkedSeam = Optional.empty();

    private String shownGarment = "";
    private String overlaysFor = "";

    /**
     * @param studio the studio
     * @param print the panel that prints and exports what is shown
     * @param files where printed cards go to
     */
    public DraftView(Studio studio, PrintPanel print, FileDesk files) {
        super(studio, "draft-view");
        this.studio = studio;
        this.print = print;
        sums = new SumsPanel(studio, files, sumPaper);
        AlterationCommands alterDesk = new AlterationCommands(studio);
        alter = new AlterPanel(studio, alterDesk, this::preview);
        checks = new ChecksPanel(this::aim, alterDesk::make, this::walkSeam);
        seamWalk = new SeamWalkPaper(alterDesk::make, this::leaveSeam);
        whatIf = new WhatIfPanel(studio, after -> preview(after, Optional.empty()));
        sheet = new SheetPanel(studio, this::changeSheet, this::addGarment);
        add = new AddGarment(studio);
        editor = new SheetEditor(studio);
        obstacles = new ObstacleList(studio.navigation()::settle);
        HBox line = walkLine();
        Parts.shownUnless(line, sums.visibleProperty());
        foot = new VBox(shelf, line);
        shelf.setPadding(new Insets(8, 12, 8, 12));
        shelf.getStyleClass().add("foot");
        setCenter(new StackPane(paper, zoom, sumPaper, seamWalk, add, editor));
        Parts.show(sumPaper, false);
        Parts.show(seamWalk, false);
        Parts.show(add, false);
        Parts.show(editor, false);
        fillSide();
        setRight(side);
        setBottom(foot);
        paper.pickProperty().addListener((was, before, now) -> {
            numbers.pick(Optional.ofNullable(now));
            if (now != null) {
                walkTo(now);
            }
        });
        // A filter: the lists beside the paper would take the page keys for themselves.
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        listen(studio.navigation().target(), now -> {
            if (now instanceof Target.ProposedAlteration proposed) {
                select(alter);
                changed();
                alter.propose(proposed.kind(), proposed.amounts());
            } else if (now instanceof Target.MadeAlteration made) {
                select(alter);
                changed();
                alter.open(made.place());
            } else if (now instanceof Target.Sum sum) {
                sums.choose(sum.name());
                select(sums);
                changed();
            } else if (now instanceof Target.Part part) {
                select(checks);
                aim(part);
            }
        });
    }

    private HBox zoomKeys() {
        HBox keys = new HBox(
                4,
                Parts.hinted(Parts.button("−", () -> paper.zoomMiddle(0.8)), "Farther (−)"),
                Parts.hinted(Parts.button("All", paper::fit), "All pieces (0)"),
                Parts.hinted(Parts.button("1:1", paper::trueSize), "True size (1)"),
                Parts.hinted(Parts.button("+", () -> paper.zoomMiddle(1.25)), "Nearer (+)"));
        keys.setPickOnBounds(false);
        keys.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(keys, Pos.BOTTOM_RIGHT);
        StackPane.setMargin(keys, new Insets(0, 10, 10, 0));
        return keys;
    }

    private void fillSide() {
        heads.getChildren()
                .addAll(
                        tab("Numbers", numbers),
                        tab("Sheet", sheet),
                        tab("Checks", checks),
                        tab("Sums", sums),
                        tab("Alter", alter),
                        tab("What if", whatIf),
                        tab("Print", print));
        heads.setPadding(new Insets(10, 8, 6, 8));
        panel.getChildren().addAll(numbers, sheet, checks, sums, alter, whatIf, print);
        tabs.getToggles().get(0).setSelected(true);
        VBox.setVgrow(panel, Priority.ALWAYS);
        VBox way = new VBox(4, Parts.label("In the way", "caps"), obstacles);
        way.getChildren().get(0).setTranslateX(12);
        ScrollPane scroll = Parts.scroll(way);
        way.setPadding(new Insets(8, 0, 8, 0));
        scroll.prefHeightProperty()
                .bind(Bindings.when(sums.visibleProperty()
                                .or(alter.visibleProperty())
                                .or(print.visibleProperty()))
                        .then(120)
                        .otherwise(250));
        scroll.minHeightProperty().bind(scroll.prefHeightProperty());
        scroll.getStyleClass().add("foot");
        side.getChildren().addAll(heads, panel, scroll);
        side.getStyleClass().add("panel");
        side.setPrefWidth(SIDE);
        side.setMinWidth(SIDE);
        side.setMaxWidth(SIDE);
    }

    private void select(Node shown) {
        tabs.selectToggle(tabs.getToggles().get(panel.getChildren().indexOf(shown)));
    }

    private ToggleButton tab(String words, Node shown) {
        ToggleButton tab = new ToggleButton(words);
        tab.getStyleClass().add("close-tab");
        tab.setMinWidth(Region.USE_PREF_SIZE);
        tab.setId("tab-" + words.split(" ")[0].toLowerCase(Locale.ROOT));
        tab.setToggleGroup(tabs);
        Parts.show(shown, false);
        tab.selectedProperty().addListener((was, before, now) -> {
            Parts.show(shown, now);
            if (now) {
                changed();
            }
            if (!now && tabs.getSelectedToggle() == null) {
                tab.setSelected(true);
            }
        });
        return tab;
    }

    private HBox walkLine() {
        Button back = Parts.hinted(Parts.button("‹ back", () -> walkBy(-1), "quiet"), "Page Up");
        Button next = Parts.hinted(Parts.button("next ›", () -> walkBy(1), "quiet"), "Page Down");
        walk.getStyleClass().add("heading");
        walk.setWrapText(true);
        player.setMinWidth(Region.USE_PREF_SIZE);
        Button whole = Parts.hinted(Parts.button("whole", this::leaveWalk, "quiet"), "The finished drawing (Esc)");
        whole.setId("walk-whole");
        back.setId("walk-back");
        next.setId("walk-next");
        HBox.setHgrow(walk, Priority.ALWAYS);
        walk.setMaxWidth(Double.MAX_VALUE);
        walk.setId("walk");
        HBox line = new HBox(12, back, walk, walked, whole, player, next);
        walked.setMinWidth(Region.USE_PREF_SIZE);
        line.setAlignment(Pos.CENTER_LEFT);
        line.setPadding(new Insets(0, 12, 0, 12));
        line.setMinHeight(48);
        line.setPrefHeight(48);
        line.getStyleClass().add("foot");
        return line;
    }

    private void key(KeyEvent event) {
        boolean page = event.getCode() == KeyCode.PAGE_UP || event.getCode() == KeyCode.PAGE_DOWN;
        if (page && !sums.isVisible()) {
            walkBy(event.getCode() == KeyCode.PAGE_DOWN ? 1 : -1);
            event.consume();
        } else if (event.getCode() == KeyCode.ESCAPE && walkedSeam.isPresent()) {
            leaveSeam();
            event.consume();
        } else if (event.getCode() == KeyCode.ESCAPE && (walking || add.isVisible())) {
            Parts.show(add, false);
            leaveWalk();
            event.consume();
        } else if (event.getCode() == KeyCode.ESCAPE
                && !studio.situation().tried().isEmpty()) {
            studio.current().forgetTried();
            event.consume();
        } else if (event.getCode() == KeyCode.F7
                && studio.situation().work(studio.current().garment().get()).isPresent()) {
            select(alter);
            alter.look();
            event.consume();
        } else if (event.getCode() == KeyCode.F6) {
            folded = !folded;
            changed();
            event.consume();
        }
    }

    @Override
    protected void refresh() {
        Situation now = studio.situation();
        leaveOverlaysOfAnother(
                now.costume().id() + "/" + studio.current().garment().get());
        obstacles.show(now.inTheWay(), studio.format());
        Optional<DraftedGarment> work = now.work(studio.current().garment().get());
        for (Node part : List.of(paper, zoom, panel, heads)) {
            Parts.show(part, work.isPresent());
        }
        Parts.show(sumPaper, work.isPresent() && sums.isVisible());
        // Altered and printed is the draft as it is: there the words need the room of the tapes.
        Parts.show(foot, work.isPresent() && !folded && !alter.isVisible() && !print.isVisible());
        Parts.show(side, work.isEmpty() || !folded);
        showSeam(work);
        setLeft(null);
        if (work.isEmpty()) {
            player.stop();
            setLeft(add.isVisible() ? null : empty(now));
            return;
        }
        if (!shownGarment.equals(
                now.costume().id() + "/" + studio.current().garment().get())) {
            shownGarment = now.costume().id() + "/" + studio.current().garment().get();
            paper.pickProperty().set(null);
            tapes.clear();
            step = 0;
            walking = false;
            player.stop();
        }
        Garment garment =
                now.costume().garment(studio.current().garment().get()).orElseThrow();
        panels(now, garment, work.get());
        steps = DraftingSteps.of(work.get().sheet(), work.get().inputs()).steps();
        step = Math.min(step, steps.size() - 1);
        tellStep();
        tapes(now, work.get());
        draw(work.get(), garment);
    }

    /** What was being chosen or changed belongs to the garment that it was opened for. */
    private void leaveOverlaysOfAnother(String garment) {
        if (!overlaysFor.equals(garment)) {
            overlaysFor = garment;
            Parts.show(add, false);
            if (editor.isVisible()) {
                editor.close();
            }
        }
    }

    /** Fills the panel that is open; the others wait until they are. */
    private void panels(Situation now, Garment garment, DraftedGarment work) {
        if (numbers.isVisible()) {
            numbers.show(work, studio.format());
        } else if (checks.isVisible()) {
            checks.show(work, studio.format());
        } else if (sums.isVisible()) {
            sums.show(work, garment);
        } else if (alter.isVisible()) {
            alter.show(work, garment);
        } else if (sheet.isVisible()) {
            sheet.show(work, garment);
        } else if (whatIf.isVisible()) {
            whatIf.show(now, garment, work);
        } else {
            print.show(now, garment, work);
        }
    }

    private VBox empty(Situation now) {
        if (now.costume().garments().isEmpty()) {
            Button first = Parts.button("Add a garment", this::addGarment, "main");
            first.setId("first-garment");
            VBox none = new VBox(
                    8,
                    Parts.label("No garment has a pattern yet", "title"),
                    Parts.text(
                            "Choose a sheet from the shelf, or change a copy of one; the wearer can be measured before or after."),
                    first);
            none.setPadding(new Insets(60));
            return none;
        }
        VBox words = new VBox(8, Parts.label("This garment cannot be drawn yet", "title"));
        now.judgement()
                .failures()
                .values()
                .forEach(failure -> words.getChildren().add(Parts.text(failure.getMessage())));
        if (now.set().isEmpty()) {
            words.getChildren().add(Parts.text("The wearer has not been measured. Open the tape first."));
        }
        words.getChildren()
                .add(Parts.button(
                        "Open the tape", () -> studio.navigation().place().set(Optional.of(Stage.TAPE)), "main"));
        words.setPadding(new Insets(60));
        words.setMaxWidth(700);
        return words;
    }

    private void draw(DraftedGarment work, Garment garment) {
        List<String> troubled = new ArrayList<>();
        for (CheckResult check : work.checks()) {
            if (check.isJudged() && !check.passes()) {
                troubled.add(check.where().piece() + "." + check.where().part());
            }
        }
        for (SeamCheck seam : work.seams()) {
            if (!seam.isTrue()) {
                seam.seam().first().forEach(ref -> troubled.add(ref.toString()));
                seam.seam().second().forEach(ref -> troubled.add(ref.toString()));
            }
        }
        boolean previewing = preview.isPresent() && (alter.isVisible() || whatIf.isVisible());
        // Where pieces come or go, or two versions are compared, what is looked at is drawn firmly and what it is
        // compared with is the ghost.
        boolean firmly = previewing
                && (beneath.isPresent()
                        || !preview.get().names().equals(work.pattern().names()));
        Pattern shown = firmly ? preview.get() : work.pattern();
        Optional<Pattern> ghost =
                firmly ? beneath.or(() -> Optional.of(work.pattern())) : previewing ? preview : start(work, garment);
        paper.show(new Paper.Scene(
                shownGarment,
                shown,
                walking ? Optional.empty() : ghost,
                work.draft().plates(),
                steps,
                walking ? Optional.of(step + 1) : Optional.empty(),
                walking ? List.of() : troubled,
                studio.format()));
    }

    private void walkSeam(SeamCheck check) {
        walkedSeam = Optional.of(check);
        changed();
    }

    private void leaveSeam() {
        walkedSeam = Optional.empty();
        seamWalk.leave();
        changed();
    }

    /** Shows the seam that is walked as it now is; it is left with the checks, or when it is gone. */
    private void showSeam(Optional<DraftedGarment> work) {
        Optional<SeamCheck> check = walkedSeam
                .filter(seam -> checks.isVisible())
                .flatMap(seam -> work.flatMap(shown -> shown.seams().stream()
                        .filter(each -> each.seam().equals(seam.seam()) && each.side() == seam.side())
                        .findFirst()
                        .or(() -> shown.seams().stream()
                                .filter(each -> each.seam().equals(seam.seam()))
                                .findFirst())));
        if (check.isPresent()) {
            seamWalk.show(SeamWalk.of(work.orElseThrow().pattern(), check.get()), studio.format());
        } else if (walkedSeam.isPresent()) {
            walkedSeam = Optional.empty();
            seamWalk.leave();
        }
        Parts.show(seamWalk, check.isPresent());
    }

    /** The state to compare with: the pattern on the kept readings while one is tried, else the latest version. */
    private Optional<Pattern> start(DraftedGarment work, Garment garment) {
        if (!studio.situation().tried().isEmpty()) {
            return studio.current().draft(garment).map(DraftedGarment::pattern);
        }
        Optional<Version> latest = garment.latest();
        return latest.flatMap(version -> studio.current().draft(garment, version))
                .map(DraftedGarment::pattern)
                .filter(pattern -> !pattern.equals(work.pattern()));
    }

    private void addGarment() {
        setLeft(null);
        add.open(this::changed);
    }

    private void changeSheet() {
        String name = studio.current().garment().get();
        String costume = studio.situation().costume().id();
        Garment garment = studio.situation().costume().garment(name).orElseThrow();
        editor.open(
                "Sheet of the " + name.toLowerCase(Locale.ROOT) + ", this costume's own copy",
                garment.sheet(),
                text -> text.sheet().ifPresent(right -> studio.garments().changeSheet(costume, name, text.text())),
                studio.situation()
                        .work(name)
                        .map(work -> work.inputs().measures())
                        .orElse(Map.of()),
                Optional.empty());
    }

    private void leaveWalk() {
        player.stop();
        walking = false;
        redraw();
    }

    private void redraw() {
        Situation now = studio.situation();
        now.work(studio.current().garment().get())
                .ifPresent(work -> draw(
                        work,
                        now.costume().garment(studio.current().garment().get()).orElseThrow()));
    }

    private void preview(Optional<Pattern> after, Optional<Pattern> over) {
        if (preview.equals(after) && beneath.equals(over)) {
            return;
        }
        preview = after;
        beneath = over;
        redraw();
    }

    private void tapes(Situation now, DraftedGarment work) {
        if (tapes.isEmpty()) {
            shelf.getChildren().clear();
            Set<String> names = work.sheet().sheet().measures().keySet();
            String governing = work.draft()
                    .scale()
                    .map(Draft.Scaling::by)
                    .orElse(names.iterator().next());
            work.sheet().sheet().measures().forEach((name, ids) -> {
                if (tapes.size() < MOST_TAPES) {
                    String id = ids.stream()
                            .filter(i -> work.inputs().find(i).isPresent())
                            .findFirst()
                            .orElse(ids.get(0));
                    boolean first = name.equals(governing);
                    TapeWindow tape = new TapeWindow(
                            first, value -> studio.current().tryMeasure(id, value), value -> typed(id, value));
                    tape.setPrefWidth(first ? 260 : 160);
                    tape.setMinWidth(120);
                    HBox.setHgrow(tape, Priority.ALWAYS);
                    tapes.put(id, tape);
                    shelf.getChildren().add(tape);
                }
            });
        }
        tapes.forEach((id, tape) -> {
            Optional<Inputs.Measured> value = work.inputs().find(id);
            Parts.show(tape, value.isPresent());
            value.ifPresent(measured -> {
                boolean tried = now.tried().containsKey(id);
                tape.show(measured.on(Side.MIDDLE), studio.format(), note(now, id, tried), tried);
            });
        });
    }

    private String note(Situation now, String id, boolean tried) {
        LengthFormat format = studio.format();
        Optional<Length> kept = now.set().flatMap(set -> set.value(id, Side.LEFT));
        if (tried) {
            return kept.map(length -> "tried; the tape says " + format.format(length))
                    .orElse("tried");
        }
        return studio.library().measures().find(id).map(Measure::name).orElse(id);
    }

    private void typed(String id, Length value) {
        Optional<Measure> measure = studio.library().measures().find(id);
        if (measure.isPresent()) {
            EntryJudgement judgement = EntryJudgement.of(
                    measure.get(), value, studio.situation().wearer().build().age());
            judgement.sentence().ifPresent(sentence -> studio.done().set(sentence.in(studio.format())));
            if (judgement.refused()) {
                return;
            }
        }
        studio.current().tryMeasure(id, value.toMillimetres());
    }

    /**
     * Goes on or back, from the chosen point or else from the first step; nothing is on the paper but what is drawn so
     * far.
     */
    private void walkBy(int by) {
        if (steps.isEmpty()) {
            return;
        }
        boolean goesOn = walking || paper.pickProperty().get() != null;
        step = goesOn ? Math.floorMod(step + by, steps.size()) : by > 0 ? 0 : steps.size() - 1;
        walking = true;
        if (step == steps.size() - 1) {
            player.stop();
        }
        DraftingSteps.Step now = steps.get(step);
        paper.pickProperty()
                .set(now.place()
                        .map(at -> new Paper.Pick(now.owner(), now.subject()))
                        .orElse(null));
        tellStep();
        redraw();
    }

    private void tellStep() {
        walk.setText(steps.get(step).whole().in(studio.format()));
        walked.setText((step + 1) + " of " + steps.size());
    }

    private void walkTo(Paper.Pick pick) {
        for (int i = 0; i < steps.size(); i++) {
            DraftingSteps.Step each = steps.get(i);
            if (each.place().isPresent()
                    && each.owner().equals(pick.piece())
                    && each.subject().equals(pick.point())) {
                step = i;
                tellStep();
            }
        }
    }

    /** Shows the place that a check or seam speaks of: the point at which the edge or level begins. */
    private void aim(Target.Part target) {
        Optional<DraftedGarment> work =
                studio.situation().work(studio.current().garment().get());
        if (work.isEmpty()) {
            return;
        }
        String name = target.piece();
        String part = target.part();
        Optional<Piece> piece = work.get().pattern().piece(name, Side.LEFT);
        Optional<String> letter = piece.flatMap(found -> found.edge(part)
                .map(Edge::from)
                .or(() -> Optional.ofNullable(found.levels().get(part)).flatMap(level -> letterAt(found, level.from())))
                .or(() -> found.points().containsKey(part) ? Optional.of(part) : Optional.empty()));
        letter.ifPresent(point -> paper.pickProperty().set(new Paper.Pick(name, point)));
    }

    private static Optional<String> letterAt(Piece piece, Point place) {
        return piece.points().entrySet().stream()
                .filter(point -> point.getValue().distanceTo(place) < 0.01)
                .map(Map.Entry::getKey)
                .findFirst();
    }
}
