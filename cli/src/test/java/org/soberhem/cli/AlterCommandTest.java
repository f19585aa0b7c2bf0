package org.soberhem.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.soberhem.cli.given.ExitCode;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** {@code alterations}, {@code --alter}, paper options and {@code trace}. */
class AlterCommandTest extends CommandTest {

    private int draft(String ending, String... more) throws IOException {
        Path measures = Files.write(
                folder.resolve("m.csv"),
                List.of(
                        "measure,value",
                        "full-bust,36 in",
                        "waist-crease,25 in",
                        "neck-base,14 1/2 in",
                        "nape-to-waist,15 1/2 in",
                        "armscye,15 1/2 in",
                        "shoulder-to-wrist,23 in",
                        "wrist,6 1/4 in",
                        "hand,8 in"));
        List<String> args = new ArrayList<>(List.of(
                "draft",
                "blouse-1906",
                "--measures",
                measures.toString(),
                "--out",
                folder.resolve("out." + ending).toString()));
        args.addAll(List.of(more));
        return run(args.toArray(String[]::new));
    }

    @Test
    void alterations_areListed_allOrByAWord() {
        assertThat(run("alterations", "gusset")).isZero();
        assertThat(out.toString()).contains("underarm-gusset").contains("asks edge, side, degrees");
        assertThat(run("alterations", "--json")).isZero();
        JsonNode all = JsonMapper.builder()
                .build()
                .readTree(out.toString().substring(out.toString().indexOf('[')));
        assertThat(all).hasSizeGreaterThan(50);
        assertThat(run("alterations", "zzz")).isEqualTo(ExitCode.WRONG_INPUT);
    }

    @Test
    void alter_isMadeInOrder_onTheSideThatIsNamed() throws IOException {
        assertThat(draft(
                        "json",
                        "--alter",
                        "two-piece-sleeve: front=3/4 in, hind=1 in",
                        "--alter",
                        "take-in-seam: edge=back.side, atTop=1/2 in, atBottom=1/2 in, sides=left"))
                .isZero();
        JsonNode pieces = JsonMapper.builder()
                .build()
                .readTree(Files.readString(folder.resolve("out.json")))
                .get("pieces");
        List<String> names = new ArrayList<>();
        pieces.forEach(piece -> names.add(piece.get("name").asString()));
        assertThat(names).contains("sleeve", "sleeve/under", "back left", "back right", "front left");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "shape-line: edge=front.side, amounts=bust 1/4 in; waist 1/2 in; bottom 1/2 in",
                "cut-sleeve: piece=sleeve",
                "leave-off: piece=band",
                "add-buttons: kind=button, count=9, first=1/2 in, over=16 in, inside=1/2 in",
                "puff-top: piece=sleeve, amount=2 in, within=2 in",
                "widen-here: piece=back, at=0.5, amounts=top 0; waist 1/2 in; bottom 1/2 in, true=yes",
            })
    void makersMoves_areMade(String typed) throws IOException {
        assertThat(draft("json", "--alter", typed)).as(err.toString()).isZero();
        assertThat(Files.readString(folder.resolve("out.json"))).contains("\"pieces\"");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "gores: x | there is no alteration",
                "take-in-seam: atTop | write name=value",
                "take-in-seam: atTop=banana | atTop",
                "take-in-seam: width=1 in | does not ask for [width]",
                "take-in-seam: edge=back.gone, atTop=1 in | choose another seam",
                "take-in-seam: atTop=1 in, sides=top | both, left or right",
                "fan-spread: cuts=two | must be a number",
                "take-in-seam: atTop=90 in | can be from −4 in to 4 in",
                "lengthen-at-level: atFront=-12 in, atSide=-12 in, atBack=-12 in | the largest that works here is atFront=",
                "shape-line: edge=front.side, amounts=somewhere | must be a place and an amount",
                "shape-line: edge=front.side, amounts=ankle 1/2 in | has no level \"ankle\"",
            })
    void alter_thatCannotBeMade_saysWhy(String typed, String why) throws IOException {
        assertThat(draft("svg", "--alter", typed)).isEqualTo(ExitCode.WRONG_INPUT);
        assertThat(err.toString()).contains(why).doesNotContain("Exception");
    }

    @Test
    void alter_thatTearsASeam_isMadeTrueWhereAsked() throws IOException {
        String moved = "move-point: point=front.F, down=1/2 in";
        assertThat(draft("svg", "--alter", moved)).isEqualTo(ExitCode.WRONG_INPUT);
        assertThat(err.toString()).contains("true=yes does that");
        assertThat(draft("svg", "--alter", moved + ", true=yes")).isZero();
    }

    @Test
    void paper_isARoll_orRefused() throws IOException {
        assertThat(draft(
                        "pdf",
                        "--paper",
                        "roll 36 in",
                        "--square",
                        "98 mm",
                        "--pieces",
                        "front,cuff",
                        "--lines",
                        "cut"))
                .isZero();
        refused("200 mm to 2000 mm", "--paper", "roll 2 in");
        refused("a4, letter, legal, a3 or roll WIDTH", "--paper", "foolscap");
        refused("without fitting to the page", "--square", "5 cm");
        refused("there is no piece \"trousers\"", "--pieces", "trousers");
    }

    private void refused(String said, String... options) throws IOException {
        assertThat(draft("pdf", options)).isEqualTo(ExitCode.WRONG_INPUT);
        assertThat(err.toString()).contains(said);
    }

    @Test
    void trace_makesASheetThatCanBeDrafted() throws IOException {
        assertThat(draft("svg")).isZero();
        String sheet = folder.resolve("again.yaml").toString();
        assertThat(run("trace", folder.resolve("out.svg").toString(), "--out", sheet))
                .isZero();
        assertThat(out.toString()).contains("5 outlines");
        assertThat(run(
                        "draft",
                        sheet,
                        "--measures",
                        folder.resolve("m.csv").toString(),
                        "--out",
                        folder.resolve("again.dxf").toString()))
                .isZero();
        Path odd = Files.writeString(folder.resolve("odd.svg"), "<svg width='10'/>");
        assertThat(run("trace", odd.toString(), "--out", sheet)).isEqualTo(ExitCode.WRONG_INPUT);
        assertThat(err.toString()).contains("does not say how large it is");
    }

    private int check(String sheet, String alteration) throws IOException {
        Path measures = Files.write(
                folder.resolve("b.csv"),
                List.of(
                        "measure,value",
                        "full-bust,36 in",
                        "under-bust,31 in",
                        "waist-crease,27 in",
                        "neck-base,14 in",
                        "nape-to-waist,15 1/2 in",
                        "front-waist-length,16 3/4 in",
                        "scye-depth,8 in",
                        "across-back,13 1/2 in",
                        "across-chest,13 in",
                        "shoulder-length,5 in"));
        return run("check", sheet, "--measures", measures.toString(), "--alter", alteration);
    }

    @Test
    void check_ofALineSewnToAnotherDraft_failsByName_andLeavesSoWhatIsThere() throws IOException {
        assertThat(check("bodice-1530", "sew-to: line=waist, garment=bodice-1530, otherLine=waist"))
                .isZero();
        assertThat(out.toString()).contains("true    waist");
        assertThat(check("bodice-1530", "sew-to: line=waist, garment=bodice-1530, otherLine=neck"))
                .isEqualTo(1);
        assertThat(out.toString()).contains("FAILS   waist").contains("to neck of the bodice-1530");
        assertThat(check("bodice-1530", "leave-so: what=no such thing, why=because"))
                .isEqualTo(2);
        assertThat(err.toString()).contains("No seam, check or question is called");
    }
}
