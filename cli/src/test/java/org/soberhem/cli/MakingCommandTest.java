package org.soberhem.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** {@code cost}, {@code plan}, {@code export}, {@code import}, {@code backup} and {@code restore}. */
class MakingCommandTest extends CommandTest {

    private String at(String name) {
        return folder.resolve(name).toString();
    }

    @Test
    void cost_addsUpClothNotionsAndHours() {
        assertThat(run("cost", "secretary-1906", "--demo", "--json"))
                .as(err.toString())
                .isZero();
        double sum = 0;
        for (var line : json().get("lines")) {
            double amount = (line.has("metres") ? line.get("metres") : line.get("pieces")).asDouble();
            sum += amount * line.get("price").asDouble();
        }
        assertThat(json().get("materials").asDouble())
                .isCloseTo(sum, within(1e-9))
                .isPositive();
        assertThat(run("cost", "wife-1778", "--demo")).isZero();
        assertThat(out.toString()).contains("Striped linsey (Jacket, outer)").contains("In all");
    }

    @Test
    void plan_saysWhatIsNext_andWhenItWillBeDone_andWritesItsDates() throws IOException {
        assertThat(run("plan", "wife-1778", "--demo", "--out", at("dates.ics")))
                .as(err.toString())
                .isZero();
        assertThat(out.toString())
                .contains("10 of ")
                .contains("next: Lay and cut")
                .contains("in four of five cases");
        assertThat(Files.readString(folder.resolve("dates.ics"))).contains("BEGIN:VTODO");
        assertThat(run("plan", "wife-1778", "--demo", "--json")).isZero();
        assertThat(json().get("early").asString())
                .isLessThanOrEqualTo(json().get("late").asString());
        assertThat(run("plan", "clerk-1907", "--demo")).isZero();
        assertThat(out.toString()).contains("No steps yet");
    }

    @Test
    void aCostume_leavesTheDemo_andComesIntoAnotherWorkspace_thatIsCarriedAndRestored() {
        assertThat(run("export", "wife-1778", "--demo", "--without", "name,figures", "--out", at("wife.zip")))
                .as(err.toString())
                .isZero();
        assertThat(run("export", "wife-1778", "--demo", "--out", at("wife.csv")))
                .isZero();
        assertThat(run("export", "wife-1778", "--demo", "--out", at("wife.doc")))
                .isEqualTo(2);
        assertThat(err.toString()).contains("must end in .zip, .pdf or .csv");
        assertThat(run("import", at("wife.zip"), "--workspace", at("here")))
                .as(err.toString())
                .isZero();
        assertThat(run("import", at("wife.csv"), "--workspace", at("here"))).isEqualTo(2);
        assertThat(err.toString()).contains("wife.csv: it is");
        assertThat(run("backup", "--workspace", at("here"))).as(err.toString()).isZero();
        assertThat(run("backup", "--workspace", at("here"), "--out", at("whole.zip")))
                .isZero();
        assertThat(run("restore", at("whole.zip"), "--workspace", at("there")))
                .as(err.toString())
                .isZero();
        assertThat(run("cost", "wife-1778", "--workspace", at("there")))
                .as(err.toString())
                .isZero();
        assertThat(run("restore", at("whole.zip"), "--workspace", at("there"))).isEqualTo(2);
        assertThat(err.toString()).contains("not empty");
        Path backup = folder.resolve("here/backups")
                .toFile()
                .listFiles((dir, name) -> name.endsWith(".db"))[0]
                .toPath();
        assertThat(run("restore", backup.toString(), "--workspace", at("here")))
                .as(err.toString())
                .isZero();
        assertThat(run("restore", at("nothing.zip"), "--workspace", at("x"))).isEqualTo(2);
        assertThat(run("backup", "--workspace", at("nowhere"))).isEqualTo(2);
    }
}
