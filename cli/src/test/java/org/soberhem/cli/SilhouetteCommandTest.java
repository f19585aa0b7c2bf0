package org.soberhem.cli;

import static org.assertj.core.api.Assertions.assertThat;

import de.javagl.jgltf.model.AccessorFloatData;
import de.javagl.jgltf.model.io.GltfModelReader;
import de.javagl.obj.Obj;
import de.javagl.obj.ObjReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.soberhem.cli.given.ExitCode;
import tools.jackson.databind.JsonNode;

/** {@code silhouettes}, {@code figure} and {@code verdict}. */
class SilhouetteCommandTest extends CommandTest {

    private Path measures;

    @BeforeEach
    void measure() throws IOException {
        measures = Files.write(
                folder.resolve("m.csv"),
                List.of(
                        "measure,value",
                        "waist-crease,25 in",
                        "full-hip,38 in",
                        "waist-to-floor-front,40 in",
                        "waist-to-floor-back,40 1/2 in",
                        "waist-to-floor-left,40 1/4 in",
                        "waist-to-floor-right,40 1/4 in",
                        "height,65 in"));
    }

    private int skirt(String command, String... more) {
        List<String> args = new ArrayList<>(List.of(
                command, "skirt-1845", "--measures", measures.toString(), "--over", "woman-1861", "--year", "1860"));
        args.addAll(List.of(more));
        return run(args.toArray(String[]::new));
    }

    @Test
    void silhouettes_areListed_andTheRulesOfOne() {
        assertThat(run("silhouettes")).isZero();
        assertThat(out.toString()).contains("w-1860-round-cage").contains("1300");
        assertThat(run("silhouettes", "w-1860-round-cage", "--json")).isZero();
        assertThat(json()).hasSizeGreaterThan(8);
        assertThat(json().get(0).get("band")).hasSize(2);
        assertThat(run("silhouettes", "--quantities")).isZero();
        assertThat(out.toString()).contains("skirt-hem-girth  mm  Hem girth");
        assertThat(run("silhouettes", "w-1999")).isEqualTo(ExitCode.WRONG_INPUT);
        assertThat(err.toString()).contains("neither a shipped silhouette").doesNotContain("Exception");
    }

    @Test
    void verdict_saysWhatIsNotMet_byHowMuch_andExitsWithOne() {
        assertThat(skirt("verdict")).isEqualTo(1);
        assertThat(out.toString())
                .contains("Round cage, natural waist")
                .contains("Hem girth is 140 in: 37⅛ in too little (usual 177⅛ in to 236¼ in). Add panels: 37⅛ in.");
        assertThat(skirt("verdict", "--set", "widths=six", "--json")).isZero();
        JsonNode hem = null;
        for (JsonNode each : json()) {
            hem = each.get("rule").asString().equals("c60-hem-girth") ? each : hem;
        }
        assertThat(hem.get("grade").asString()).isEqualTo("met");
        assertThat(hem.get("value").asDouble()).isGreaterThan(5000);
        assertThat(hem.get("origin").asString()).contains("length(front.hem)");
    }

    @Test
    void figure_isDrawnAsSvg_photographedAsPng_andToldAsNumbers() throws IOException {
        Path svg = folder.resolve("f.svg");
        assertThat(skirt("figure", "--view", "side", "--out", svg.toString(), "--json"))
                .isZero();
        assertThat(json().get(0).get("skirt-depth-over-breadth").asDouble()).isBetween(0.8, 1.3);
        assertThat(Files.readString(svg))
                .contains("class=\"skirt tone-0\"")
                .contains("class=\"outline\"")
                .contains(">waist ");
        Path png = folder.resolve("f.png");
        assertThat(skirt("figure", "--casual", "--out", png.toString())).isZero();
        assertThat(ImageIO.read(png.toFile()).getHeight()).isEqualTo(1200);
    }

    /** Read back by other libraries: jgltf for binary glTF, javagl's for OBJ. */
    @Test
    void figure_isWrittenAsSurfaces_thatOtherLibrariesRead() throws IOException {
        Path glb = folder.resolve("f.glb");
        assertThat(skirt("figure", "--out", glb.toString())).isZero();
        var model = new GltfModelReader().read(glb.toUri());
        assertThat(model.getNodeModels())
                .extracting(node -> node.getName())
                .contains("body", "left arm", "skirt", "tape full-hip", "tape height");
        var skirt = model.getMeshModels().stream()
                .filter(mesh -> mesh.getName().equals("skirt"))
                .findFirst()
                .orElseThrow();
        var places = (AccessorFloatData) skirt.getMeshPrimitiveModels()
                .get(0)
                .getAttributes()
                .get("POSITION")
                .getAccessorData();
        assertThat(places.getNumElements()).isGreaterThan(1000);
        assertThat((double) places.computeMax()[1]).isBetween(0.8, 1.3);
        Path obj = folder.resolve("f.obj");
        assertThat(skirt("figure", "--bare", "--out", obj.toString())).isZero();
        Obj read = ObjReader.read(Files.newInputStream(obj));
        assertThat(read.getNumFaces()).isGreaterThan(30000);
        assertThat(Files.readString(obj))
                .contains("o body")
                .contains("o tape-waist-crease")
                .doesNotContain("o skirt");
    }

    @Test
    void figure_liftsAndBendsItsArms_orRefusesInWords() throws IOException {
        Path svg = folder.resolve("arms.svg");
        assertThat(skirt("figure", "--bare", "--out", svg.toString())).isZero();
        double hanging = width(svg);
        assertThat(skirt("figure", "--bare", "--arms", "80", "--out", svg.toString()))
                .isZero();
        assertThat(width(svg)).isGreaterThan(hanging + 600);
        assertThat(skirt("figure", "--bare", "--arms", "400", "--out", svg.toString()))
                .isEqualTo(ExitCode.WRONG_INPUT);
        assertThat(err.toString()).contains("arms rise from 0 to 170 degrees");
    }

    private static double width(Path svg) throws IOException {
        String box = Files.readString(svg).split("viewBox=\"")[1].split("\"")[0];
        return Double.parseDouble(box.split(" ")[2]);
    }

    @Test
    void figure_tellsWhatItsStandMisses_andDrawsItFromAllSides() throws IOException {
        Path png = folder.resolve("all.png");
        assertThat(skirt("figure", "--view", "all", "--out", png.toString(), "--json"))
                .isZero();
        JsonNode stand = json().get(0).get("stand");
        assertThat(stand.get("residuals").get(0).get("measure").asString()).isNotBlank();
        assertThat(stand.get("litres").asDouble()).isBetween(35.0, 130.0);
        // Clothes are drawn on the body, never far within it.
        JsonNode clear = json().get(0).get("clear-of-the-stand");
        assertThat(clear.get("skirt").asDouble()).isBetween(-12.0, 15.0);
        var picture = ImageIO.read(png.toFile());
        assertThat(picture.getWidth()).isGreaterThan(picture.getHeight());
    }

    @Test
    void ownSilhouette_isReadFromAFile_orRefusedWithItsLine() throws IOException {
        Path own = folder.resolve("own.yaml");
        try (var in = getClass().getResourceAsStream("/library/silhouettes/w-1860-round-cage.yaml")) {
            Files.write(own, in.readAllBytes());
        }
        String text = Files.readString(own)
                .replaceFirst("silhouette: .*", "silhouette: mine")
                .replace("band: [4500, 6000]", "band: [3000, 4000]")
                .replace("rim: [3900, 6800]", "rim: [2800, 4400]");
        Files.writeString(own, text);
        skirt("verdict", "--silhouette", own.toString());
        assertThat(out.toString()).contains("met                  Hem girth is 140 in");
        Files.writeString(own, text.replace("judged: paper", "judged: papyrus"));
        assertThat(skirt("verdict", "--silhouette", own.toString())).isEqualTo(ExitCode.WRONG_INPUT);
        assertThat(err.toString()).contains("own.yaml, line ").contains("papyrus");
    }

    @Test
    void wrongInput_isOneClearLine() {
        assertThat(skirt("figure", "--out", "f.gif")).isEqualTo(ExitCode.WRONG_INPUT);
        assertThat(err.toString().strip().lines()).hasSize(1).first().asString().contains(".svg, .png, .obj or .glb");
        assertThat(skirt("figure", "--view", "above", "--out", "f.svg")).isEqualTo(ExitCode.WRONG_INPUT);
        assertThat(err.toString()).contains("front, side, back or quarter");
        assertThat(run("verdict", "blouse-1906", "--measures", measures.toString(), "--year", "1906"))
                .isEqualTo(ExitCode.WRONG_INPUT);
        assertThat(err.toString()).contains("blouse-1906: ");
        assertThat(skirt("verdict", "--worn", "nothing-known")).isEqualTo(ExitCode.WRONG_INPUT);
    }
}
