package org.soberhem.desk.cloth;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.cloth.Cloth;
import org.soberhem.core.cloth.Lay;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.judging.ClothSupply;
import org.soberhem.core.judging.Target;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.PlaceView;
import org.soberhem.desk.widget.Tabs;
import org.soberhem.files.print.LayPdf;
import org.soberhem.studio.Studio;

/** The cloth: the lay in the middle, what is chosen for it, the stash, notions and cost at the right. */
public final class ClothView extends PlaceView {

    private static final double SIDE = 384;

    /** So long a lay is planned unless it is stopped, in seconds. */
    private static final double SECONDS = 8;

    enum Page {
        LAY("Lay"),
        STASH("Stash"),
        NOTIONS("Notions"),
        COST("Cost");

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
    private final ClothDesk desk;
    private final LayPane pane = new LayPane(new Hand());
    private final LayPanel lay;
    private final StashPanel stash;
    private final NotionsPanel notions;
    private final CostPanel cost;
    private final Tabs<Page> tabs = new Tabs<>("cloth", Page.values(), Page::words, this::show);
    private final ScrollPane side = Parts.scroll(new VBox());
    private final HBox uses = new HBox(6);
    private final Label said = Parts.text("", "figure");
    private final Button plan = Parts.button("Plan the lay", this::plan, "main");
    private final Button stop = Parts.button("Stop", this::stop);
    private Page page = Page.LAY;
    private Optional<Planning> planning = Optional.empty();
    private Optional<Lay> shown = Optional.empty();

    /**
     * @param studio the studio
     * @param files where lays and cut lists go to
     */
    public ClothView(Studio studio, FileDesk files) {
        super(studio, "cloth-view");
        this.studio = studio;
        this.files = files;
        this.desk = new ClothDesk(studio);
        lay = new LayPanel(desk, files, this::say);
        stash = new StashPanel(studio, files, this::say);
        notions = new NotionsPanel(studio);
        cost = new CostPanel(studio);
        pane.setId("lay");
        plan.setId("plan-lay");
        stop.setId("stop-lay");
        Button print = Parts.button("Print lay and cut list", this::print);
        print.setId("print-lay");
        HBox head = new HBox(10, uses, Parts.gap(), plan, stop, print);
        head.setAlignment(Pos.CENTER_LEFT);
        head.setPadding(new Insets(8, 12, 6, 16));
        said.setId("cloth-said");
        VBox.setMargin(said, new Insets(0, 16, 8, 16));
        VBox top = new VBox(head, said);
        top.getStyleClass().add("raised");
        BorderPane middle = new BorderPane(pane);
        middle.setTop(top);
        setCenter(middle);
        tabs.setPadding(new Insets(8, 12, 8, 16));
        BorderPane right = new BorderPane(side);
        right.setTop(tabs);
        right.getStyleClass().add("panel");
        right.setPrefWidth(SIDE);
        right.setMinWidth(SIDE);
        setRight(right);
        listen(studio.done(), now -> changed());
        listen(studio.navigation().target(), now -> {
            if (now instanceof Target.Use use) {
                target(use.name());
            }
        });
        show(Page.LAY);
    }

    private final class Hand implements LayPane.Hand {

        @Override
        public void moved(int which, double across, double along) {
            desk.move(which, across, along).ifPresent(ClothView.this::say);
        }

        @Override
        public void turned(int which) {
            desk.turn(which).ifPresent(ClothView.this::say);
        }
    }

    private void target(String use) {
        if (studio.navigation().isAt(Stage.CLOTH) && desk.uses().contains(use)) {
            desk.show(use);
            changed();
        }
    }

    private void show(Page wanted) {
        page = wanted;
        tabs.mark(wanted);
        side.setContent(
                switch (wanted) {
                    case LAY -> lay;
                    case STASH -> stash;
                    case NOTIONS -> notions;
                    case COST -> cost;
                });
        changed();
    }

    private void say(String words) {
        said.setText(words);
    }

    @Override
    protected void refresh() {
        uses();
        if (planning.isEmpty()) {
            drawKept();
        }
        switch (page) {
            case LAY -> lay.refresh();
            case STASH -> stash.refresh();
            case NOTIONS -> notions.refresh();
            case COST -> cost.refresh();
        }
        Parts.show(stop, planning.isPresent());
        Parts.show(plan, planning.isEmpty());
        plan.setDisable(desk.supply().flatMap(ClothSupply::cloth).isEmpty());
    }

    private void uses() {
        ToggleGroup group = new ToggleGroup();
        uses.getChildren().clear();
        for (String use : desk.uses()) {
            ToggleButton button = new ToggleButton(Character.toUpperCase(use.charAt(0)) + use.substring(1));
            button.setId("use-" + use);
            button.setToggleGroup(group);
            button.setSelected(use.equals(desk.use()));
            button.setOnAction(event -> {
                stop();
                desk.show(use);
                changed();
            });
            uses.getChildren().add(button);
        }
    }

    private void drawKept() {
        Optional<ClothSupply> supply = desk.supply();
        Optional<Lay> kept = desk.lay();
        if (kept.isPresent() && !kept.equals(shown) || kept.isEmpty()) {
            said.setText(
                    supply.map(this::words).orElse("This garment has no pattern yet: its cloth is laid when it has."));
        }
        draw(kept, supply, true);
    }

    private void draw(Optional<Lay> lies, Optional<ClothSupply> supply, boolean movable) {
        shown = lies;
        double inHand = supply.flatMap(each -> each.cloth()
                        .map(cloth -> Math.max(
                                0,
                                each.shrinkage().along(cloth.length())
                                        - each.use().ends())))
                .orElse(0.0);
        pane.show(lies, inHand, movable, studio.format());
    }

    private String words(ClothSupply supply) {
        Optional<Cloth> cloth = supply.cloth();
        if (cloth.isEmpty()) {
            return studio.stash().cloths().isEmpty()
                    ? "Nothing is in the stash yet. Write a cloth down under Stash, then choose it under Lay."
                    : "Choose a cloth for it at the right, then plan the lay.";
        }
        if (supply.use().cutOn().isPresent()) {
            return "Cut on " + supply.use().cutOn().get() + ".";
        }
        if (!supply.isLaid()) {
            return supply.use().lay().isPresent()
                    ? "The pattern or the cloth has changed since it was laid: plan it again."
                    : "Not laid yet: plan it. A first plan is there at once and gets better while you watch.";
        }
        Lay lies = desk.lay().orElseThrow();
        double needed = supply.needed().orElseThrow();
        double missing = supply.missing().orElseThrow();
        String enough = missing == 0
                ? studio.format().format(cloth.get().length()) + " are in hand: enough."
                : studio.format().format(cloth.get().length()) + " are in hand: "
                        + studio.format().format(missing) + " too short.";
        return studio.format().format(needed) + " are needed with ends and shrinkage, " + enough + " "
                + ClothDesk.percent(lies.used()) + " of what is laid becomes pieces.";
    }

    private void plan() {
        ClothSupply supply = desk.supply().orElseThrow();
        Planning begun = new Planning(Platform::runLater);
        planning = Optional.of(begun);
        long from = System.nanoTime();
        Lay[] best = new Lay[1];
        begun.begin(
                supply,
                SECONDS,
                better -> {
                    best[0] = better;
                    if (planning.equals(Optional.of(begun))) {
                        draw(Optional.of(better), Optional.of(supply), false);
                        say(String.format(
                                Locale.ROOT,
                                "Planning, %.1f s: %s laid so far, no lay can be shorter than %s.",
                                (System.nanoTime() - from) / 1e9,
                                studio.format().format(better.length()),
                                studio.format().format(Lay.bound(better.pieces(), better.rules()))));
                    }
                },
                wide -> {
                    planning = Optional.empty();
                    if (wide != null) {
                        changed();
                        say(wide.sentence().in(studio.format()));
                    } else if (supply.use().equals(desk.chosen())) {
                        desk.keep(supply, best[0], "Planned");
                        changed();
                    } else {
                        changed();
                    }
                });
        changed();
    }

    private void stop() {
        planning.ifPresent(Planning::stop);
    }

    private void print() {
        List<ClothSupply> all =
                desk.supplies().stream().filter(ClothSupply::isLaid).toList();
        if (all.isEmpty()) {
            say("Plan the lay first: there is nothing to print yet.");
            return;
        }
        String title = studio.situation().costume().title() + ", "
                + studio.current().garment().get();
        files.write(
                FileDesk.nameOf(title) + "-lay.pdf",
                () -> LayPdf.write(title, all, studio.format(), studio.today()),
                this::say);
    }
}
