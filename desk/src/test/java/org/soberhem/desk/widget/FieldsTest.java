package org.soberhem.desk.widget;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** The parts that lengths are typed and pulled with. */
@ExtendWith(ApplicationExtension.class)
class FieldsTest {

    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final List<Length> accepted = new ArrayList<>();
    private final List<Double> pulled = new ArrayList<>();
    private final List<String> tapped = new ArrayList<>();
    private int cleared;
    private LengthField field;
    private TapeWindow tape;
    private Tappable tappable;

    @Start
    void start(Stage stage) {
        field = new LengthField(() -> LengthFormat.INCH_EIGHTHS, accepted::add);
        field.onCleared(() -> cleared++);
        tape = new TapeWindow(true, pulled::add, accepted::add);
        tappable = new Tappable(new Label("tap"), "tap", () -> tapped.add("tap"));
        stage.setScene(new Scene(new VBox(field, tape, tappable, new TextField("elsewhere")), 400, 300));
        stage.show();
    }

    @Test
    void field_enterHandsTheLengthOn_once(FxRobot robot) {
        robot.clickOn(field).write("34 5/8").type(KeyCode.ENTER);
        robot.clickOn("elsewhere");
        assertThat(accepted).containsExactly(Length.ofInches(34, 5, 8));
    }

    @Test
    void field_whatCannotBeRead_staysAndIsExplained(FxRobot robot) {
        robot.clickOn(field).write("34 5/").type(KeyCode.ENTER);
        assertThat(accepted).isEmpty();
        assertThat(field.getText()).isEqualTo("34 5/");
        assertThat(field.getPseudoClassStates()).contains(WRONG);
        assertThat(field.faultProperty().get()).contains("34 5/");
        robot.write("8").clickOn("elsewhere");
        assertThat(field.getPseudoClassStates()).doesNotContain(WRONG);
        assertThat(accepted).containsExactly(Length.ofInches(34, 5, 8));
    }

    @Test
    void field_shownLengthLeftAlone_isNotHandedOn_butWipedOutIsToldOf(FxRobot robot) {
        robot.interact(() -> field.show(Optional.of(Length.ofInches(12))));
        robot.clickOn(field).clickOn("elsewhere");
        assertThat(accepted).isEmpty();
        robot.clickOn(field).type(KeyCode.END).eraseText(2).clickOn("elsewhere");
        assertThat(cleared).isEqualTo(1);
        assertThat(accepted).isEmpty();
    }

    @Test
    void tape_isPulledByTheArrows_anEighthAtATime(FxRobot robot) {
        robot.interact(() -> tape.show(254, LengthFormat.INCH_EIGHTHS, "bust", false));
        robot.clickOn(".strip").type(KeyCode.RIGHT);
        assertThat(pulled.get(pulled.size() - 1)).isEqualTo(254 + 25.4 / 8);
        robot.interact(() -> tape.show(254, LengthFormat.CENTIMETRES, "bust", false));
        robot.clickOn(".strip").type(KeyCode.LEFT);
        assertThat(pulled.get(pulled.size() - 1)).isEqualTo(249);
    }

    @Test
    void tape_impossibleNumber_isRefusedAboveIt(FxRobot robot) {
        robot.interact(() -> tape.show(254, LengthFormat.INCH_EIGHTHS, "bust", false));
        TextField number = robot.from(tape).lookup(".text-field").queryAs(TextField.class);
        robot.clickOn(number).type(KeyCode.END).eraseText(8).write("-2 in").type(KeyCode.ENTER);
        assertThat(accepted).isEmpty();
        assertThat(number.getPseudoClassStates()).contains(WRONG);
        assertThat(robot.from(tape).lookup(".caps").queryAs(Label.class).getText())
                .contains("more than nothing");
    }

    @Test
    void tappable_answersMouseEnterAndSpace(FxRobot robot) {
        robot.clickOn(tappable).type(KeyCode.ENTER).type(KeyCode.SPACE);
        assertThat(tapped).hasSize(3);
    }
}
