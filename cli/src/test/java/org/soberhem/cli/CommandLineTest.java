package org.soberhem.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.soberhem.core.alter.AmountsEntry;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.files.store.Workspace;
import org.soberhem.library.Library;
import tools.jackson.databind.json.JsonMapper;

class CommandLineTest {

    @TempDir
    Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();
    private final List<Path> tours = new ArrayList<>();

    private int run(String... args) {
        return SoberHem.execute(args, new PrintWriter(out), new PrintWriter(err), tours::add);
    }

    private String middle() throws IOException {
        return measures(
                "full-bust,36 in",
                "waist-crease,24 in",
                "neck-base,14 1/4 in",
                "nape-to-waist,15 1/2 in",
                "armscye,15 in",
                "shoulder-to-wrist,23 in",
                "wrist,6 1/2 in",
                "hand,8 1/2 in");
    }

    private String measures(String... lines) throws IOException {
        return Files.write(folder.resolve("measures.csv"), List.of(lines)).toString();
    }

    @Test
    void drafts_andMeasures_listTheLibrary() {
        assertThat(run("drafts")).isZero();
        assertThat(run("measures")).isZero();
        assertThat(out.toString()).contains("blouse-1906", "walking-skirt-1906", "waist-crease");
    }

    @ParameterizedTest
    @ValueSource(strings = {"drafts", "measures"})
    void lists_asJson_canBeRead(String command) {
        assertThat(run(command, "--json")).isZero();
        assertThat(JsonMapper.builder().build().readTree(out.toString()).size()).isGreaterThan(1);
    }

    @ParameterizedTest
    @CsvSource({"b.json, {", "b.svg, <?xml", "b.csv, 'piece,point'", "b.pdf, %PDF"})
    void draft_writesByTheEnding(String name, String beginning) throws IOException {
        Path file = folder.resolve(name);
        assertThat(run("draft", "blouse-1906", "--measures", middle(), "--out", file.toString()))
                .isZero();
        assertThat(new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1))
                .startsWith(beginning);
        assertThat(err.toString()).isEmpty();
    }

    @Test
    void draft_failedChecks_areNamedButItIsDrawn() throws IOException {
        String measures = measures("full-bust,46 in", "waist-crease,38 in", "nape-to-waist,15 in");
        Path file = folder.resolve("b.json");
        assertThat(run("draft", "blouse-1906", "--measures", measures, "--out", file.toString()))
                .isZero();
        assertThat(err.toString()).contains("check: Back length is");
        assertThat(file).exists();
    }

    @Test
    void check_saysWhetherItFits() throws IOException {
        assertThat(run("check", "blouse-1906", "--measures", middle())).isZero();
        assertThat(run("check", "blouse-1906", "--measures", measures("full-bust,46 in")))
                .isEqualTo(1);
        assertThat(out.toString()).contains("true    back side to front side", "FAILS");
    }

    /** The bathing suit must come off at the lavatory, and fastens behind. */
    @Test
    void s2_needsAreChecked_andSettledWithAWord() throws IOException {
        List<String> all =
                new ArrayList<>(List.of("check", "bathing-suit-1957", "--measures", suit(), "--needs", "lavatory"));
        assertThat(run(all.toArray(String[]::new))).isEqualTo(1);
        assertThat(out.toString())
                .contains("FAILS   The wearer must use the lavatory dressed", "a separate lower part");
        all.addAll(List.of("--alter", "leave-so: what=use the lavatory dressed, why=a short swim"));
        out.getBuffer().setLength(0);
        run(all.toArray(String[]::new));
        assertThat(out.toString())
                .contains("settled The wearer must use the lavatory dressed", "(left so: a short swim)");
        assertThat(run("check", "bathing-suit-1957", "--measures", suit(), "--needs", "flying"))
                .isEqualTo(2);
        assertThat(err.toString()).contains("--needs must be alone, lavatory or nursing: \"flying\"");
    }

    /** The middle body of the suit's sheet. */
    private String suit() throws IOException {
        List<String> lines = new ArrayList<>(List.of("measure,value"));
        Library.shipped()
                .sheet("bathing-suit-1957")
                .orElseThrow()
                .middle()
                .measures()
                .forEach((id, value) -> lines.add(id + "," + value.left() + " mm"));
        return Files.write(folder.resolve("suit.csv"), lines).toString();
    }

    /** A shirt of seven rectangles: every one with its size comes first, and no edge of a plain rectangle is drawn. */
    @Test
    void w4_theWalkOfAShirt_beginsWithItsRectangles() throws IOException {
        List<String> lines = new ArrayList<>(List.of("measure,value"));
        Library.shipped()
                .sheet("shirt-1780")
                .orElseThrow()
                .middle()
                .measures()
                .forEach((id, value) -> lines.add(id + "," + value.left() + " mm"));
        String body = Files.write(folder.resolve("shirt.csv"), lines).toString();
        assertThat(run("walk", "shirt-1780", "--measures", body)).isZero();
        List<String> walk = out.toString().lines().toList();
        for (String piece : List.of("body", "sleeve", "gusset", "neck gusset", "shoulder strip", "collar", "cuff")) {
            assertThat(walk.subList(0, 7))
                    .as(piece)
                    .anySatisfy(line -> assertThat(line).contains("first: " + piece + ": ", " finished, cut "));
        }
        assertThat(walk).hasSizeLessThan(80).noneMatch(line -> line.contains("gusset: draw"));
    }

    /** What a size leaves over is told as an alteration that can be given as it stands. */
    @Test
    void t4_size_tellsWhatDecides_andWhatIsThenAltered() throws IOException {
        String body = measures("full-bust,36 in", "waist-crease,31 in", "full-hip,38 1/2 in");
        assertThat(run("size", "--measures", body, "--garment", "top or jacket"))
                .isZero();
        assertThat(out.toString()).contains("by it alone size", "Take 92, by Full bust; then give 1⅛ in at Waist");
        String amounts = out.toString()
                .lines()
                .filter(line -> line.startsWith("At the side seams"))
                .map(line -> line.substring(line.indexOf("amounts=") + 8, line.lastIndexOf('"')))
                .findFirst()
                .orElseThrow();
        assertThat(AmountsEntry.parse(amounts.replace(';', ','), LengthUnit.INCH)
                        .places())
                .hasSize(3);
        assertThat(run("size", "--measures", body, "--garment", "skirt", "--by", "waist"))
                .isZero();
        assertThat(out.toString()).contains("by Waist, side-bend crease");
        assertThat(run("size", "--measures", body, "--garment", "skirt", "--by", "neck"))
                .isEqualTo(2);
        assertThat(err.toString()).contains("\"neck\" may be neck-base");
    }

    @Test
    void check_settingsCount() throws IOException {
        assertThat(run("check", "blouse-1906", "--measures", middle(), "--set", "lap=1 1/4 in"))
                .isZero();
        assertThat(run("check", "blouse-1906", "--measures", middle(), "--set", "lap=1 1/2 in"))
                .isZero();
        assertThat(out.toString()).contains("asks    Overlap is 1½ in: ½ in to 1¼ in is usual");
        assertThat(run("check", "blouse-1906", "--measures", middle(), "--set", "lap=500 in"))
                .isEqualTo(2);
        assertThat(err.toString()).contains("Overlap can be 0 in to");
    }

    @Test
    void ruler_isPrintedForAnyMeasurement() {
        Path file = folder.resolve("ruler.pdf");
        assertThat(run("ruler", "--unit", "bust / 36", "--bust", "38 1/2 in", "--out", file.toString()))
                .isZero();
        assertThat(out.toString()).contains("1 unit = 27.164 mm");
        assertThat(file).isNotEmptyFile();
    }

    @Test
    void verify_soundWorkspace_isCopied() {
        Path home = folder.resolve("workspace");
        Workspace.open(home, Clock.systemUTC()).close();
        assertThat(run("verify", "--workspace", home.toString())).isZero();
        assertThat(out.toString()).contains("is sound");
        assertThat(home.resolve("backups")).isNotEmptyDirectory();
    }

    @Test
    void tour_getsItsFolder() {
        assertThat(run("tour", "--out", folder.toString())).isZero();
        assertThat(tours).containsExactly(folder);
    }

    @Test
    void wrongInput_isOneClearLine_andExitCodeTwo() throws IOException {
        String measures = middle();
        Path broken = Files.writeString(folder.resolve("sheet.yaml"), "draft: x\npieces: [\n");
        List<List<String>> wrong = List.of(
                List.of("draft", "blouse-1806", "--measures", measures, "--out", "x.json"),
                List.of("draft", "blouse-1906", "--measures", "nowhere.csv", "--out", "x.json"),
                List.of("draft", "blouse-1906", "--measures", measures, "--out", folder + "/x.doc"),
                List.of("draft", "blouse-1906", "--measures", measures, "--out", folder + "/none/x.json"),
                List.of("draft", "blouse-1906", "--measures", measures, "--out", folder + "/x.pdf", "--paper", "a9"),
                List.of("draft", broken.toString(), "--measures", measures, "--out", folder + "/x.json"),
                List.of("draft", "blouse-1906", "--out", "x.json"),
                List.of("ruler", "--unit", "bost / 36", "--bust", "38 in", "--out", folder + "/r.pdf"),
                List.of("ruler", "--unit", "bust / 36", "--bust", "38 3/0 in", "--out", folder + "/r.pdf"),
                List.of("ruler", "--unit", "bust - bust", "--bust", "38 in", "--out", folder + "/r.pdf"),
                List.of("ruler", "--unit", "bust * 2", "--bust", "38 in", "--out", folder + "/r.pdf"),
                List.of("verify", "--workspace", folder + "/none"),
                List.of("mend"));
        List<String> words = List.of(
                "neither a shipped draft",
                "there is no such file",
                "must end in .pdf, .svg, .dxf, .csv or .json",
                "the folder does not exist",
                "--paper must be a4, letter, legal, a3 or roll WIDTH",
                "sheet.yaml, line 3",
                "--measures",
                "\"bost\" is not known here",
                "nothing under its stroke",
                "--unit must be more than nothing",
                "One unit must fit on the paper",
                "there is no workspace",
                "mend");
        for (int i = 0; i < wrong.size(); i++) {
            err.getBuffer().setLength(0);
            assertThat(run(wrong.get(i).toArray(String[]::new)))
                    .as("%s", wrong.get(i))
                    .isEqualTo(2);
            assertThat(err.toString().strip().lines()).as(err.toString()).hasSize(1);
            assertThat(err.toString()).startsWith("sober-hem: ").contains(words.get(i));
        }
    }

    @Test
    void w3_everyCommand_tellsItsOptions_whateverElseIsMissing() {
        assertThat(run("--help")).isZero();
        assertThat(out.toString()).contains("--demo", "--workspace=FOLDER", "verify", "draft");
        for (String command : SoberHem.commands()) {
            assertThat(run(command, "--help")).as(command).isZero();
            assertThat(out.toString()).as(command).contains("Usage: sober-hem " + command);
            assertThat(err.toString()).as(command).isEmpty();
        }
    }

    @Test
    void whatIsMixedUp_isOneLine() {
        assertThat(run("--demo", "--workspace=x")).isEqualTo(2);
        assertThat(err.toString()).contains("take either --demo or --workspace");
    }

    /** Unpacked, it would fill the memory many times over. */
    @Test
    void aBundleThatUnpacksToHundredsOfMegabytes_isRefusedInOneLine() throws IOException {
        Path zip = folder.resolve("bomb.zip");
        try (ZipOutputStream bomb = new ZipOutputStream(Files.newOutputStream(zip))) {
            bomb.putNextEntry(new ZipEntry("manifest.json"));
            bomb.write("{\"sober-hem-bundle\": 1}".getBytes(StandardCharsets.UTF_8));
            bomb.closeEntry();
            bomb.putNextEntry(new ZipEntry("costume.json"));
            byte[] blanks = new byte[1 << 20];
            Arrays.fill(blanks, (byte) ' ');
            for (int i = 0; i < 400; i++) {
                bomb.write(blanks);
            }
            bomb.closeEntry();
        }
        assertThat(Files.size(zip)).isLessThan(500_000);
        assertThat(run(
                        "import",
                        zip.toString(),
                        "--workspace",
                        folder.resolve("w").toString()))
                .isEqualTo(2);
        assertThat(err.toString().lines()).hasSize(1);
        assertThat(err.toString()).startsWith("sober-hem: ").contains("too large at \"costume.json\"");
    }

    @Test
    void endlessNesting_isRefusedInOneLine() throws IOException {
        for (String open : List.of("[", "{\"a\":", "- ", "{a: ")) {
            for (String command : List.of("check", "lay")) {
                Path deep = Files.writeString(folder.resolve("deep.json"), open.repeat(200_000));
                List<String> line = command.equals("lay")
                        ? List.of("lay", deep.toString(), "--width", "150 cm", "--out", folder + "/x.svg")
                        : List.of("check", deep.toString(), "--measures", measures("waist,27"));
                err.getBuffer().setLength(0);
                assertThat(run(line.toArray(String[]::new))).as(open + command).isEqualTo(2);
                assertThat(err.toString().strip().lines()).as(err.toString()).hasSize(1);
            }
        }
    }

    @Test
    void doubts_areAskedWithWaysOut_andNothingIsAskedOfAnOrdinaryWearer() throws IOException {
        String odd = measures("waist,38", "hip,27", "bust,36", "thigh,22", "upper arm,11", "wrist,16");
        assertThat(run("doubts", odd)).isEqualTo(1);
        assertThat(out.toString()).contains("exchanged", "It was cm: 6¼ in");
        assertThat(run("doubts", odd, "--json")).isEqualTo(1);
        assertThat(run("doubts", odd, "--age", "grown")).isEqualTo(2);
        assertThat(err.toString()).contains("--age must be infant, toddler, child or adult");
        assertThat(run("doubts", measures("waist,28", "hip,39", "wrist,6 1/4"))).isZero();
    }

    @Test
    void layers_listed_inDressingOrder_andAsACard() throws IOException {
        assertThat(run("layers")).isZero();
        assertThat(out.toString()).contains("blouse-1906", "woman-1861");
        Path card = folder.resolve("card.pdf");
        assertThat(run("layers", "woman-1861", "--card", card.toString())).isZero();
        assertThat(out.toString()).contains("1. Chemise", "Round cage crinoline");
        assertThat(new String(Files.readAllBytes(card), StandardCharsets.ISO_8859_1))
                .startsWith("%PDF");
        assertThat(run("layers", "woman-2061")).isEqualTo(2);
        assertThat(run("layers", "--card", "x.pdf")).isEqualTo(2);
        assertThat(err.toString()).contains("\"woman-2061\" is not a stack of layers");
    }

    @Test
    void estimate_marksWhatIsNotMeasured() throws IOException {
        String bare = measures("waist,28", "full-bust,36", "wrist,6 1/4");
        assertThat(run("estimate", bare, "--worn", "blouse-1906")).isZero();
        assertThat(out.toString())
                .containsPattern("waist-crease +28 in +an estimate, not a measurement")
                .containsPattern("full-bust +36 in +measure again: nobody has said")
                .containsPattern("wrist +6¼ in +counts");
        assertThat(run("estimate", bare, "--worn", "nothing")).isEqualTo(2);
    }

    @Test
    void sheet_plansTheWalk_andPrintsIt() throws IOException {
        Path pdf = folder.resolve("sheet.pdf");
        assertThat(run("sheet", "--for", "walking-skirt-1906", "--out", pdf.toString()))
                .isZero();
        assertThat(out.toString()).contains("the ribbon first", "behind the wearer: Waist to floor, back");
        assertThat(new String(Files.readAllBytes(pdf), StandardCharsets.ISO_8859_1))
                .startsWith("%PDF");
        assertThat(run("sheet", "--age", "infant")).isZero();
        assertThat(run("sheet", "--for", "toga")).isEqualTo(2);
        assertThat(err.toString()).contains("\"toga\" is not a shipped draft");
    }

    @Test
    void size_byTheGoverningMeasure_beyondTheChartDoesNotFit() throws IOException {
        assertThat(run("size", "--measures", measures("full-bust,36"), "--garment", "top or jacket"))
                .isZero();
        assertThat(out.toString()).contains("Size 92 by Full bust");
        assertThat(run("size", "--measures", measures("full-bust,60"), "--garment", "top or jacket"))
                .isEqualTo(1);
        assertThat(run("size", "--measures", measures("head,22"), "--garment", "skirt"))
                .isEqualTo(2);
        assertThat(run("size", "--measures", measures("head,22"), "--garment", "toga"))
                .isEqualTo(2);
        assertThat(err.toString()).contains("share none of", "--garment must be one of");
        Path chart = Files.writeString(folder.resolve("chart.csv"), "size,waist\nA,26\nB,29\n");
        assertThat(run(
                        "size",
                        "--measures",
                        measures("waist,28"),
                        "--garment",
                        "skirt",
                        "--chart",
                        chart.toString(),
                        "--json"))
                .isZero();
        assertThat(out.toString()).contains("\"size\" : \"B\"");
    }

    @Test
    void tape_wrongOptions_areExplained() {
        assertThat(run("tape", "--port", "70000")).isEqualTo(2);
        assertThat(run("tape", "--manner", "drunk")).isEqualTo(2);
        assertThat(err.toString()).contains("--port must be 0 to 65535", "--manner must be steady, noisy, dropping");
    }

    @Test
    void walk_saysEachStep_andPrintsTheCard() throws IOException {
        Path card = folder.resolve("card.pdf");
        assertThat(run("walk", "blouse-1906", "--measures", middle(), "--out", card.toString()))
                .isZero();
        assertThat(out.toString())
                .contains("1. front: A: along the base line 3⅝ (3⅝ in)")
                .contains("draw the neck from A to B in a curve into the corner P");
        assertThat(card).isNotEmptyFile();
        assertThat(run("walk", "blouse-1906", "--measures", middle(), "--cm", "--json"))
                .isZero();
    }

    @Test
    void compare_tellsWhatAnotherLawOrWearerChanges() throws IOException {
        String large = middle();
        Path larger = folder.resolve("larger.csv");
        Files.writeString(larger, Files.readString(Path.of(large)).replace("full-bust,36 in", "full-bust,44 in"));
        assertThat(run("compare", "blouse-1906", "--measures", middle(), "--with", larger.toString()))
                .isZero();
        assertThat(out.toString()).contains("bust girth more by 9 in");
        assertThat(run("compare", "blouse-1906", "--measures", larger.toString(), "--then", "law=thirds-plus"))
                .isZero();
        assertThat(out.toString()).contains("bust girth less by 3 in");
        assertThat(run("compare", "blouse-1906", "--measures", middle())).isEqualTo(2);
        assertThat(run("compare", "blouse-1906", "--measures", middle(), "--then", "law=golden"))
                .isEqualTo(2);
        assertThat(err.toString()).contains("say what is otherwise", "\"golden\" is not among the ways");
    }

    @Test
    void ruler_betweenMeasuredRulers_tellsHowFarEachIsOff() {
        String file = folder.resolve("ruler.pdf").toString();
        String[] good = {
            "ruler",
            "--measured",
            "34 in=10=9 1/2 in",
            "--measured",
            "38 in=10=10 1/2 in",
            "--measured",
            "42 in=10=11 5/8 in",
            "--bust",
            "36",
            "--out",
            file
        };
        assertThat(run(good)).isZero();
        assertThat(out.toString()).contains("marked 38 in: -", "1 unit = 25.4 mm");
        assertThat(run("ruler", "--measured", "34 in=ten=9 in", "--bust", "36", "--out", file))
                .isEqualTo(2);
        assertThat(run(
                        "ruler",
                        "--measured",
                        "38 in=10=9 in",
                        "--measured",
                        "34 in=10=10 in",
                        "--bust",
                        "36",
                        "--out",
                        file))
                .isEqualTo(2);
        assertThat(run("ruler", "--bust", "36", "--out", file)).isEqualTo(2);
        assertThat(err.toString()).contains("is written like", "Marks and units must rise", "either --unit FORMULA");
    }

    @Test
    void check_tellsWhatOneMeasurementCannotKnow() throws IOException {
        String file = middle();
        Files.writeString(
                Path.of(file),
                Files.readString(Path.of(file)).replace("nape-to-waist,15 1/2 in", "nape-to-waist,17 in"));
        run("check", "blouse-1906", "--measures", file);
        assertThat(out.toString())
                .contains(
                        "assumes At a bust of 36 in the scale draws for a back length of 15½ in; the tape says 17 in, 1½ in more");
    }
}
