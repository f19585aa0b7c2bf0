package org.soberhem.desk.sheet;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.draft.DraftSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;
import org.soberhem.desk.widget.Thumbnail;
import org.soberhem.studio.OfferedSheet;
import org.soberhem.studio.Studio;

/** Every sheet with a small plate drawn from it, narrowed by year, garment and system. */
public final class SheetChooser extends BorderPane {

    private static final String ANY = "any";
    private static final double WIDTH = 178;
    private static final double HEIGHT = 104;

    private final Studio studio;
    private final boolean several;
    private final Consumer<OfferedSheet> choose;
    private final TextField year = new TextField();
    private final ChoiceBox<String> garment = new ChoiceBox<>();
    private final ChoiceBox<String> system = new ChoiceBox<>();
    private final Label count = Parts.label("", "small", "soft");
    private final FlowPane cards = new FlowPane(12, 12);
    private final Set<String> chosen = new LinkedHashSet<>();

    /**
     * @param several whether more than one can be chosen
     * @param choose gets the sheet that is tapped
     */
    public SheetChooser(Studio studio, boolean several, Consumer<OfferedSheet> choose) {
        this.studio = studio;
        this.several = several;
        this.choose = choose;
        year.setPromptText("year");
        year.setPrefColumnCount(5);
        year.setId("shelf-year");
        garment.setId("shelf-garment");
        system.setId("shelf-system");
        HBox filter = new HBox(
                8, Parts.label("Year"), year, Parts.label("Garment"), garment, Parts.label("System"), system, count);
        filter.setAlignment(Pos.CENTER_LEFT);
        filter.setPadding(new Insets(0, 0, 10, 0));
        year.textProperty().addListener((was, before, now) -> fill());
        garment.valueProperty().addListener((was, before, now) -> fill());
        system.valueProperty().addListener((was, before, now) -> fill());
        setTop(filter);
        ScrollPane scroll = Parts.scroll(cards);
        setCenter(scroll);
    }

    /** Returns the ids of the chosen sheets, in the order in which they were chosen. */
    public List<String> chosen() {
        return List.copyOf(chosen);
    }

    /** Marks one sheet as chosen. */
    void mark(String id) {
        chosen.clear();
        chosen.add(id);
        fill();
    }

    /** Shows the sheets again, those of a year; all where it is no year. */
    public void show(String ofYear) {
        year.setText(ofYear);
        refresh();
    }

    /** Reads the sheets again. */
    void refresh() {
        List<OfferedSheet> all = studio.sheets().offered();
        offer(garment, all, about -> about.garment());
        offer(system, all, about -> about.system());
        fill();
    }

    private static void offer(ChoiceBox<String> box, List<OfferedSheet> all, Function<DraftSheet.About, String> of) {
        List<String> words = new ArrayList<>(List.of(ANY));
        all.stream()
                .map(each -> of.apply(each.sheet().sheet().about()))
                .distinct()
                .sorted()
                .forEach(words::add);
        String kept = box.getValue();
        Parts.offer(box.getItems(), words);
        box.setValue(words.contains(kept) ? kept : ANY);
    }

    private void fill() {
        List<OfferedSheet> all = studio.sheets().offered();
        List<OfferedSheet> found = all.stream().filter(this::fits).toList();
        boolean none = found.isEmpty();
        count.setText(
                none
                        ? "none fits; all are shown"
                        : found.size() == all.size() ? "" : found.size() + " of " + all.size());
        cards.getChildren().setAll((none ? all : found).stream().map(this::card).toList());
    }

    private boolean fits(OfferedSheet offered) {
        DraftSheet.About about = offered.sheet().sheet().about();
        boolean inYear = true;
        if (year.getText().strip().matches("\\d{4}")) {
            int wanted = Integer.parseInt(year.getText().strip());
            inYear = wanted >= about.from() && wanted <= about.to();
        }
        return inYear && is(garment, about.garment()) && is(system, about.system());
    }

    private static boolean is(ChoiceBox<String> box, String value) {
        return box.getValue() == null || ANY.equals(box.getValue()) || value.equals(box.getValue());
    }

    private Tappable card(OfferedSheet offered) {
        DraftSheet.About about = offered.sheet().sheet().about();
        Label title = Parts.text(about.title(), "figure");
        title.setMinHeight(36);
        VBox words = new VBox(
                2,
                new Thumbnail(
                        Drafter.draft(offered.sheet(), offered.sheet().middle()).pattern(), WIDTH, HEIGHT),
                title,
                Parts.label(about.from() + "–" + about.to() + ", " + about.system(), "small", "soft"),
                Parts.label(offered.own() ? "your own: " + offered.id() : about.garment(), "small", "soft"));
        words.setPrefWidth(WIDTH);
        Tappable card = new Tappable(words, about.title(), () -> tapped(offered), "costume-card");
        card.setId("sheet-" + offered.id());
        card.setPadding(new Insets(8));
        card.pseudoClassStateChanged(Parts.SELECTED, chosen.contains(offered.id()));
        return card;
    }

    private void tapped(OfferedSheet offered) {
        if (!several) {
            chosen.clear();
        }
        if (!chosen.remove(offered.id())) {
            chosen.add(offered.id());
        }
        for (var card : cards.getChildren()) {
            card.pseudoClassStateChanged(
                    Parts.SELECTED, chosen.contains(card.getId().substring("sheet-".length())));
        }
        choose.accept(offered);
    }
}
