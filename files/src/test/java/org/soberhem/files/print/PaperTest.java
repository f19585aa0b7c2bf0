package org.soberhem.files.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.library.Library;

/**
 * Reads printed pages back with poppler's tools, not with the library that wrote them. The inch is 25.4 mm exactly
 * (international yard and pound agreement, 1959).
 */
class PaperTest {

    private static final double MM = 0.02;
    private static final double POINTS = 72 / 25.4;

    @TempDir
    Path folder;

    private static PrintJob job() {
        var sheet = Library.shipped().sheet("blouse-1906").orElseThrow();
        return new PrintJob(
                "Harbour office secretary ⅝",
                "Blouse",
                "version 2",
                LocalDate.of(2026, 5, 14),
                LengthFormat.INCH_EIGHTHS,
                Drafter.draft(sheet, sheet.middle()).pattern());
    }

    private String poppler(byte[] pdf, String... command) throws IOException, InterruptedException {
        return Poppler.run(folder, pdf, command);
    }

    /** Returns the side lengths, in millimetres, of every closed polygon of a page. */
    private static List<List<Double>> sides(String svg) {
        List<List<Double>> polygons = new ArrayList<>();
        Matcher path = Pattern.compile(" d=\"([^\"]*)\"").matcher(svg);
        while (path.find()) {
            List<Double> lengths = new ArrayList<>();
            double[] before = null;
            double[] start = null;
            Matcher step = Pattern.compile("([MLCZ])([^MLCZ]*)").matcher(path.group(1));
            while (step.find()) {
                String[] numbers = step.group(2).strip().split("[ ,]+");
                double[] at = numbers.length < 2
                        ? start
                        : new double[] {
                            Double.parseDouble(numbers[numbers.length - 2]),
                            Double.parseDouble(numbers[numbers.length - 1])
                        };
                if (before != null && at != null) {
                    lengths.add(Math.hypot(at[0] - before[0], at[1] - before[1]) / POINTS);
                }
                start = "M".equals(step.group(1)) ? at : start;
                before = at;
            }
            polygons.add(lengths);
        }
        return polygons;
    }

    @Test
    void testSquares_areReadBackAtTheirTrueSize() throws Exception {
        String svg = poppler(PatternPdf.write(job(), PaperSize.A4), "pdftocairo", "-svg", "-f", "1", "-l", "1");
        List<List<Double>> polygons = sides(svg);
        assertThat(polygons).anySatisfy(square -> allSides(square, 100));
        assertThat(polygons).anySatisfy(square -> allSides(square, 4 * 25.4));
    }

    private static void allSides(List<Double> square, double side) {
        assertThat(square).hasSizeGreaterThanOrEqualTo(4);
        square.subList(0, 4).forEach(length -> assertThat(length).isCloseTo(side, within(MM)));
    }

    @Test
    void cuttingLine_isReadBackAtItsTrueLength() throws Exception {
        PrintJob job = job();
        PatternPdf.Pages cuff = PatternPdf.pages(job, PaperSize.A3).stream()
                .filter(pages -> pages.spread().name().equals("cuff"))
                .findFirst()
                .orElseThrow();
        assertThat(cuff.tiling().pages()).isEqualTo(1);
        int page = 3;
        for (PatternPdf.Pages pages : PatternPdf.pages(job, PaperSize.A3)) {
            if (pages.spread().name().equals("cuff")) {
                break;
            }
            page += pages.tiles().size();
        }
        String number = String.valueOf(page);
        String svg = poppler(PatternPdf.write(job, PaperSize.A3), "pdftocairo", "-svg", "-f", number, "-l", number);
        Box box = cuff.spread().piece().cuttingLine().box();
        double around = 2 * (box.width() + box.height());
        assertThat(sides(svg))
                .anySatisfy(outline -> assertThat(outline.stream()
                                .mapToDouble(Double::doubleValue)
                                .sum())
                        .isCloseTo(around, within(0.1)));
    }

    @Test
    void labels_sayCostumePieceCutAllowanceVersionAndDate() throws Exception {
        String text = poppler(PatternPdf.write(job(), PaperSize.LETTER), "pdftotext", "-layout");
        assertThat(text.replace("ﬁ", "fi"))
                .contains("Harbour office secretary ⅝, Blouse")
                .contains("cut 2 outer, half of them mirrored")
                .contains("seam allowance included: ½ in")
                .contains("version 2, 2026-05-14")
                .contains("page A1 of")
                .contains("10 cm")
                .contains("4 in");
    }

    @Test
    void labels_withLettersTheFontLacks_arePrintedAllTheSame() {
        PrintJob job = job();
        PrintJob odd = new PrintJob("衣装", job.garment(), job.version(), job.date(), job.format(), job.pattern());
        assertThat(PatternPdf.write(odd, PaperSize.A4)).isNotEmpty();
    }

    @Test
    void tiles_coverTheDrawingAndOverlap() {
        Box box = new Box(-20, 5, 480, 605);
        for (PaperSize paper : PaperSize.sheets()) {
            Tiling tiling = Tiling.of(box, paper);
            List<Tiling.Tile> tiles = tiling.tiles();
            assertThat(tiles).hasSize(tiling.pages());
            Box all = tiles.stream().map(Tiling.Tile::field).reduce(Box::union).orElseThrow();
            assertThat(all.minX()).isLessThanOrEqualTo(box.minX());
            assertThat(all.maxY()).isGreaterThanOrEqualTo(box.maxY());
            assertThat(all.maxX()).isGreaterThanOrEqualTo(box.maxX());
            Tiling.Tile first = tiles.get(0);
            Tiling.Tile second = tiles.get(1);
            assertThat(first.field().maxX() - second.field().minX()).isCloseTo(Tiling.OVERLAP, within(1e-9));
            assertThat(first.name()).isEqualTo("A1");
        }
    }

    @Test
    void tiles_smallDrawing_takesOnePage() {
        assertThat(Tiling.of(new Box(0, 0, 189.9, 276.9), PaperSize.A4).pages()).isEqualTo(1);
        assertThat(Tiling.of(new Box(0, 0, 190.1, 276.9), PaperSize.A4).pages()).isEqualTo(2);
    }

    @Test
    void ruler_unitsAreTrueToSize() throws Exception {
        String svg = poppler(
                RulerPdf.write("bust / 36", 27.164, 12, PaperSize.A4), "pdftocairo", "-svg", "-f", "1", "-l", "1");
        // Strips of six units: 180 mm fit between the margins.
        assertThat(sides(svg)).anySatisfy(line -> {
            assertThat(line).hasSize(1);
            assertThat(line.get(0)).isCloseTo(6 * 27.164, within(MM));
        });
    }

    @Test
    void ruler_unitThatDoesNotFitThePaper_isRefused() {
        assertThatThrownBy(() -> RulerPdf.write("x", 400, 3, PaperSize.A4))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("One unit must fit on the paper: 400.0 mm");
    }

    @Test
    void paperSizes_areThoseOfTheirStandards() {
        Map<String, double[]> sizes = Map.of(
                "a4", new double[] {210, 297},
                "a3", new double[] {297, 420},
                "letter", new double[] {8.5 * 25.4, 11 * 25.4},
                "legal", new double[] {8.5 * 25.4, 14 * 25.4});
        sizes.forEach((name, size) -> {
            PaperSize paper = PaperSize.find(name).orElseThrow();
            assertThat(paper.width()).isCloseTo(size[0], within(1e-9));
            assertThat(paper.height()).isCloseTo(size[1], within(1e-9));
        });
        assertThat(PaperSize.find("foolscap")).isEmpty();
    }

    private static PrintJob job(PrintOptions options) {
        PrintJob all = job();
        return new PrintJob(
                all.costume(), all.garment(), all.version(), all.date(), all.format(), all.pattern(), options);
    }

    @Test
    void onlyChosenPieces_arePrinted_withCutListOrderAndCautions() throws Exception {
        PrintOptions some = new PrintOptions(
                List.of("sleeve"),
                Set.of(PrintOptions.Layer.values()),
                100,
                List.of("Sew it"),
                List.of("Mind the pins"));
        List<PatternPdf.Pages> pages = PatternPdf.pages(job(some), PaperSize.A4);
        assertThat(pages).singleElement().satisfies(sleeve -> {
            assertThat(sleeve.spread().name()).isEqualTo("sleeve");
        });
        String text = poppler(PatternPdf.write(job(some), PaperSize.A4), "pdftotext", "-layout");
        assertThat(text)
                .contains("Cut list")
                .contains("1 Sew it")
                .contains("1 Mind the pins")
                .doesNotContain("collar band");
    }

    @Test
    void pagesWithNothingOnThem_areLeftOut_andNoOthers() {
        int left = 0;
        List<PatternPdf.Pages> all = new ArrayList<>();
        for (CompiledSheet sheet : Library.shipped().sheets()) {
            PrintJob job = new PrintJob(
                    "x",
                    "y",
                    "z",
                    job().date(),
                    job().format(),
                    Drafter.draft(sheet, sheet.middle()).pattern());
            all.addAll(PatternPdf.pages(job, PaperSize.A4));
        }
        for (PatternPdf.Pages pages : all) {
            left += pages.tiling().pages() - pages.tiles().size();
            for (Tiling.Tile tile : pages.tiling().tiles()) {
                boolean drawn = pages.spread().piece().cuttingLine().corners().stream()
                        .anyMatch(at -> at.x() > tile.field().minX()
                                && at.x() < tile.field().maxX()
                                && at.y() > tile.field().minY()
                                && at.y() < tile.field().maxY());
                assertThat(!drawn || pages.tiles().contains(tile)).isTrue();
            }
        }
        assertThat(left).isPositive();
    }

    @Test
    void squareThatMeasured98_correctsTheNextPrint() throws Exception {
        PrintOptions corrected =
                new PrintOptions(List.of("cuff"), Set.of(PrintOptions.Layer.values()), 98, List.of(), List.of());
        byte[] pdf = PatternPdf.write(job(corrected), PaperSize.A3);
        List<List<Double>> polygons = sides(poppler(pdf, "pdftocairo", "-svg", "-f", "1", "-l", "1"));
        // A printer that makes 98 of 100 makes 100 of this.
        assertThat(polygons).anySatisfy(square -> allSides(square, 100 / 0.98));
        Box box = PatternPdf.pages(job(corrected), PaperSize.A3)
                .get(0)
                .spread()
                .piece()
                .cuttingLine()
                .box();
        double around = 2 * (box.width() + box.height()) / 0.98;
        assertThat(sides(poppler(pdf, "pdftocairo", "-svg", "-f", "3", "-l", "3")))
                .anySatisfy(outline -> assertThat(outline.stream()
                                .mapToDouble(Double::doubleValue)
                                .sum())
                        .isCloseTo(around, within(0.1)));
    }

    @Test
    void squareThatNoPrinterMakes_isRefused() {
        assertThatThrownBy(() -> new PrintOptions(List.of(), Set.of(), 60, List.of(), List.of()))
                .hasMessageContaining("without fitting to the page");
    }

    @Test
    void roll_hasEveryPieceOnOneSheet_asLongAsItNeeds() {
        for (PatternPdf.Pages pages : PatternPdf.pages(job(), PaperSize.roll(914.4))) {
            assertThat(pages.tiles()).hasSize(1);
            Box box = pages.spread().piece().cuttingLine().box();
            assertThat(pages.tiling().paper().height())
                    .isCloseTo(Math.max(PaperSize.NARROWEST, box.height() + 2 + 2 * Tiling.MARGIN), within(1e-6));
        }
        assertThat(PatternPdf.write(job(), PaperSize.roll(610))).isNotEmpty();
        assertThatThrownBy(() -> PaperSize.roll(80)).hasMessageContaining("200 mm to 2000 mm");
    }

    @Test
    void seamLinesOnly_haveNoCuttingLine_andSaySo() throws Exception {
        PrintOptions seams =
                new PrintOptions(List.of("cuff"), Set.of(PrintOptions.Layer.SEAM), 100, List.of(), List.of());
        byte[] pdf = PatternPdf.write(job(seams), PaperSize.A3);
        assertThat(poppler(pdf, "pdftotext", "-layout")).contains("no seam allowance: seam lines only");
        Box cut = PatternPdf.pages(job(seams), PaperSize.A3)
                .get(0)
                .spread()
                .piece()
                .cuttingLine()
                .box();
        double around = 2 * (cut.width() + cut.height());
        assertThat(sides(poppler(pdf, "pdftocairo", "-svg", "-f", "3", "-l", "3")))
                .noneSatisfy(outline -> assertThat(outline.stream()
                                .mapToDouble(Double::doubleValue)
                                .sum())
                        .isCloseTo(around, within(1.0)));
    }
}
