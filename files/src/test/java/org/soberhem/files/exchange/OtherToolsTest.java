package org.soberhem.files.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Outcome;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.SpreadPiece;
import org.soberhem.library.Library;
import org.soberhem.library.input.FormatException;
import org.soberhem.library.sheet.SheetReader;
import org.soberhem.library.sheet.TracedSheet;

/** Drawings and numbers read back by tools that did not write them: ezdxf, librsvg with poppler, Python's json. */
class OtherToolsTest {

    private static final CompiledSheet SKIRT =
            Library.shipped().sheet("walking-skirt-1906").orElseThrow();
    private static final Draft DRAFT = Drafter.draft(SKIRT, SKIRT.middle());

    /** What is read back is true within a tenth of a millimetre over a metre. */
    private static final double MM = 0.1;

    @TempDir
    private Path folder;

    private String run(String... command) throws Exception {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes());
        assertThat(process.waitFor()).as(said).isZero();
        return said;
    }

    private static boolean has(String... command) {
        try {
            return new ProcessBuilder(command).start().waitFor() == 0;
        } catch (IOException | InterruptedException none) {
            return false;
        }
    }

    private static Map<String, Double> perimeters(Pattern pattern) {
        Map<String, Double> around = new HashMap<>();
        for (SpreadPiece spread : SpreadPiece.of(pattern)) {
            double sum = 0;
            var corners = spread.piece().cuttingLine().corners();
            for (int i = 0; i < corners.size(); i++) {
                sum += corners.get(i).distanceTo(corners.get((i + 1) % corners.size()));
            }
            around.put(spread.name(), sum);
        }
        return around;
    }

    @Test
    void dxf_readByEzdxf_isTrueToSize_onItsLayers() throws Exception {
        assumeTrue(
                has("/usr/bin/python3", "-c", "import ezdxf"), "python3-ezdxf is not installed; ./test.sh installs it");
        Path file = Files.writeString(folder.resolve("skirt.dxf"), PatternDxf.write(DRAFT.pattern()));
        Path script = Files.writeString(folder.resolve("read.py"), """
                import ezdxf, math, sys
                doc = ezdxf.readfile(sys.argv[1])
                print(sorted({e.dxf.layer for e in doc.modelspace()}))
                for e in doc.modelspace().query('POLYLINE[layer=="cut"]'):
                    p = [v.dxf.location for v in e.vertices]
                    print('cut', e.is_closed, sum(math.dist(p[i], p[(i + 1) % len(p)]) for i in range(len(p))))
                """);
        String read = run("/usr/bin/python3", script.toString(), file.toString());
        assertThat(read).startsWith("['cut', 'fold', 'grain', 'notch', 'sew', 'text']");
        List<Double> lengths = read.lines()
                .filter(line -> line.startsWith("cut True "))
                .map(line -> Double.parseDouble(line.substring(9)))
                .toList();
        assertThat(lengths).hasSameSizeAs(perimeters(DRAFT.pattern()).values());
        perimeters(DRAFT.pattern())
                .values()
                .forEach(wanted -> assertThat(lengths)
                        .anySatisfy(length -> assertThat(length).isCloseTo(wanted, within(MM * wanted / 1000))));
    }

    @Test
    void svg_drawnByLibrsvg_isTrueToSize() throws Exception {
        assumeTrue(has("rsvg-convert", "--version"), "librsvg2-bin is not installed; ./test.sh installs it");
        Path file = Files.writeString(folder.resolve("skirt.svg"), PatternSvg.write(DRAFT.pattern()));
        Path pdf = folder.resolve("skirt.pdf");
        run("rsvg-convert", "-f", "pdf", "-o", pdf.toString(), file.toString());
        String info = run("pdfinfo", pdf.toString());
        Matcher size = java.util.regex.Pattern.compile("Page size: +([0-9.]+) x ([0-9.]+) pts")
                .matcher(info);
        assertThat(size.find()).isTrue();
        Box box = Drawing.of(DRAFT.pattern()).box();
        // pdfinfo tells four significant places.
        double width = Double.parseDouble(size.group(1)) / 72 * 25.4;
        assertThat(width).isCloseTo(box.width() + 40, within(0.0003 * width));
    }

    /** Widths at levels and lengths of edges, found from nothing but the places of the seam line. */
    private static final String MEASURE = """
            import json, math, sys
            for p in json.load(open(sys.argv[1]))['pieces']:
                q = p['seam_line']
                n = len(q)
                for e in p['edges']:
                    near = lambda at: min(range(n), key=lambda i: math.dist(q[i], at))
                    i, end, length = near(e['from']), near(e['to']), 0
                    while i != end:
                        length += math.dist(q[i], q[(i + 1) % n])
                        i = (i + 1) % n
                    print('%s.%s=%r' % (p['name'], e['name'], length))
                for level, (a, b) in p['levels'].items():
                    if p['darts'] or abs(a[1] - b[1]) > 1e-6:
                        continue
                    cuts = []
                    for i in range(n):
                        s, t = q[i], q[(i + 1) % n]
                        if (s[1] < a[1]) != (t[1] < a[1]):
                            cuts.append(s[0] + (t[0] - s[0]) * (a[1] - s[1]) / (t[1] - s[1]))
                    cuts.sort()
                    print('%s@%s=%r' % (p['name'], level, sum(cuts[1::2]) - sum(cuts[::2])))
            """;

    /** Common moves on a bodice, a blouse and a skirt; what the application tells of them is what Python finds. */
    @ParameterizedTest
    @CsvSource({
        "bodice-1530, take-in-seam",
        "bodice-1530, raise-neckline",
        "bodice-1530, turn-strap",
        "bodice-1530, strap-length",
        "bodice-1530, shape-line",
        "blouse-1906, widen-piece",
        "blouse-1906, lengthen-at-level",
        "blouse-1906, cut-sleeve",
        "blouse-1906, two-piece-sleeve",
        "blouse-1906, add-interlining",
        "jacket-1911, princess-room",
        "jacket-1911, widen-lap",
        "walking-skirt-1906, raise-waistline",
        "walking-skirt-1906, change-hem"
    })
    void json_afterAMove_girthsAndLengths_areThoseThatPythonFinds(String id, String move) throws Exception {
        assumeTrue(has("/usr/bin/python3", "--version"), "python3 is not installed; ./test.sh installs it");
        CompiledSheet sheet = Library.shipped().sheet(id).orElseThrow();
        Draft draft = Drafter.draft(sheet, sheet.middle());
        AlterationKind kind = Library.shipped().alterations().stream()
                .filter(each -> each.id().equals(move))
                .findFirst()
                .orElseThrow();
        Outcome outcome =
                kind.make(kind.usual(draft.pattern()).orElseThrow(), Sides.BOTH).apply(draft.pattern());
        Pattern altered = outcome.completed()
                .map(whole -> whole.apply(draft.pattern()).pattern())
                .orElse(outcome.pattern());
        assertThat(altered).isNotEqualTo(draft.pattern());
        Path file =
                Files.writeString(folder.resolve("altered.json"), PatternJson.write(sheet, draft, altered, List.of()));
        Path script = Files.writeString(folder.resolve("measure.py"), MEASURE);
        Map<String, Double> found = new HashMap<>();
        run("/usr/bin/python3", script.toString(), file.toString())
                .lines()
                .forEach(line -> found.put(
                        line.substring(0, line.indexOf('=')),
                        Double.parseDouble(line.substring(line.indexOf('=') + 1))));
        int compared = 0;
        for (SpreadPiece spread : SpreadPiece.of(altered)) {
            Piece piece = spread.piece();
            for (Edge edge : piece.edges()) {
                assertThat(found.get(spread.name() + "." + edge.name()))
                        .as("%s %s %s", move, spread.name(), edge.name())
                        .isCloseTo(edge.path().length(), within(MM));
                compared++;
            }
            for (String level : piece.levels().keySet()) {
                Double width = found.get(spread.name() + "@" + level);
                boolean hasOverlap = piece.centreX()
                        .filter(centre -> piece.seamLine().box().minX() < centre - MM)
                        .isPresent();
                if (width != null && !hasOverlap) {
                    assertThat(width)
                            .as("%s %s %s", move, spread.name(), level)
                            .isCloseTo(piece.widthAt(level).orElseThrow(), within(MM));
                    compared++;
                }
            }
        }
        assertThat(compared).isGreaterThan(10);
    }

    @Test
    void json_areas_areThoseThatPythonFinds() throws Exception {
        assumeTrue(has("/usr/bin/python3", "--version"), "python3 is not installed; ./test.sh installs it");
        Path file = Files.writeString(
                folder.resolve("skirt.json"), PatternJson.write(SKIRT, DRAFT, DRAFT.pattern(), List.of()));
        Path script = Files.writeString(folder.resolve("area.py"), """
                import json, sys
                for p in json.load(open(sys.argv[1]))['pieces']:
                    q = p['seam_line']
                    n = len(q)
                    a = sum(q[i][0] * q[(i + 1) % n][1] - q[(i + 1) % n][0] * q[i][1] for i in range(n)) / 2
                    print(p['name'] + '=' + str(a))
                """);
        Map<String, Double> areas = new HashMap<>();
        run("/usr/bin/python3", script.toString(), file.toString())
                .lines()
                .forEach(line -> areas.put(
                        line.substring(0, line.indexOf('=')),
                        Double.parseDouble(line.substring(line.indexOf('=') + 1))));
        for (SpreadPiece spread : SpreadPiece.of(DRAFT.pattern())) {
            double wanted = spread.piece().seamLine().signedArea();
            assertThat(areas.get(spread.name())).isCloseTo(wanted, within(wanted * 1e-6));
        }
    }

    @Test
    void svgOutlines_comeBackAtTheirSize_asASheetThatCanBeDrawn() {
        List<SvgOutlines.Traced> traced = SvgOutlines.read(PatternSvg.write(DRAFT.pattern()), OptionalDouble.empty());
        Map<String, Double> around = perimeters(DRAFT.pattern());
        assertThat(traced).extracting(SvgOutlines.Traced::name).containsExactlyInAnyOrderElementsOf(around.keySet());
        traced.forEach(each -> assertThat(each.path().length()).isCloseTo(around.get(each.name()), within(MM)));
        CompiledSheet sheet = SheetReader.read(TracedSheet.write(
                "skirt-again",
                SvgOutlines.tracing("Skirt \"again\"", traced),
                Library.shipped().landmarks()));
        Pattern drawn = Drafter.draft(sheet, new Inputs(Map.of(), Map.of())).pattern();
        for (SpreadPiece spread : SpreadPiece.of(DRAFT.pattern())) {
            Piece piece = drawn.pieces().stream()
                    .filter(each -> each.name().equals(spread.name()))
                    .findFirst()
                    .orElseThrow();
            double wanted = Math.abs(spread.piece().cuttingLine().signedArea());
            assertThat(piece.seamLine().signedArea()).isCloseTo(wanted, within(wanted * 0.001));
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "<svg xmlns='x' width='100mm' viewBox='0 0 100 50'><g transform='translate(5,5) scale(2)'><rect width='10' height='20'/></g></svg> | 120",
                "<svg xmlns='x' width='10in' viewBox='0 0 960 50'><polygon points='0,0 96,0 96,96'/></svg> | 86.7",
                "<svg xmlns='x' width='10cm'><path d='M0 0h10v10h-10z M20 20q5 5 0 10z'/></svg> | 400",
            })
    void svg_ofOtherDrawers_isRead(String svg, double around) {
        List<SvgOutlines.Traced> traced = SvgOutlines.read(svg, OptionalDouble.empty());
        assertThat(traced.get(0).path().length()).isCloseTo(around, within(0.05));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "hello | This is not an SVG drawing",
                "<html/> | begins with <html>",
                "<svg xmlns='x' width='100' viewBox='0 0 1 1'><rect width='1' height='1'/></svg> | does not say how large",
                "<svg xmlns='x' width='1mm' viewBox='0 0 1 1'><path d='M0 0L1 1'/></svg> | no closed outline",
                "<svg xmlns='x' width='1mm' viewBox='0 0 1 1'><path d='M0 0 banana'/></svg> | cannot be read",
                "<svg xmlns='x' width='1mm'><g transform='wobble(3)'><path d='M0 0h1v1z'/></g></svg> | transform",
                "<!DOCTYPE svg SYSTEM 'file:///etc/passwd'><svg xmlns='x' width='1mm'/> | no closed outline",
            })
    void svg_thatCannotBeTaken_saysWhy(String svg, String why) {
        assertThatThrownBy(() -> SvgOutlines.read(svg, OptionalDouble.empty()))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining(why);
    }

    @Test
    void svg_ofTooMuch_isRefused() {
        StringBuilder many = new StringBuilder("<svg xmlns='x' width='1mm' viewBox='0 0 1 1'>");
        for (int i = 0; i < 201; i++) {
            many.append("<rect width='1' height='1'/>");
        }
        assertThatThrownBy(() -> SvgOutlines.read(many + "</svg>", OptionalDouble.empty()))
                .hasMessageContaining("200");
        String deep = "<g>".repeat(60) + "</g>".repeat(60);
        assertThatThrownBy(() -> SvgOutlines.read(
                        "<svg xmlns='x' width='1mm' viewBox='0 0 1 1'>" + deep + "</svg>", OptionalDouble.empty()))
                .hasMessageContaining("ungroup");
    }
}
