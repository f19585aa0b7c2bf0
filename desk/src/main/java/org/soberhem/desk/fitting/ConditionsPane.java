package org.soberhem.desk.fitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.body.AsWorn;
import org.soberhem.core.fitting.ClothDifference;
import org.soberhem.core.fitting.Conditions;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.InnerPart;
import org.soberhem.core.fitting.Mockup;
import org.soberhem.core.fitting.Stance;
import org.soberhem.core.layers.Layer;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;
import org.soberhem.studio.Studio;

/** How the mock-up is tried on, said by touching or by letters: what is worn, how laced, how marked, of which cloth. */
final class ConditionsPane extends VBox {

    private static final double BOX_WIDTH = 286;
    private static final double BOX_HEIGHT = 72;
    private static final int MOST_GAP = 12;
    private static final String LACING = "lacing";

    /** The pages, by their digit. */
    private enum Page {
        WORN("1 worn beneath"),
        BODY("2 lacing, stance"),
        MARKS("3 marks, side out"),
        CLOTH("4 cloth, inside");

        private final String words;

        Page(String words) {
            this.words = words;
        }
    }

    private record Item(String words, boolean on, Runnable change) {}

    private final Studio studio;
    private final FittingRound round;
    private final Trying trying;
    private final HBox pages = new HBox(8);
    private final FlowPane boxes = new FlowPane(12, 8);
    private final Label caution = Parts.text("", "bigger", "soft");
    private List<Item> items = List.of();
    private Page page = Page.WORN;

    ConditionsPane(Studio studio, FittingRound round, Trying trying) {
        super(10);
        this.studio = studio;
        this.round = round;
        this.trying = trying;
        getStyleClass().add("conditions");
        getChildren().addAll(pages, boxes, caution);
    }

    void refresh() {
        round.fitting().ifPresent(this::show);
    }

    private void show(Fitting fitting) {
        pages.getChildren().clear();
        for (Page each : Page.values()) {
            Tappable tap = new Tappable(Parts.label(each.words), each.words, () -> turn(each), "zone");
            tap.setFocusTraversable(false);
            tap.setPrefSize(218, BOX_HEIGHT);
            tap.pseudoClassStateChanged(Parts.SELECTED, each == page);
            pages.getChildren().add(tap);
        }
        items = switch (page) {
            case WORN -> worn(fitting.conditions());
            case BODY -> body(fitting.conditions());
            case MARKS -> marks(fitting.conditions());
            case CLOTH -> cloth(fitting.mockup());
        };
        caution.setText(caution(fitting));
        boxes.getChildren().clear();
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            Label words = Parts.label((char) ('A' + i) + "  " + (item.on() ? "✓ " : "") + item.words());
            words.setWrapText(true);
            words.setMaxWidth(BOX_WIDTH - 16);
            Tappable box = new Tappable(words, item.words(), item.change(), "choice");
            box.setFocusTraversable(false);
            box.setPrefSize(BOX_WIDTH, BOX_HEIGHT);
            box.setMaxHeight(BOX_HEIGHT);
            box.pseudoClassStateChanged(Parts.SELECTED, item.on());
            boxes.getChildren().add(box);
        }
    }

    /** The usual caution of the page: lacing where there is something laced, pins where it is marked. */
    private String caution(Fitting fitting) {
        return switch (page) {
            case BODY ->
                studio.wardrobe().stack(fitting.stack()).map(studio.wardrobe()::layersOf).orElse(List.of()).stream()
                                .anyMatch(layer -> layer.cautions().contains(LACING))
                        ? studio.wardrobe().cautions().get(LACING)
                        : "";
            case MARKS -> "Never pin through to the wearer; count the pins in and out.";
            default -> "";
        };
    }

    private void turn(Page to) {
        page = to;
        refresh();
    }

    /** Turns to a page by its digit. */
    void digit(int digit) {
        if (digit >= 1 && digit <= Page.values().length) {
            turn(Page.values()[digit - 1]);
        }
    }

    /** Changes what a letter stands for. */
    void letter(String letter) {
        int place = letter.charAt(0) - 'A';
        if (place >= 0 && place < items.size()) {
            items.get(place).change().run();
        }
    }

    private List<Item> worn(Conditions now) {
        List<Item> all = new ArrayList<>();
        Optional<LayerStack> stack = studio.wardrobe().stack(now.stack());
        for (Layer layer : stack.map(studio.wardrobe()::layersOf).orElse(List.of())) {
            boolean on = !now.off().contains(layer.id());
            all.add(new Item(
                    layer.name(),
                    on,
                    () -> trying.under(
                            now.toggling(layer.id()), Sentence.of("{} {}", on ? "Without" : "With", layer.name()))));
        }
        String planned = studio.situation().costume().stack();
        if (!planned.equals(now.stack())) {
            all.add(new Item(
                    "as planned: " + studio.wardrobe().title(planned),
                    false,
                    () -> trying.under(now.over(planned), Sentence.of("Over the layers as planned"))));
        }
        return all;
    }

    private List<Item> body(Conditions now) {
        List<Item> all = new ArrayList<>();
        AsWorn.Gap gap = now.gap().orElse(new AsWorn.Gap(Length.ZERO, Length.ZERO, Length.ZERO));
        boolean said = now.gap().isPresent();
        all.add(gap("gap at the top", gap.bust(), said, now, more -> new AsWorn.Gap(more, gap.waist(), gap.hem())));
        all.add(gap("gap at the waist", gap.waist(), said, now, more -> new AsWorn.Gap(gap.bust(), more, gap.hem())));
        all.add(gap("gap at the hem", gap.hem(), said, now, more -> new AsWorn.Gap(gap.bust(), gap.waist(), more)));
        for (Stance stance : Stance.values()) {
            all.add(new Item(
                    stance.words(),
                    now.stance().contains(stance),
                    () -> trying.under(now.toggling(stance), Sentence.of("Stands: {}", stance.words()))));
        }
        return all;
    }

    /** Each touch opens the lacing by half an inch; after six inches it is closed again. */
    private Item gap(String words, Length open, boolean said, Conditions now, Function<Length, AsWorn.Gap> with) {
        int halves = (int) Math.round(open.toMillimetres() / 12.7);
        Length more = Length.ofInches(0, halves >= MOST_GAP ? 0 : halves + 1, 2);
        return new Item(
                said ? words + " " + studio.format().number(open) : words + "?",
                said,
                () -> trying.under(now.laced(Optional.of(with.apply(more))), Sentence.of("Laced: {} {}", words, more)));
    }

    private List<Item> marks(Conditions now) {
        List<Item> all = new ArrayList<>();
        for (String colour : Marks.COLOURS) {
            all.add(new Item(
                    "marked in " + colour,
                    colour.equals(now.mark()),
                    () -> trying.under(now.withMark(colour, now.markTried()), Sentence.of("Marked in {}", colour))));
        }
        all.add(new Item(
                "tried: it leaves this cloth",
                now.markTried(),
                () -> trying.under(
                        now.withMark(now.mark(), !now.markTried()),
                        Sentence.of("The marker {} tried on this cloth", now.markTried() ? "was not" : "was"))));
        all.add(new Item(
                "wrong side out",
                now.insideOut(),
                () -> trying.under(
                        now.turned(!now.insideOut()),
                        Sentence.of("{} side out", now.insideOut() ? "Right" : "Wrong"))));
        boolean left = studio.maker().leftHanded();
        all.add(new Item(
                "mirrored for the left hand",
                left,
                () -> studio.keep(
                        studio.maker().withLeftHanded(!left),
                        "hand",
                        Sentence.of("Fitting place for the {} hand", left ? "right" : "left"))));
        for (String other : List.of("a form", "a double")) {
            all.add(new Item(
                    "on " + other,
                    now.standIn().filter(other::equals).isPresent(),
                    () -> trying.under(now.on(other), Sentence.of("Tried on {}", other))));
        }
        return all;
    }

    private List<Item> cloth(Mockup now) {
        List<Item> all = new ArrayList<>();
        for (ClothDifference difference : ClothDifference.values()) {
            all.add(new Item(
                    difference.words(),
                    now.differs().contains(difference),
                    () -> trying.of(now.toggling(difference), Sentence.of("Cloth: {}", difference.words()))));
        }
        for (InnerPart inner : InnerPart.values()) {
            String state = now.putIn().contains(inner)
                    ? "put in"
                    : now.planned().contains(inner) ? "planned, not in" : "none planned";
            all.add(new Item(
                    inner.words() + ": " + state,
                    now.planned().contains(inner),
                    () -> trying.of(now.stepping(inner), Sentence.of("Changed: {}", inner.words()))));
        }
        int quarters = now.letOut()
                .map(length -> (int) Math.round(length.toMillimetres() / 6.35))
                .orElse(0);
        Length more = Length.ofInches(0, quarters >= 8 ? 0 : quarters + 1, 4);
        all.add(new Item(
                "left to let out: "
                        + now.letOut()
                                .map(length -> studio.format().format(length))
                                .orElse("?"),
                now.letOut().isPresent(),
                () -> trying.of(now.leaving(Optional.of(more)), Sentence.of("Left to let out: {}", more))));
        return all;
    }
}
