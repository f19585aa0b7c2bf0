package org.soberhem.bench;

import java.util.List;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.Sums;
import org.soberhem.core.garment.Sum;
import org.soberhem.core.garment.SumInputs;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.library.Library;
import org.soberhem.library.bodies.Bodies;

/**
 * Times every shipped sheet on the 507 measured bodies: drawn, its seams compared, its cutting lines derived, its sums
 * worked out.
 */
public final class BodiesRun {

    private BodiesRun() {}

    public static void main(String[] args) {
        List<Inputs> bodies = Bodies.all();
        List<CompiledSheet> sheets = Library.shipped().sheets();
        long from = System.nanoTime();
        long untrue = 0;
        long refused = 0;
        long failing = 0;
        long sums = 0;
        long summing = 0;
        SumInputs.Circumstances circumstances =
                new SumInputs.Circumstances(1850, Library.shipped().usages());
        for (CompiledSheet sheet : sheets) {
            for (Inputs body : bodies) {
                Pattern pattern;
                try {
                    pattern = Drafter.draft(sheet, body).pattern();
                } catch (DraftException told) {
                    refused++;
                    continue;
                }
                untrue += pattern.seamChecks().stream()
                        .filter(check -> !check.isTrue())
                        .count();
                for (Piece piece : pattern.pieces()) {
                    untrue += piece.cuttingLine().crossing().isPresent() ? 1 : 0;
                }
                long begun = System.nanoTime();
                for (Sum sum : Sums.of(sheet, body, pattern, circumstances)) {
                    sums++;
                    failing += sum.works() ? 0 : 1;
                }
                summing += System.nanoTime() - begun;
            }
        }
        System.out.printf(
                "%d sheets on %d bodies: %.1f s, %d seams untrue or lines crossing, %d refused%n",
                sheets.size(), bodies.size(), (System.nanoTime() - from) / 1e9, untrue, refused);
        System.out.printf(
                "%d sums in %.2f s of it, %.0f µs each, %d of them cannot be made or put on%n",
                sums, summing / 1e9, summing / 1e3 / sums, failing);
    }
}
