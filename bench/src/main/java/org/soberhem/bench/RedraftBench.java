package org.soberhem.bench;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.xssf.usermodel.XSSFCell;
import org.apache.poi.xssf.usermodel.XSSFFormulaEvaluator;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.PointsAlone;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.pattern.SpreadPiece;
import org.soberhem.library.Library;

/**
 * Redraws a costume of blouse and skirt after the bust changed, and the blouse's points alone beside the same sums
 * written by hand and beside a spreadsheet engine on the same formulas. The calibration loop tells how fast the machine
 * was.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class RedraftBench {

    private static final double STAND = 19.05;
    private static final double LAP = 19.05;

    private final double[] byHand = new double[BlouseByHand.NUMBERS];
    private CompiledSheet blouse;
    private CompiledSheet skirt;
    private Inputs body;
    private PointsAlone points;
    private XSSFFormulaEvaluator evaluator;
    private XSSFCell bustCell;
    private XSSFSheet table;
    private double bust = 900;

    @Setup
    public void read() {
        Library library = Library.shipped();
        blouse = library.sheet("blouse-1906").orElseThrow();
        skirt = library.sheet("walking-skirt-1906").orElseThrow();
        body = Inputs.of(Map.ofEntries(
                Map.entry("full-bust", 977.9),
                Map.entry("waist-crease", 685.8),
                Map.entry("full-hip", 1054.0),
                Map.entry("neck-base", 381.0),
                Map.entry("nape-to-waist", 390.5),
                Map.entry("armscye", 412.7),
                Map.entry("shoulder-to-wrist", 603.2),
                Map.entry("wrist", 171.4),
                Map.entry("hand", 225.4),
                Map.entry("waist-to-floor-front", 1047.7),
                Map.entry("waist-to-floor-left", 1060.4),
                Map.entry("waist-to-floor-back", 1076.3)));
        points = new PointsAlone(blouse);
        spreadsheet();
        double sheet = points.sum(body);
        double hand = sumByHand(977.9);
        if (Math.abs(sheet - hand) > 1e-6) {
            throw new IllegalStateException("The sums must agree: " + sheet + " and " + hand);
        }
    }

    private double sumByHand(double value) {
        BlouseByHand.points(value, STAND, LAP, byHand);
        double sum = 0;
        for (double number : byHand) {
            sum += number;
        }
        return sum;
    }

    private void spreadsheet() {
        XSSFWorkbook book = new XSSFWorkbook();
        table = book.createSheet();
        Row head = table.createRow(0);
        bustCell = (XSSFCell) head.createCell(0);
        bustCell.setCellValue(977.9);
        head.createCell(1).setCellFormula("A1/36");
        head.createCell(2).setCellValue(STAND);
        head.createCell(3).setCellValue(LAP);
        List<String> formulas = points.formulas();
        for (int i = 0; i < formulas.size(); i++) {
            table.createRow(i + 1).createCell(0).setCellFormula(cell(formulas.get(i)));
        }
        evaluator = new XSSFFormulaEvaluator(book);
    }

    private static String cell(String formula) {
        if (formula.matches("-?[\\d /]+")) {
            boolean minus = formula.startsWith("-");
            String plain = formula.replace("-", "").replaceAll("(\\d+) (\\d+)/(\\d+)", "($1+$2/$3)");
            return (minus ? "-" : "") + plain + "*B1";
        }
        return formula.replaceAll("(\\d+) (\\d+)/(\\d+)", "($1+$2/$3)")
                .replace("unit", "B1")
                .replace("stand", "C1")
                .replace("lap", "D1");
    }

    private Inputs next() {
        bust = bust > 1100 ? 900 : bust + 0.37;
        return body.with("full-bust", Inputs.Measured.both(bust));
    }

    /** Ten pieces: points, curves, allowances, seams, checks, quantities, and the cutting lines as they are shown. */
    @Benchmark
    public double redraftCostume() {
        Inputs now = next();
        return cut(DraftedGarment.of(blouse, now, List.of())) + cut(DraftedGarment.of(skirt, now, List.of()));
    }

    /** The sheet with the most points of those that ship. */
    @State(Scope.Benchmark)
    public static class Largest {

        private CompiledSheet sheet;
        private double bust = 900;

        @Setup
        public void read() {
            sheet = Library.shipped().sheets().stream()
                    .max(Comparator.comparingInt(each -> new PointsAlone(each).count()))
                    .orElseThrow();
            System.out.println("largest sheet: " + sheet.sheet().id() + ", "
                    + new PointsAlone(sheet).count() + " points, "
                    + sheet.sheet().pieces().size() + " pieces");
        }
    }

    /** The largest shipped sheet, with its solves. */
    @Benchmark
    public double redraftLargest(Largest largest) {
        largest.bust = largest.bust > 1000 ? 900 : largest.bust + 0.37;
        Inputs now = largest.sheet.middle().with("full-bust", Inputs.Measured.both(largest.bust));
        return cut(DraftedGarment.of(largest.sheet, now, List.of()));
    }

    private static double cut(DraftedGarment work) {
        double area = work.checks().size() + work.seams().size();
        for (SpreadPiece spread : SpreadPiece.of(work.pattern())) {
            area += spread.piece().cuttingLine().signedArea();
        }
        return area;
    }

    @Benchmark
    public double pointsOfTheSheet() {
        return points.sum(next());
    }

    @Benchmark
    public double pointsByHand() {
        bust = bust > 1100 ? 900 : bust + 0.37;
        return sumByHand(bust);
    }

    @Benchmark
    public double pointsBySpreadsheet() {
        bust = bust > 1100 ? 900 : bust + 0.37;
        bustCell.setCellValue(bust);
        evaluator.notifyUpdateCell(bustCell);
        double sum = 0;
        for (int i = 1; i <= table.getLastRowNum(); i++) {
            sum += evaluator.evaluate(table.getRow(i).getCell(0)).getNumberValue();
        }
        return sum;
    }

    /** A fixed sum of square roots, to compare runs on other machines by their ratio. */
    @Benchmark
    public double calibration() {
        double sum = 0;
        for (int i = 1; i <= 10_000; i++) {
            sum += Math.sqrt(i + sum);
        }
        return sum;
    }
}
