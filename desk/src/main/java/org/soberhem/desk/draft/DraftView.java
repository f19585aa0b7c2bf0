package org.soberhem.desk.draft;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.Target;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.pattern.SeamWalk;
import org.soberhem.desk.sheet.AddGarment;
import org.soberhem.desk.sheet.SheetEditor;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.ObstacleList;
import org.soberhem.desk.widget.Paper;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.PlaceView;
import org.soberhem.studio.AlterationCommands;
import org.soberhem.studio.Studio;

/** The draft: paper to scale, numbers beside it, what is in the way, the tapes and the walk beneath. */
public final class DraftView extends PlaceView {

    private final Studio studio;
    private final DraftPresenter presenter;
    private List<EdgeRef> lit = List.of();
    private Optional<Paper.Guide> guide = Optional.empty();
    private final Paper paper = new Paper();
    private final PointsPanel numbers = new PointsPanel(paper.pickProperty()::set);
    private final SumPaper sumPaper = new SumPaper();
    private final SheetPanel sheet;
    private final ChecksPanel checks;
    private final SumsPanel sums;
    private final AlterPanel alter;
    private final WhatIfPanel whatIf;
    private final PrintPanel print;
    private final SeamWalkPaper seamWalk;
    private final AddGarment add;
    private final SheetEditor editor;
    private final DraftSide side;
    private final ZoomKeys zoom = new ZoomKeys(paper);
    private final WornPane worn;
    private final Button tryOn = Parts.hinted(Parts.button("Try on", this::tryOn), "See it on the wearer’s stand (F4)");
    private final WalkLine walk = new WalkLine(this::walkBy, this::leaveWalk);
    private final TapeShelf tapes;
    private final VBox foot;
    private boolean folded;
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
        presenter = new DraftPresenter(studio);
        AlterationCommands commands = new AlterationCommands(studio);
        sums = new SumsPanel(studio, files, sumPaper);
        alter = new AlterPanel(studio, commands, this::preview, this::light);
        checks = new ChecksPanel(this::target, commands::make, seam -> walkSeam(Optional.of(seam)));
        seamWalk = new SeamWalkPaper(commands::make, () -> walkSeam(Optional.empty()));
        whatIf = new WhatIfPanel(studio, after -> preview(after, Optional.empty()));
        sheet = new SheetPanel(studio, this::changeSheet, this::addGarment);
        add = new AddGarment(studio);
        editor = new SheetEditor(studio);
        side = new DraftSide(pages(), new ObstacleList(studio.navigation()::settle), this::changed);
        tapes = new TapeShelf(studio.current()::tryMeasure, presenter::tryTyped);
        Parts.shownUnless(walk, sums.visibleProperty());
        foot = new VBox(tapes, walk);
        worn = new WornPane(studio, this::aimAt, this::tryOn);
        Parts.show(worn, false);
        tryOn.setId("try-on");
        StackPane.setAlignment(tryOn, Pos.BOTTOM_LEFT);
        StackPane.setMargin(tryOn, new Insets(0, 0, 10, 10));
        StackPane sheets = new StackPane(paper, zoom, tryOn, sumPaper, seamWalk, add, editor);
        HBox.setHgrow(sheets, Priority.ALWAYS);
        sheets.setMinWidth(0);
        setCenter(new HBox(sheets, worn));
        List.of(sumPaper, seamWalk, add, editor).forEach(over -> Parts.show(over, false));
        setRight(side);
        setBottom(foot);
        paper.pickProperty().addListener((was, before, now) -> picked(Optional.ofNullable(now)));
        // A filter: the lists beside the paper would take the page keys for themselves.
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        listen(studio.navigation().target(), this::target);
    }

    private List<DraftSide.Page> pages() {
        return List.of(
                new DraftSide.Page("Numbers", numbers, false, drafted -> numbers.show(drafted, studio.format())),
                new DraftSide.Page("Sheet", sheet, false, drafted -> sheet.show(drafted, presenter.garment())),
                new DraftSide.Page(
                        "Checks",
                        checks,
                        false,
                        drafted -> checks.show(
                                drafted,
                                presenter.joins(),
                                studio.situation().judgement().dailyLife(presenter.garment()),
                                studio.situation().judgement().cutState(presenter.garment()),
                                studio.format())),
                new DraftSide.Page("Sums", sums, true, drafted -> sums.show(drafted)),
                new DraftSide.Page("Alter", alter, true, drafted -> alter.show(drafted, presenter.garment())),
                new DraftSide.Page(
                        "What if",
                        whatIf,
                        false,
                        drafted -> whatIf.show(studio.situation(), presenter.garment(), drafted)),
                new DraftSide.Page(
                        "Print", print, true, drafted -> print.show(studio.situation(), presenter.garment(), drafted)));
    }

    private void target(Target target) {
        if (target instanceof Target.ProposedAlteration proposed) {
            side.select(alter);
            changed();
            alter.propose(proposed.kind(), proposed.amounts());
        } else if (target instanceof Target.MadeAlteration made) {
            side.select(alter);
            changed();
            alter.open(made.place());
        } else if (target instanceof Target.Sum sum) {
            sums.choose(sum.name());
            side.select(sums);
            changed();
        } else if (target instanceof Target.Part part) {
            side.select(checks);
            aim(part);
        }
    }

    private void key(KeyEvent event) {
        KeyCode code = event.getCode();
        if ((code == KeyCode.PAGE_UP || code == KeyCode.PAGE_DOWN) && !sums.isVisible()) {
            walkBy(code == KeyCode.PAGE_DOWN ? 1 : -1);
        } else if (code == KeyCode.ESCAPE && presenter.isWalkingASeam()) {
            walkSeam(Optional.empty());
        } else if (code == KeyCode.ESCAPE && (presenter.isWalking() || add.isVisible())) {
            Parts.show(add, false);
            leaveWalk();
        } else if (code == KeyCode.ESCAPE && !studio.situation().tried().isEmpty()) {
            studio.current().forgetTried();
        } else if (code == KeyCode.F7 && presenter.drafted().isPresent()) {
            side.select(alter);
            alter.look();
        } else if (code == KeyCode.F4 && presenter.drafted().isPresent()) {
            tryOn();
        } else if (code == KeyCode.F6) {
            folded = !folded;
            changed();
        } else {
            return;
        }
        event.consume();
    }

    @Override
    protected void refresh() {
        leaveOverlaysOfAnother();
        Optional<DraftedGarment> drafted = presenter.drafted();
        side.show(drafted.isPresent(), studio.situation().inTheWay(), studio.format());
        Parts.show(paper, drafted.isPresent());
        Parts.show(zoom, drafted.isPresent());
        Parts.show(tryOn, drafted.isPresent() && !worn.isVisible());
        if (drafted.isEmpty()) {
            Parts.show(worn, false);
        }
        Parts.show(sumPaper, drafted.isPresent() && sums.isVisible());
        // Altered and printed is the draft as it is: there the words need the room of the tapes.
        Parts.show(foot, drafted.isPresent() && !folded && !alter.isVisible() && !print.isVisible());
        Parts.show(side, drafted.isEmpty() || !folded);
        showSeam(drafted);
        setLeft(drafted.isPresent() || add.isVisible() ? null : new NoDraft(studio, this::addGarment));
        if (drafted.isEmpty()) {
            walk.stop();
            return;
        }
        if (presenter.takeUp(drafted.get())) {
            paper.pickProperty().set(null);
            walk.stop();
        }
        side.fill(drafted.get());
        worn.show(drafted.get());
        walk.show(presenter.stepWords(), presenter.stepCount());
        tapes.show(presenter.tapes(drafted.get()), studio.format());
        redraw();
    }

    /** What was being chosen or changed belongs to the garment that it was opened for. */
    private void leaveOverlaysOfAnother() {
        if (!overlaysFor.equals(presenter.key())) {
            overlaysFor = presenter.key();
            Parts.show(add, false);
            if (editor.isVisible()) {
                editor.close();
            }
        }
    }

    /** Lights what an alteration means; only while altering, and what is lit can be pulled then. */
    private void light(List<EdgeRef> edges, Optional<Paper.Guide> line) {
        lit = edges;
        guide = line;
        light();
    }

    private void light() {
        boolean altering = alter.isVisible();
        paper.light(altering ? lit : List.of(), altering ? guide : Optional.empty());
        paper.letPull(altering ? Optional.of(alter) : Optional.empty());
    }

    private void redraw() {
        light();
        presenter
                .drafted()
                .ifPresent(drafted -> paper.show(presenter.scene(drafted, alter.isVisible() || whatIf.isVisible())));
    }

    /** Puts the garment on the stand beside its pieces, or puts the stand away. */
    private void tryOn() {
        boolean open = !worn.isVisible();
        Parts.show(worn, open);
        if (!open) {
            studio.trials().stop();
        }
        changed();
    }

    /** Shows the point of a piece that lies nearest to a place of the cloth. */
    private void aimAt(String piece, Point place) {
        presenter.nearest(piece, place).ifPresent(paper.pickProperty()::set);
    }

    private void walkSeam(Optional<SeamCheck> seam) {
        presenter.walkSeam(seam);
        changed();
    }

    /** Shows the seam that is walked; it is left with the checks, or when it is gone. */
    private void showSeam(Optional<DraftedGarment> drafted) {
        Optional<SeamCheck> seam = drafted.filter(each -> checks.isVisible()).flatMap(presenter::walkedSeam);
        if (seam.isPresent()) {
            seamWalk.show(SeamWalk.of(drafted.orElseThrow().pattern(), seam.get()), studio.format());
        } else {
            presenter.walkSeam(Optional.empty());
            seamWalk.leave();
        }
        Parts.show(seamWalk, seam.isPresent());
    }

    private void addGarment() {
        setLeft(null);
        add.open(this::changed);
    }

    private void changeSheet() {
        Garment garment = presenter.garment();
        String costume = studio.situation().costume().id();
        editor.open(
                "Sheet of the " + garment.name().toLowerCase(Locale.ROOT) + ", this costume's own copy",
                garment.sheet(),
                text -> text.sheet()
                        .ifPresent(right -> studio.garments().changeSheet(costume, garment.name(), text.text())),
                presenter.drafted().map(drafted -> drafted.inputs().measures()).orElse(Map.of()),
                Optional.empty());
    }

    private void preview(Optional<Pattern> after, Optional<Pattern> over) {
        if (presenter.preview(after, over)) {
            redraw();
        }
    }

    /** Goes on or back; nothing is on the paper but what is drawn so far. */
    private void walkBy(int by) {
        Optional<Paper.Pick> drawn = presenter.walkBy(by, paper.pickProperty().get() != null);
        if (!presenter.isWalking()) {
            return;
        }
        if (presenter.isAtTheLastStep()) {
            walk.stop();
        }
        paper.pickProperty().set(drawn.orElse(null));
        walk.show(presenter.stepWords(), presenter.stepCount());
        redraw();
    }

    private void leaveWalk() {
        walk.stop();
        presenter.leaveWalk();
        redraw();
    }

    private void picked(Optional<Paper.Pick> pick) {
        numbers.pick(pick);
        pick.ifPresent(at -> {
            presenter.walkTo(at);
            walk.show(presenter.stepWords(), presenter.stepCount());
        });
    }

    private void aim(Target.Part target) {
        presenter.pick(target).ifPresent(paper.pickProperty()::set);
    }
}
