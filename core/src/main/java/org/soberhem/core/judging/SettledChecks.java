package org.soberhem.core.judging;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.CutOff;
import org.soberhem.core.alter.kind.LeaveOff;
import org.soberhem.core.alter.kind.LeaveSo;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.Side;

/** What a garment's checks come to when something was left off, cut off or left so on purpose. */
final class SettledChecks {

    /** The girth of the limb where a level crosses it, by the level's name: what is sewn there must fit it. */
    private static final Map<String, String> GIRTHS =
            Map.of("elbow", "elbow-bent", "knee", "knee", "upper-arm", "upper-arm", "wrist", "wrist");

    private final Pattern pattern;
    private final Inputs inputs;
    private final Map<String, String> left = new HashMap<>();
    private final Map<String, String> gone = new HashMap<>();
    private final Map<String, String> ended = new HashMap<>();

    /** Why what reached above a line is no longer judged, if all was cut off there. */
    private Optional<String> above = Optional.empty();

    /**
     * @param pattern after the alterations
     * @param made those that were made
     */
    SettledChecks(Pattern pattern, Inputs inputs, List<Alteration> made) {
        this.pattern = pattern;
        this.inputs = inputs;
        made.forEach(this::note);
    }

    private void note(Alteration alteration) {
        if (alteration instanceof LeaveSo so) {
            left.put(so.what(), so.why());
        } else if (alteration instanceof LeaveOff off) {
            gone.put(off.piece(), "the " + off.piece() + " is left off");
        } else if (alteration instanceof CutOff cut
                && cut.removed() == CutOff.Removed.BELOW
                && !cut.piece().isEmpty()) {
            gone.put(cut.piece(), "the " + cut.piece() + " ends at the " + cut.level());
            ended.put(cut.piece(), cut.level());
        } else if (alteration instanceof CutOff cut && cut.removed() == CutOff.Removed.ABOVE) {
            above = Optional.of("it is cut off above the " + cut.level());
        }
    }

    /** Returns why something is left so, by its name. */
    Map<String, String> left() {
        return left;
    }

    List<CheckResult> of(List<CheckResult> results) {
        List<CheckResult> settled = new ArrayList<>();
        for (CheckResult each : results) {
            String piece = each.where().piece();
            if (left.containsKey(each.name())) {
                settled.add(each.leftSo(left.get(each.name())));
            } else if (Double.isNaN(each.is()) && gone.containsKey(piece)) {
                settled.add(each.leftSo(gone.get(piece)));
            } else if (above.isPresent() && reachedAbove(each)) {
                settled.add(each.leftSo(above.get()));
            } else {
                settled.add(level(each.where())
                        .map(level -> each.against(girth(level)))
                        .orElse(each));
            }
        }
        return settled;
    }

    /** Says whether the place of a check is gone, or only a part of its edge is left. */
    private boolean reachedAbove(CheckResult check) {
        EdgeRef edge = new EdgeRef(check.where().piece(), check.where().part());
        List<Edge> left = pattern.edges(edge, Side.LEFT);
        boolean isPart = left.size() == 1 && !left.get(0).name().equals(edge.edge());
        return Double.isNaN(check.is()) || isPart;
    }

    /** Returns the level at which the piece ends that a checked edge is sewn to. */
    private Optional<String> level(CheckResult.Where where) {
        EdgeRef edge = new EdgeRef(where.piece(), where.part());
        for (Seam seam : pattern.seams()) {
            List<EdgeRef> other = seam.second().contains(edge)
                    ? seam.first()
                    : seam.first().contains(edge) ? seam.second() : List.of();
            Optional<String> found = other.stream()
                    .map(ref -> ended.get(ref.piece()))
                    .filter(level -> level != null && !ended.containsKey(where.piece()))
                    .findFirst();
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    private double girth(String level) {
        return Optional.ofNullable(GIRTHS.get(level))
                .flatMap(inputs::find)
                .map(measured -> Math.max(measured.left(), measured.right()))
                .orElse(Double.NaN);
    }
}
