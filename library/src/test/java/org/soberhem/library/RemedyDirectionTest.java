package org.soberhem.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.Outcome;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.fitting.Cause;
import org.soberhem.core.fitting.Remedy;
import org.soberhem.core.fitting.Symptom;
import org.soberhem.core.fitting.Zone;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Length;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;

/**
 * What a remedy says it does, measured on the pattern: the verb is read from its words, the change from the pieces
 * before and after, on every shipped sheet where the remedy has a place, by its usual amount and by a small one. Facts
 * of the trade, common practice.
 */
class RemedyDirectionTest {

    private static final Library LIBRARY = Library.shipped();
    private static final double SMALL = 3.175;
    private static final double NOTHING = 1e-6;

    /**
     * What words of a remedy must do.
     *
     * @param alteration ids of alterations
     * @param words of the remedy
     * @param measure of the pattern that moves
     * @param up whether it grows
     */
    private record Rule(
            Pattern alteration,
            Pattern words,
            ToDoubleFunction<org.soberhem.core.pattern.Pattern> measure,
            boolean up) {}

    private static Rule rule(
            String alteration, String words, ToDoubleFunction<org.soberhem.core.pattern.Pattern> measure, boolean up) {
        return new Rule(Pattern.compile(alteration), Pattern.compile(words), measure, up);
    }

    /**
     * Down the paper is down the body: a waistline that is raised lies nearer to the head, on a bodice and on a skirt.
     */
    private static final List<Rule> RULES = List.of(
            rule("raise-waistline", "raise|shorten", pattern -> height(pattern, Role.WAIST), true),
            rule("raise-waistline", "lower|lengthen", pattern -> height(pattern, Role.WAIST), false),
            rule("raise-neckline", "behind", pattern -> centre(pattern, Role.NECK, "back"), true),
            rule("raise-neckline", "raising the middle", pattern -> centre(pattern, Role.NECK, "front"), true),
            rule("raise-neckline", "cut down|lower|widen", pattern -> centre(pattern, Role.NECK, "front"), false),
            rule("raise-armscye", "arm-hole: (raise|strip)|raise the arm-hole", RemedyDirectionTest::scyeBase, true),
            rule("raise-armscye", "lower", RemedyDirectionTest::scyeBase, false),
            rule("lengthen-at-level|rise-length|change-hem", "lengthen|longer|open", RemedyDirectionTest::area, true),
            rule("lengthen-at-level|rise-length", "shorten", RemedyDirectionTest::area, false),
            rule("take-in-seam|shape-seam|princess-room", "let out|more hip|add", RemedyDirectionTest::area, true),
            rule(
                    "take-in-seam|shape-seam|princess-room",
                    "take in|hollow|remove|reshaped",
                    RemedyDirectionTest::area,
                    false),
            rule("shoulder-length", "lengthen", pattern -> length(pattern, Role.SHOULDER), true),
            rule("shoulder-length", "shorten", pattern -> length(pattern, Role.SHOULDER), false),
            rule("shoulder-slope", "less", RemedyDirectionTest::slope, false),
            rule("shoulder-slope", "more|take in|kite|on one side|to the wearer", RemedyDirectionTest::slope, true),
            rule("sleeve-upper-arm|widen-piece|fan-spread", "wid|open|sleeve width", RemedyDirectionTest::area, true),
            rule("hollow-edge", "fill", RemedyDirectionTest::area, true),
            rule("hollow-edge", "hollow|scoop", RemedyDirectionTest::area, false),
            rule("round-back-wedge", "open", RemedyDirectionTest::area, true),
            rule(
                    "hollow-back-wedge|neck-wedge|back-shoulder|centre-seam",
                    "take out|take up|new seam",
                    RemedyDirectionTest::area,
                    false),
            rule("puff-sleeve", "widen", RemedyDirectionTest::area, true),
            rule("move-shoulder-seam", "give to the front", pattern -> shoulderHeight(pattern, "front"), true),
            rule("move-shoulder-seam", "seam: to the front", pattern -> shoulderHeight(pattern, "back"), true),
            rule("add-.*|underarm-gusset", "insert|add|gore|facing", RemedyDirectionTest::area, true));

    /** Their words leave the direction to the maker: either way is right, and each must move something. */
    private static final Set<String> EITHER_WAY = Set.of(
            "dart-add",
            "dart-change",
            "dart-rotate",
            "sleeve-pitch",
            "move-side-seam",
            "turn-strap",
            "separate-strap",
            "change-grain");

    private static Stream<Edge> edges(org.soberhem.core.pattern.Pattern pattern, Role role) {
        return pattern.pieces().stream()
                .flatMap(piece -> piece.edges().stream())
                .filter(edge -> edge.role() == role);
    }

    /** How high edges lie on the whole, every part by its length, in millimetres. */
    private static double height(org.soberhem.core.pattern.Pattern pattern, Role role) {
        double moment = 0;
        double length = 0;
        for (Edge edge : edges(pattern, role).toList()) {
            List<Point> points = edge.path().flattened(0.01);
            for (int i = 1; i < points.size(); i++) {
                double part = points.get(i).distanceTo(points.get(i - 1));
                moment += part * (points.get(i).y() + points.get(i - 1).y()) / 2;
                length += part;
            }
        }
        return -moment / length;
    }

    /** How high edges of a piece lie where they come nearest to the centre, in millimetres. */
    private static double centre(org.soberhem.core.pattern.Pattern pattern, Role role, String piece) {
        return -pattern.pieces().stream()
                .filter(each -> each.name().equals(piece))
                .flatMap(each -> each.edges().stream())
                .filter(edge -> edge.role() == role)
                .flatMap(edge -> Stream.of(edge.path().start(), edge.path().end()))
                .min(Comparator.comparingDouble(point -> Math.abs(point.x())))
                .map(Point::y)
                .orElse(0.0);
    }

    private static double scyeBase(org.soberhem.core.pattern.Pattern pattern) {
        return -edges(pattern, Role.ARMSCYE)
                .flatMap(edge -> edge.path().flattened(0.1).stream())
                .mapToDouble(Point::y)
                .max()
                .orElse(0);
    }

    private static double length(org.soberhem.core.pattern.Pattern pattern, Role role) {
        return edges(pattern, role).mapToDouble(edge -> edge.path().length()).sum();
    }

    /** How much shoulder seams fall from the neck to the arm, in millimetres. */
    private static double slope(org.soberhem.core.pattern.Pattern pattern) {
        double fall = 0;
        for (Piece piece : pattern.pieces()) {
            for (Edge edge : piece.edges()) {
                if (edge.role() == Role.SHOULDER) {
                    Point start = edge.path().start();
                    Point end = edge.path().end();
                    boolean outward = Math.abs(end.x()) > Math.abs(start.x());
                    fall += outward ? end.y() - start.y() : start.y() - end.y();
                }
            }
        }
        return fall;
    }

    /** How high the shoulder edges of the front or back lie: the piece that gains reaches farther over the shoulder. */
    private static double shoulderHeight(org.soberhem.core.pattern.Pattern pattern, String piece) {
        return pattern.pieces().stream()
                .filter(each -> each.name().equals(piece))
                .flatMap(each -> each.edges().stream())
                .filter(edge -> edge.role() == Role.SHOULDER)
                .mapToDouble(edge -> -edge.path().atShare(0.5).y())
                .sum();
    }

    private static double area(org.soberhem.core.pattern.Pattern pattern) {
        return pattern.pieces().stream()
                .mapToDouble(each -> Math.abs(each.seamLine().signedArea()))
                .sum();
    }

    private record Made(Alteration alteration, String where, org.soberhem.core.pattern.Pattern before) {}

    /** The remedy on every sheet where it has a place, by the usual amount and by a small one. */
    private static List<Made> made(Symptom symptom, Remedy remedy) {
        List<Made> all = new ArrayList<>();
        for (String garment : symptom.garments()) {
            Zone zone = LIBRARY.zones().stream()
                    .filter(each -> symptom.zones().contains(each.id())
                            && each.garments().contains(garment))
                    .findFirst()
                    .orElseThrow();
            for (CompiledSheet sheet : LIBRARY.sheets()) {
                if (!sheet.sheet().about().garment().equals(garment)) {
                    continue;
                }
                org.soberhem.core.pattern.Pattern before =
                        Drafter.draft(sheet, sheet.middle()).pattern();
                for (double amount :
                        List.of(remedy.usual().map(Length::toMillimetres).orElse(6.35), SMALL)) {
                    Optional<Alteration> alteration =
                            remedy.alteration(LIBRARY.alterations(), before, amount, Sides.BOTH, zone);
                    alteration.ifPresent(
                            each -> all.add(new Made(each, sheet.sheet().id() + " by " + amount + " mm", before)));
                }
            }
        }
        return all;
    }

    @Test
    void everyRemedy_doesWhatItsVerbSays_onEverySheetWhereItHasAPlace() {
        List<String> wrong = new ArrayList<>();
        Set<String> measured = new HashSet<>();
        for (Symptom symptom : LIBRARY.symptoms().all()) {
            for (Cause cause : symptom.causes()) {
                Remedy remedy = cause.remedy();
                if (remedy.alteration().isEmpty()) {
                    continue;
                }
                String id = symptom.id() + " / " + cause.id() + ": \"" + remedy.task() + "\"";
                List<Rule> rules = RULES.stream()
                        .filter(rule ->
                                rule.alteration().matcher(remedy.alteration()).matches()
                                        && rule.words()
                                                .matcher(remedy.task().toLowerCase(Locale.ROOT))
                                                .find())
                        .toList();
                if (EITHER_WAY.contains(remedy.alteration())) {
                    continue;
                }
                if (rules.isEmpty()) {
                    wrong.add(id + " has no verb that is known of " + remedy.alteration());
                    continue;
                }
                Rule rule = rules.get(0);
                for (Made each : made(symptom, remedy)) {
                    Outcome outcome = each.alteration().apply(each.before());
                    if (outcome.refusal().isPresent()) {
                        continue;
                    }
                    double change = rule.measure().applyAsDouble(outcome.pattern())
                            - rule.measure().applyAsDouble(each.before());
                    measured.add(id);
                    if (!(rule.up() ? change > NOTHING : change < -NOTHING)) {
                        wrong.add(String.format(Locale.ROOT, "%s, %s: changes by %.3f", id, each.where(), change));
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(measured).hasSizeGreaterThan(80);
    }
}
