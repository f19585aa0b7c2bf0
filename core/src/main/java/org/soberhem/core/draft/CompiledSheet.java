package org.soberhem.core.draft;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;

/** A sheet with every name, dimension and cycle checked; ready to be drawn for any wearer. */
public final class CompiledSheet {

    /** A measure; without a required one the sheet cannot be drawn, without another a check cannot be judged. */
    record Measure(String name, int slot, List<String> ids, boolean required) {}

    record Setting(String name, int slot, Formula value, Formula least, Formula most) {}

    record PointAt(String name, int slot, Formula along, Formula out, DraftSheet.PointSheet written, boolean corner) {}

    record Join(String from, String to, DraftSheet.JoinSheet.Form form, Formula amount, Formula at, String corner) {}

    record EdgeRun(
            String name,
            Role role,
            int path,
            String from,
            String to,
            List<Join> joins,
            Formula included,
            Formula added) {}

    record NotchAt(String name, String edge, Formula share) {}

    record Ease(Formula least, Formula most, String why) {}

    record PieceRuns(
            String name,
            DraftSheet.PieceSheet written,
            List<PointAt> points,
            Map<String, Integer> slots,
            List<EdgeRun> edges,
            List<NotchAt> notches) {}

    record SeamRun(DraftSheet.SeamSheet written, Formula least, Formula most) {}

    record Opening(DraftSheet.OpeningSheet written, int passes, Formula opens) {}

    record Check(DraftSheet.CheckSheet written, Formula body, Ease ease) {}

    private final DraftSheet sheet;
    private final Map<String, Double> middle;
    final int slots;
    final int edgeCount;
    final List<Measure> measures;
    final List<Setting> settings;
    final int unitSlot;
    final Formula unit;
    final Optional<Integer> allowanceSlot;
    final List<PieceRuns> pieces;
    final List<SeamRun> seams;
    final List<Opening> openings;
    final List<Check> checks;
    final Map<String, Formula> quantities;

    CompiledSheet(SheetCompiler from) {
        this.sheet = from.sheet;
        this.middle = Map.copyOf(from.middle);
        this.slots = from.slots;
        this.edgeCount = from.edgePlaces.size();
        this.measures = List.copyOf(from.measures);
        this.settings = List.copyOf(from.settings);
        this.unitSlot = from.unitSlot;
        this.unit = from.unit;
        this.allowanceSlot = settings.stream()
                .filter(setting -> "allowance".equals(setting.name()))
                .map(Setting::slot)
                .findFirst();
        this.pieces = List.copyOf(from.pieces);
        this.seams = List.copyOf(from.seams);
        this.openings = List.copyOf(from.openings);
        this.checks = List.copyOf(from.checks);
        this.quantities = Map.copyOf(from.quantities);
    }

    /**
     * Checks a sheet.
     *
     * @throws SheetException if something in it is wrong; the message says what and in which line
     */
    public static CompiledSheet of(DraftSheet sheet) {
        return new SheetCompiler(sheet).compile();
    }

    /** Returns the sheet as written. */
    public DraftSheet sheet() {
        return sheet;
    }

    /** Returns the size the sheet was made for: the wearer at which its proportions are right. */
    public Inputs middle() {
        return Inputs.of(middle);
    }

    /** Returns the catalogue ids without which the sheet cannot be drawn; for each, those that may serve instead follow. */
    public List<List<String>> requiredMeasures() {
        return measures.stream().filter(Measure::required).map(Measure::ids).toList();
    }

    /** Returns the catalogue ids that the sheet can use, best first for each of its names. */
    public List<String> usableMeasures() {
        return measures.stream()
                .flatMap(measure -> measure.ids().stream())
                .distinct()
                .toList();
    }

    /** Returns the edge that the same seam joins to an edge, if the sheet joins it to a single one. */
    public Optional<EdgeRef> partner(EdgeRef edge) {
        for (SeamRun run : seams) {
            List<EdgeRef> first = run.written().first();
            List<EdgeRef> second = run.written().second();
            if (run.written().kind() == Seam.Kind.PLAIN && first.size() == 1 && second.size() == 1) {
                if (first.get(0).equals(edge)) {
                    return Optional.of(second.get(0));
                }
                if (second.get(0).equals(edge)) {
                    return Optional.of(first.get(0));
                }
            }
        }
        return Optional.empty();
    }
}
