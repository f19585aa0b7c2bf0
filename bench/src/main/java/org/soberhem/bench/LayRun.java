package org.soberhem.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.soberhem.core.cloth.Lay;
import org.soberhem.core.cloth.LayPiece;
import org.soberhem.core.cloth.LayPlanner;
import org.soberhem.core.cloth.LayRules;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.files.exchange.LayFile;

/**
 * Plans the six lay sets at two widths, open and folded, and tells the length after one and after five seconds beside
 * the bound.
 */
public final class LayRun {

    private static final double SECOND = 1e9;

    private LayRun() {}

    public static void main(String[] args) throws IOException {
        double most = args.length > 1 ? Double.parseDouble(args[1]) : 5;
        List<Path> files;
        try (Stream<Path> all = Files.list(Path.of(args[0]))) {
            files = all.filter(file -> file.toString().endsWith(".json"))
                    .sorted()
                    .toList();
        }
        plan(LayFile.read(Files.readString(files.get(files.size() - 1))), LayRules.plain(1400, false, false), 2);
        for (Path file : files) {
            List<LayPiece> pieces = LayFile.read(Files.readString(file));
            for (double width : new double[] {1120, 1500}) {
                for (boolean folded : new boolean[] {false, true}) {
                    LayRules rules = LayRules.plain(width, folded, false);
                    double[] found = plan(pieces, rules, most);
                    System.out.printf(
                            Locale.ROOT,
                            "%-16s %4.0f %-6s bound %5.0f  shelves %5.0f  first %5.0f in %4.0f ms  1 s %5.0f  %.0f s %5.0f  clashes %.0f%n",
                            file.getFileName(),
                            width,
                            folded ? "folded" : "open",
                            Lay.bound(pieces, rules),
                            shelves(pieces, rules),
                            found[0],
                            found[3],
                            found[1],
                            most,
                            found[2],
                            found[4]);
                }
            }
        }
    }

    private static double[] plan(List<LayPiece> pieces, LayRules rules, double seconds) {
        double[] found = new double[5];
        Lay[] best = new Lay[1];
        long start = System.nanoTime();
        new LayPlanner(pieces, rules, new SplittableRandom(1))
                .plan(() -> System.nanoTime() - start < seconds * SECOND, lay -> {
                    double at = (System.nanoTime() - start) / SECOND;
                    double length = lay.length();
                    if (best[0] == null) {
                        found[0] = length;
                        found[3] = at * 1e3;
                    }
                    if (at <= 1 || best[0] == null) {
                        found[1] = length;
                    }
                    best[0] = lay;
                    found[2] = length;
                });
        found[4] = best[0].clashes().size();
        return found;
    }

    /** Plain packing to compare with: boxes by falling height, each on the first shelf that has room. */
    private static double shelves(List<LayPiece> pieces, LayRules rules) {
        List<Box> boxes = new ArrayList<>();
        for (LayPiece piece : pieces) {
            boolean twice = rules.folded() && piece.kind() != CutShape.FOLD;
            Box box = (rules.folded() ? piece.outline() : piece.opened()).box();
            for (int i = 0; i < piece.count() / (twice ? 2 : 1); i++) {
                boxes.add(box);
            }
        }
        boxes.sort(Comparator.comparingDouble(Box::height).reversed());
        List<Double> taken = new ArrayList<>();
        double length = 0;
        for (Box box : boxes) {
            int shelf = 0;
            while (shelf < taken.size() && taken.get(shelf) + box.width() > rules.lying()) {
                shelf++;
            }
            if (shelf == taken.size()) {
                taken.add(0.0);
                length += box.height();
            }
            taken.set(shelf, taken.get(shelf) + box.width());
        }
        return length;
    }
}
