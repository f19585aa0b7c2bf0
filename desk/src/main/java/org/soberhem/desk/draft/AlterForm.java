package org.soberhem.desk.draft;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.alter.AlterationKind.As;
import org.soberhem.core.alter.AlterationKind.Ask;
import org.soberhem.core.alter.AlterationValues;
import org.soberhem.core.alter.AmountsEntry;
import org.soberhem.core.alter.Places;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.AmountsAlong;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.desk.widget.Filling;
import org.soberhem.desk.widget.Parts;

/** What one alteration asks: its places, amounts and side. */
final class AlterForm extends VBox {

    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    /** Breadth of what is offered beneath a field. */
    private static final double OFFERS = 320;

    /** One question with what answers it. */
    private record Field(Ask ask, Control control, Supplier<Optional<Object>> answer) {}

    private final Supplier<LengthFormat> format;
    private final Runnable changed;
    private final Runnable entered;
    private final ChoiceBox<Sides> sides = new ChoiceBox<>();
    private final List<Field> fields = new ArrayList<>();
    private Optional<AlterationKind> kind = Optional.empty();
    private Pattern pattern;
    private final Filling filling = new Filling();

    /** Names of the places that the maker chose, rather than left as they were offered. */
    private final Set<String> chosen = new HashSet<>();

    /**
     * @param format how lengths are typed and shown
     * @param changed called when an answer changed
     * @param entered called when Enter was pressed in a field
     */
    AlterForm(Supplier<LengthFormat> format, Runnable changed, Runnable entered) {
        super(8);
        this.format = format;
        this.changed = changed;
        this.entered = entered;
        sides.setId("alter-sides");
        sides.getItems().setAll(Sides.values());
        sides.setConverter(Parts.words(Sides::words));
        sides.setValue(Sides.BOTH);
        sides.valueProperty().addListener((was, before, now) -> tell());
    }

    private void tell() {
        if (!filling.isOn()) {
            changed.run();
        }
    }

    /** Asks what an alteration of a kind needs on a pattern, beginning with the usual places and no amounts. */
    void ask(AlterationKind wanted, Pattern on) {
        show(wanted, on, wanted.usual(on).orElse(Map.of()), Sides.BOTH, false);
    }

    /** Shows an alteration that was made, to be changed. */
    void show(AlterationKind wanted, Pattern on, Alteration made) {
        show(wanted, on, wanted.answers(made).orElseThrow(), made.sides(), true);
    }

    private void show(AlterationKind wanted, Pattern on, Map<String, Object> answers, Sides side, boolean amounts) {
        filling.during(() -> {
            kind = Optional.of(wanted);
            pattern = on;
            fields.clear();
            chosen.clear();
            getChildren().clear();
            FlowPane numbers = new FlowPane(10, 6);
            for (Ask ask : wanted.asks()) {
                boolean given =
                        answers.containsKey(ask.name()) && (amounts || !ask.as().isAmount());
                Field field = field(ask, given ? Optional.of(answers.get(ask.name())) : Optional.empty());
                field.control().setId("alter-" + ask.name());
                fields.add(field);
                Label words = Parts.label(ask.words() + limits(ask), "small", "soft");
                VBox box = new VBox(2, words, field.control());
                if (!ask.offers().isEmpty()) {
                    box.getChildren().add(offers(ask, (TextField) field.control()));
                }
                if (ask.as().isPlace()) {
                    field.control().setMaxWidth(Double.MAX_VALUE);
                    getChildren().add(box);
                } else {
                    numbers.getChildren().add(box);
                }
            }
            sides.setValue(side);
            numbers.getChildren().add(new VBox(2, Parts.label("made on", "small", "soft"), sides));
            getChildren().add(numbers);
        });
        changed.run();
    }

    /** The limits of a length, told before they are met. */
    private String limits(Ask ask) {
        if (ask.as() != As.LENGTH || Double.isInfinite(ask.least()) || Double.isInfinite(ask.most())) {
            return "";
        }
        return "  " + text(ask, ask.least()) + " … " + text(ask, ask.most());
    }

    /** What is usual in one school or another, to be taken with a press. */
    private FlowPane offers(Ask ask, TextField field) {
        FlowPane offers = new FlowPane(2, 2);
        offers.setPrefWrapLength(OFFERS);
        Set<String> shown = new HashSet<>();
        for (double each : ask.offers()) {
            String words = format.get().format(each);
            if (!shown.add(words)) {
                continue;
            }
            offers.getChildren().add(Parts.button(words, () -> field.setText(text(ask, each)), "quiet", "small"));
        }
        return offers;
    }

    private Field field(Ask ask, Optional<Object> given) {
        if (ask.as().isPlace()) {
            return place(ask, given);
        }
        return switch (ask.as()) {
            case SWITCH -> {
                CheckBox box = new CheckBox();
                box.setSelected(Boolean.TRUE.equals(given.orElse(ask.usual())));
                box.selectedProperty().addListener((was, before, now) -> tell());
                yield new Field(ask, box, () -> Optional.of(box.isSelected()));
            }
            case WAY -> way(ask, given);
            default -> number(ask, given);
        };
    }

    private Field place(Ask ask, Optional<Object> given) {
        ChoiceBox<Object> choice = new ChoiceBox<>();
        choice.setConverter(Parts.words(AlterForm::words));
        choice.getItems().setAll(places(ask));
        choice.setValue(given.or(() -> ask.preferred(pattern, choice.getItems(), answered()))
                .orElse(choice.getItems().isEmpty() ? null : choice.getItems().get(0)));
        choice.valueProperty().addListener((was, before, now) -> {
            if (!filling.isOn()) {
                chosen.add(ask.name());
            }
            fields.stream().filter(field -> field.ask().as() == As.OPPOSITE).forEach(this::offerAgain);
            tell();
        });
        return new Field(ask, choice, () -> Optional.ofNullable(choice.getValue()));
    }

    private List<Object> places(Ask ask) {
        Optional<String> piece = answered().stream().findFirst().map(AlterationKind::pieceOf);
        return Places.of(pattern, ask.as(), piece);
    }

    private Collection<Object> answered() {
        return fields.stream()
                .filter(field -> field.ask().as().isPlace())
                .flatMap(field -> field.answer().get().stream())
                .toList();
    }

    /** Another piece was chosen: its other edges are offered. */
    @SuppressWarnings("unchecked")
    private void offerAgain(Field field) {
        ChoiceBox<Object> choice = (ChoiceBox<Object>) field.control();
        List<Object> places = places(field.ask());
        if (!choice.getItems().equals(places)) {
            Object was = choice.getValue();
            choice.getItems().setAll(places);
            choice.setValue(
                    places.contains(was)
                            ? was
                            : field.ask()
                                    .preferred(pattern, places, answered())
                                    .orElse(places.isEmpty() ? null : places.get(0)));
        }
    }

    /** Puts in what the hand on the paper answered; what it did not stays. */
    @SuppressWarnings("unchecked")
    void take(Map<String, Object> answers) {
        for (Field field : fields) {
            Object answer = answers.get(field.ask().name());
            if (answer != null && field.control() instanceof ChoiceBox<?> choice) {
                if (choice.getItems().contains(answer)) {
                    ((ChoiceBox<Object>) choice).setValue(answer);
                }
            } else if (answer != null && field.control() instanceof TextField text) {
                text.setText(text(field.ask(), answer));
            }
        }
    }

    /** Returns what is meant by the places that are answered. */
    MeantPlaces meant() {
        List<MeantPlaces.Answer> answers = new ArrayList<>();
        for (Field field : fields) {
            if (field.ask().as().isPlace() && field.answer().get().orElse("") instanceof EdgeRef edge) {
                boolean byMaker = chosen.contains(field.ask().name());
                List<Object> fitting =
                        byMaker ? List.of() : field.ask().fitting(pattern, places(field.ask()), List.of());
                answers.add(new MeantPlaces.Answer(edge, fitting));
            }
        }
        return new MeantPlaces(pattern, answers);
    }

    private static String words(Object place) {
        return place instanceof EdgeRef ref ? ref.words() : place.toString();
    }

    private Field way(Ask ask, Optional<Object> given) {
        ChoiceBox<Object> choice = new ChoiceBox<>();
        choice.setConverter(
                Parts.words(value -> value.toString().toLowerCase(Locale.ROOT).replace('_', ' ')));
        List<Object> ways = AlterationValues.ways(kind.orElseThrow().does(), ask.name());
        choice.getItems().setAll(ways);
        Object wanted = given.orElse(ask.usual());
        choice.setValue(ways.stream()
                .filter(way -> way.toString().equalsIgnoreCase(wanted.toString().replace('-', '_')))
                .findFirst()
                .orElse(ways.get(0)));
        choice.valueProperty().addListener((was, before, now) -> tell());
        return new Field(ask, choice, () -> Optional.of(choice.getValue()));
    }

    private Field number(Ask ask, Optional<Object> given) {
        TextField field = new TextField();
        field.setPrefColumnCount(ask.as() == As.AMOUNTS || ask.as() == As.WORDS ? 26 : 6);
        field.setText(given.map(value -> text(ask, value)).orElse(""));
        field.setPromptText(text(ask, ask.usual()));
        field.textProperty().addListener((was, before, now) -> tell());
        field.setOnAction(event -> entered.run());
        return new Field(ask, field, () -> read(ask, field));
    }

    private String text(Ask ask, Object value) {
        if (value instanceof AmountsAlong amounts) {
            return AmountsEntry.words(amounts, format.get());
        }
        if (ask.as() == As.WORDS) {
            return value.toString();
        }
        double number = ((Number) value).doubleValue();
        if (ask.as() == As.LENGTH) {
            return format.get().number(Length.ofMillimetres(number));
        }
        return number == Math.rint(number) ? String.valueOf((long) number) : String.valueOf(number);
    }

    private Optional<Object> read(Ask ask, TextField field) {
        field.pseudoClassStateChanged(WRONG, false);
        String typed = field.getText().strip();
        LengthUnit unit = format.get().unit();
        try {
            return switch (ask.as()) {
                case WORDS -> typed.isEmpty() ? Optional.empty() : Optional.of(typed);
                case AMOUNTS -> typed.isEmpty() ? Optional.empty() : Optional.of(AmountsEntry.parse(typed, unit));
                case LENGTH ->
                    Optional.of(
                            typed.isEmpty()
                                    ? 0.0
                                    : LengthEntry.parse(typed, unit).value().toMillimetres());
                default -> Optional.of(typed.isEmpty() ? ask.usual() : Double.parseDouble(typed.replace(',', '.')));
            };
        } catch (IllegalArgumentException unfinished) {
            field.pseudoClassStateChanged(WRONG, true);
            return Optional.empty();
        }
    }

    /** Says whether a length is asked and none is typed yet. */
    boolean isEmpty() {
        List<Field> lengths =
                fields.stream().filter(field -> field.ask().as().isAmount()).toList();
        return !lengths.isEmpty()
                && lengths.stream()
                        .allMatch(
                                field -> ((TextField) field.control()).getText().isBlank());
    }

    /** Puts the usual amounts in. */
    void fillUsual() {
        fillAnswers(fields.stream().map(Field::ask).collect(Collectors.toMap(Ask::name, Ask::usual)));
    }

    /** Puts amounts in, in millimetres, by the names of what is asked; nothing where none is given. */
    void fill(Map<String, Double> amounts) {
        filling.during(() -> {
            fields.stream()
                    .filter(field -> field.ask().as() == As.LENGTH)
                    .forEach(field -> ((TextField) field.control())
                            .setText(text(
                                    field.ask(),
                                    amounts.getOrDefault(field.ask().name(), 0.0))));
        });
        changed.run();
    }

    /** Empties the amounts after an alteration was made. */
    void clear() {
        filling.during(() -> {
            fields.stream()
                    .filter(field -> field.ask().as().isAmount())
                    .forEach(field -> ((TextField) field.control()).setText(""));
        });
        changed.run();
    }

    /**
     * Returns the alteration as it is answered; empty while an answer is missing or cannot be read.
     *
     * @throws AlterationRefusal if an answer is out of its limits; the sentence says which
     */
    Optional<Alteration> alteration() {
        return answers().flatMap(answers -> kind.map(each -> each.make(answers, sides.getValue())));
    }

    private Optional<Map<String, Object>> answers() {
        Map<String, Object> answers = new LinkedHashMap<>();
        for (Field field : fields) {
            Optional<Object> answer = field.answer().get();
            if (answer.isEmpty()) {
                return Optional.empty();
            }
            answers.put(field.ask().name(), answer.get());
        }
        return Optional.of(answers);
    }

    /** Returns the answers with the largest amounts that can be made on a pattern. */
    Optional<Map<String, Object>> largest(Pattern on) {
        return answers().flatMap(answers -> kind.flatMap(each -> each.largest(answers, sides.getValue(), on)));
    }

    /** Returns the amounts of answers, in words. */
    String words(Map<String, Object> answers) {
        return fields.stream()
                .map(Field::ask)
                .filter(ask -> ask.as().isAmount())
                .map(ask -> ask.words() + " " + text(ask, answers.get(ask.name())))
                .collect(Collectors.joining(", "));
    }

    /** Puts the amounts of answers in. */
    void fillAnswers(Map<String, Object> answers) {
        filling.during(() -> fields.stream()
                .filter(field -> field.ask().as().isAmount())
                .forEach(field -> ((TextField) field.control())
                        .setText(text(field.ask(), answers.get(field.ask().name())))));
        changed.run();
    }
}
