package org.soberhem.desk.cloth;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.cloth.Cloth;
import org.soberhem.core.cloth.ClothUse;
import org.soberhem.core.cloth.Lay;
import org.soberhem.core.cloth.LayPiece;
import org.soberhem.core.cloth.PiecesToLay;
import org.soberhem.core.cloth.ShortClothAdvice;
import org.soberhem.core.cloth.Strips;
import org.soberhem.core.judging.ClothSupply;
import org.soberhem.core.judging.Piecing;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.SpreadPiece;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Filling;
import org.soberhem.desk.widget.LengthField;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Studio;

/** What is chosen for a lay, what it comes to, and what to do if the cloth is too short. */
final class LayPanel extends VBox {

    /** When a piece is cut. */
    private enum Turn {
        NOW("with the others"),
        LATER("later, where room is left"),
        ELSEWHERE("from another cloth");

        private final String words;

        Turn(String words) {
            this.words = words;
        }
    }

    private static final List<Double> LEANS = List.of(0.0, 1.0, 2.0, 3.0);

    private final ClothDesk desk;
    private final Studio studio;
    private final FileDesk files;
    private final Consumer<String> said;
    private final ChoiceBox<Cloth> cloths = new ChoiceBox<>();
    private final CheckBox folded = new CheckBox("folded lengthwise");
    private final ChoiceBox<Double> lean = new ChoiceBox<>();
    private final LengthField ends;
    private final LengthField gap;
    private final VBox told = new VBox(4);
    private final VBox pieces = new VBox(3);
    private final VBox seams = new VBox(3);
    private final VBox more = new VBox(6);
    private final Filling filling = new Filling();

    LayPanel(ClothDesk desk, FileDesk files, Consumer<String> said) {
        super(10);
        this.desk = desk;
        this.studio = desk.studio();
        this.files = files;
        this.said = said;
        setPadding(new Insets(4, 16, 16, 16));
        cloths.setId("choose-cloth");
        cloths.setMaxWidth(Double.MAX_VALUE);
        cloths.setConverter(
                Parts.words(cloth -> cloth.title() + ", " + studio.format().format(cloth.width()) + " wide, "
                        + studio.format().format(cloth.length())));
        cloths.valueProperty().addListener(filling.heard(now -> {
            if (now != null) {
                desk.choose(now);
            }
        }));
        folded.setId("lay-folded");
        folded.setOnAction(event -> keepLying());
        lean.getItems().setAll(LEANS);
        lean.setConverter(Parts.words(degrees -> degrees == 0 ? "straight" : "may lean " + degrees.intValue() + "°"));
        lean.valueProperty().addListener(filling.heard(now -> keepLying()));
        ends = new LengthField(studio::format, length -> keepLying());
        gap = new LengthField(studio::format, length -> keepLying());
        ends.setId("lay-ends");
        gap.setId("lay-gap");
        getChildren()
                .addAll(
                        Parts.label("Cut from", "caps"),
                        cloths,
                        row(folded, Parts.gap(), Parts.label("grain", "soft"), lean),
                        row(Parts.label("uneven ends", "soft"), ends, Parts.gap(), Parts.label("apart", "soft"), gap),
                        told,
                        more,
                        Parts.label("Pieces", "caps"),
                        pieces,
                        seams);
    }

    private static HBox row(Node... parts) {
        HBox row = new HBox(8, parts);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private void keepLying() {
        if (filling.isOn()) {
            return;
        }
        ClothUse now = desk.chosen();
        desk.keep(
                now.lying(
                        folded.isSelected(),
                        lean.getValue(),
                        gap.value().map(Length::toMillimetres).orElse(now.gap()),
                        ends.value().map(Length::toMillimetres).orElse(now.ends())),
                "lying",
                Sentence.of(
                        "{}, {}: the cloth lies {}",
                        now.garment(),
                        now.use(),
                        folded.isSelected() ? "folded" : "single"));
    }

    void refresh() {
        Parts.keepingFocus(this, () -> filling.during(this::fill));
    }

    private void fill() {
        Parts.offer(cloths.getItems(), studio.stash().cloths());
        Optional<ClothSupply> supply = desk.supply();
        cloths.setValue(supply.flatMap(ClothSupply::cloth).orElse(null));
        ClothUse use = desk.chosen();
        folded.setSelected(use.folded());
        lean.setValue(use.lean());
        ends.show(Optional.of(Length.ofMillimetres(use.ends())));
        gap.show(Optional.of(Length.ofMillimetres(use.gap())));
        told.getChildren().clear();
        more.getChildren().clear();
        pieces.getChildren().clear();
        seams.getChildren().clear();
        supply.ifPresent(each -> {
            tell(each);
            pieces(each);
            seams(each);
        });
    }

    private void figure(String what, String value) {
        Label amount = Parts.label(value, "figure");
        told.getChildren().add(row(Parts.label(what, "soft"), Parts.gap(), amount));
    }

    private void tell(ClothSupply supply) {
        supply.cloth().ifPresent(cloth -> {
            figure("made ready", cloth.state().words());
            double lost = supply.shrinkage().mostAlong();
            if (lost > 0) {
                figure(
                        supply.shrinkage().measured() ? "will shrink, by its square" : "may shrink, by its fibre",
                        ClothDesk.percent(supply.shrinkage().leastAlong(), lost));
            }
            supply.rules()
                    .ifPresent(rules ->
                            figure("can be laid across", studio.format().format(rules.width())));
            if (cloth.face().oneWay()) {
                figure("nap or print", "has a way up");
            }
        });
        desk.lay().ifPresent(lay -> {
            figure("laid", studio.format().format(lay.length()));
            figure("no lay can be shorter than", studio.format().format(Lay.bound(lay.pieces(), lay.rules())));
            figure(
                    "with ends and shrinkage",
                    studio.format().format(supply.needed().orElseThrow()));
        });
        if (supply.cloth().isPresent() && supply.use().cutOn().isEmpty()) {
            supply.wrong().forEach(wrong -> told.getChildren().add(Parts.text(wrong.in(studio.format()), "needs")));
        }
        actions(supply);
    }

    private void actions(ClothSupply supply) {
        if (supply.cloth().isEmpty() || supply.use().cutOn().isPresent()) {
            return;
        }
        desk.piecing().ifPresent(this::piecing);
        if (!supply.isEnough()) {
            Button ways = Parts.hinted(
                    Parts.button("Too short or too narrow?", () -> waysOut(supply)), "Tries what else can be done");
            ways.setId("ways-out");
            more.getChildren().add(ways);
        } else if (supply.wrong().isEmpty()) {
            Button cut = Parts.hinted(
                    Parts.button("It is cut", desk::cut),
                    "Writes the day down and takes what was needed off the cloth in hand");
            cut.setId("cloth-cut");
            more.getChildren().add(cut);
        }
        if (supply.pieces().pieces().stream().allMatch(LayPiece::isRectangle)) {
            Button strips = Parts.button("Cut as strips, by pulled threads", () -> strips(supply));
            strips.setId("strips");
            more.getChildren().add(strips);
        }
    }

    private void piecing(Piecing how) {
        if (!how.seams().isEmpty()) {
            Button piece = Parts.hinted(
                    Parts.button("Piece what is too wide", () -> desk.piece(how)),
                    "New seams in the pattern, along the grain and at the outer side; they can be taken back");
            piece.setId("piece-wide");
            more.getChildren()
                    .addAll(
                            Parts.text("Wider than the cloth lies: " + String.join(", ", how.pieced()), "needs"),
                            piece);
        }
        if (!how.left().isEmpty()) {
            more.getChildren()
                    .add(Parts.text(
                            "No straight seam brings " + String.join(", ", how.left())
                                    + " on this cloth: turn its grain, or take a wider cloth",
                            "needs"));
        }
    }

    private void waysOut(ClothSupply supply) {
        said.accept("Trying what else can be done …");
        double laid = supply.isLaid() ? supply.use().lay().orElseThrow().length() : Double.MAX_VALUE;
        List<Cloth> others = desk.others(supply);
        desk.drawn()
                .ifPresent(work -> files.load(
                        () -> ClothDesk.waysOut(supply, work, laid),
                        ways -> {
                            said.accept(
                                    ways.isEmpty() && others.isEmpty()
                                            ? "Nothing shorter was found: more cloth is needed."
                                            : "Ways out, the shortest first.");
                            show(ways, others, supply);
                        },
                        said));
    }

    private void show(List<ShortClothAdvice.Way> ways, List<Cloth> others, ClothSupply supply) {
        more.getChildren().clear();
        for (ShortClothAdvice.Way way : ways) {
            boolean enough = supply.cloth()
                    .filter(cloth -> supply.needed(way.length()) <= cloth.length())
                    .isPresent();
            more.getChildren()
                    .add(Parts.text(
                            "· " + way.words().in(studio.format()) + (enough ? "; then it is enough" : ""),
                            enough ? "settled" : "label"));
            if (!way.cut().isEmpty()) {
                more.getChildren().add(Parts.button("Do so", () -> {
                    ClothUse now = desk.chosen();
                    List<String> elsewhere = new ArrayList<>(now.other());
                    elsewhere.addAll(way.cut());
                    desk.keep(
                            now.with(now.held(), elsewhere, now.matched()),
                            "elsewhere",
                            Sentence.of("{} come out of another cloth", String.join(", ", way.cut())));
                }));
            }
        }
        others.forEach(cloth -> more.getChildren()
                .add(Parts.text("· " + cloth.title() + " in the stash is long and wide enough", "settled")));
    }

    private void strips(ClothSupply supply) {
        List<Strips.Rectangle> rectangles = new ArrayList<>();
        for (LayPiece piece : supply.pieces().pieces()) {
            var box = piece.opened().box();
            for (int i = 0; i < piece.count(); i++) {
                rectangles.add(new Strips.Rectangle(piece.name(), box.width(), box.height()));
            }
        }
        double width = supply.rules().orElseThrow().width();
        files.load(() -> Strips.of(rectangles, width, new SplittableRandom(1)), this::show, said);
    }

    private void show(Strips strips) {
        more.getChildren().clear();
        more.getChildren()
                .add(Parts.text("By pulled threads " + studio.format().format(strips.length()) + " are needed, "
                        + ClothDesk.percent(strips.waste()) + " is waste:"));
        strips.threads().forEach(thread -> more.getChildren().add(Parts.text(thread.in(studio.format()), "soft")));
    }

    private void pieces(ClothSupply supply) {
        ClothUse use = supply.use();
        List<SpreadPiece> all = new ArrayList<>(supply.pieces().spreads());
        desk.drawn()
                .ifPresent(work -> SpreadPiece.of(work.pattern()).stream()
                        .filter(spread -> use.other().contains(spread.name()))
                        .forEach(all::add));
        for (SpreadPiece spread : all) {
            ChoiceBox<Turn> turn = new ChoiceBox<>();
            turn.getItems().setAll(Turn.values());
            turn.setConverter(Parts.words(each -> each.words));
            turn.setValue(
                    use.other().contains(spread.name())
                            ? Turn.ELSEWHERE
                            : use.held().contains(spread.name()) ? Turn.LATER : Turn.NOW);
            turn.setId("turn-" + spread.name());
            turn.valueProperty().addListener((was, before, now) -> turn(spread.name(), now));
            int count = PiecesToLay.count(spread, use.base());
            Label name = Parts.text(spread.name() + ", " + spread.shape().words(String.valueOf(count)));
            name.setMinWidth(0);
            HBox.setHgrow(name, Priority.ALWAYS);
            name.setMaxWidth(Double.MAX_VALUE);
            turn.setMinWidth(USE_PREF_SIZE);
            pieces.getChildren().add(row(name, turn));
        }
    }

    private void turn(String piece, Turn turn) {
        ClothUse now = desk.chosen();
        List<String> held = new ArrayList<>(now.held());
        List<String> other = new ArrayList<>(now.other());
        held.remove(piece);
        other.remove(piece);
        if (turn != Turn.NOW) {
            (turn == Turn.LATER ? held : other).add(piece);
        }
        desk.keep(now.with(held, other, now.matched()), "piece", Sentence.of("{} is cut {}", piece, turn.words));
    }

    private void seams(ClothSupply supply) {
        boolean patterned =
                supply.cloth().filter(cloth -> cloth.face().isPatterned()).isPresent();
        if (!patterned) {
            return;
        }
        seams.getChildren().add(Parts.label("Stripe and check meet at", "caps"));
        for (String seam : desk.seams()) {
            CheckBox box = new CheckBox(seam);
            box.setSelected(supply.use().matched().contains(seam));
            box.setOnAction(event -> {
                ClothUse now = desk.chosen();
                List<String> matched = new ArrayList<>(now.matched());
                matched.remove(seam);
                if (box.isSelected()) {
                    matched.add(seam);
                }
                desk.keep(
                        now.with(now.held(), now.other(), matched),
                        "match",
                        Sentence.of("{}: stripe and check {}", seam, box.isSelected() ? "meet" : "need not meet"));
            });
            seams.getChildren().add(box);
        }
        seams.getChildren()
                .add(Parts.text(
                        "Where they cannot meet, piping hides it. They must lie alike on both sides of the fold.",
                        "small",
                        "soft"));
    }
}
