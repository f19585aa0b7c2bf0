package org.soberhem.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.soberhem.cli.given.ExitCode;

/** {@code try}. */
class TryCommandTest extends CommandTest {

    private Path measures;

    @BeforeEach
    void measure() throws IOException {
        measures = Files.write(
                folder.resolve("m.csv"),
                List.of(
                        "measure,value",
                        "full-bust,36 in",
                        "under-bust,31 in",
                        "waist-crease,28 in",
                        "full-hip,38 in",
                        "neck-base,14 1/2 in",
                        "nape-to-waist,16 in",
                        "front-waist-length,17 in",
                        "scye-depth,7 7/8 in",
                        "across-back,13 1/2 in",
                        "across-chest,13 in",
                        "shoulder-length,4 7/8 in",
                        "armscye,15 1/2 in",
                        "shoulder-to-wrist,23 in",
                        "upper-arm,11 in",
                        "wrist,6 in",
                        "hand,8 in",
                        "height,65 in"));
    }

    private int tryOn(String sheet, String... more) {
        List<String> args =
                new ArrayList<>(List.of("try", sheet, "--measures", measures.toString(), "--spacing", "30"));
        args.addAll(List.of(more));
        return run(args.toArray(String[]::new));
    }

    @Test
    void blouse_isTriedOn_toldAndDrawn() throws IOException {
        Path picture = folder.resolve("worn.png");
        int ended = tryOn("blouse-1906", "--json", "--limit", "30", "--out", picture.toString());
        assertThat(err.toString()).isEmpty();
        assertThat(ended).isEqualTo(ExitCode.DONE);
        assertThat(Files.size(picture)).isGreaterThan(10_000);
        assertThat(json().get(0).get("cloth").asString()).isEqualTo("muslin");
        assertThat(json().get(0).get("pieces")).hasSize(10);
        assertThat(json().get(0).get("levels").get(0).get("cloth").asDouble()).isBetween(1000.0, 1500.0);
        assertThat(json().get(0).get("noise").get("edges-mm").asDouble()).isPositive();
    }

    @Test
    void bodiceTakenIn_isTight_andEndsWithOne() {
        assertThat(tryOn("bodice-1530", "--alter", "take-in-seam: edge=back.side, atTop=1 in, atBottom=1 in"))
                .isEqualTo(ExitCode.DOES_NOT_FIT);
        assertThat(out.toString()).contains(": tight over ").contains("The waist seam lies");
    }

    @Test
    void surfaces_nameStandAndGarment() throws IOException {
        Path file = folder.resolve("worn.obj");
        tryOn("blouse-1906", "--no-arms", "--own-cloth", "150,42,500,50,400,20", "--out", file.toString());
        assertThat(Files.readString(file))
                .contains("o body")
                .contains("o garment")
                .contains("o sleeves");
    }

    @Test
    void whatCannotBeTriedOn_isSaid() {
        assertThat(tryOn("walking-skirt-1906", "--cloth", "muslin")).isEqualTo(ExitCode.WRONG_INPUT);
        assertThat(tryOn("blouse-1906", "--cloth", "tweed")).isEqualTo(ExitCode.WRONG_INPUT);
        assertThat(err.toString()).contains("\"tweed\" is not among").contains("muslin");
        assertThat(tryOn("blouse-1906", "--arms", "170")).isEqualTo(ExitCode.WRONG_INPUT);
        assertThat(err.toString()).contains("9 to 120 degrees");
        assertThat(tryOn("blouse-1906", "--own-cloth", "150,42")).isEqualTo(ExitCode.WRONG_INPUT);
        assertThat(err.toString()).contains("takes six figures");
        assertThat(tryOn("blouse-1906", "--spacing", "2")).isEqualTo(ExitCode.WRONG_INPUT);
        assertThat(tryOn("petticoat-1778")).isEqualTo(ExitCode.WRONG_INPUT);
        assertThat(err.toString()).doesNotContain("Exception");
    }
}
