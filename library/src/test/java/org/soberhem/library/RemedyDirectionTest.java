package org.soberhem.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.regex.Pattern;
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
import org.soberhem.core.length.Length;
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
            rule("raise-waistline", "raise|shorten", pattern -> Lie.height(pattern, Role.WAIST), true),
            rule("raise-waistline", "lower|lengthen", pattern -> Lie.height(pattern, Role.WAIST), false),
            rule("raise-neckline", "behind", pattern -> Lie.centre(pattern, Role.NECK, "back"), true),
            rule("raise-neckline", "raising the middle", pattern -> Lie.centre(pattern, Role.NECK, "front"), true),
            rule("raise-neckline", "cut down|lower|widen", pattern -> Lie.centre(pattern, Role.NECK, "front"), false),
            rule("raise-armscye", "arm-hole: (raise|strip)|raise the arm-hole", Lie::scyeBase, true),
            rule("raise-armscye", "lower", Lie::scyeBase, false),
            rule("lengthen-at-level|rise-length|change-hem", "lengthen|longer|open", Lie::area, true),
            rule("lengthen-at-level|rise-length", "shorten", Lie::area, false),
            rule("take-in-seam|shape-seam|princess-room", "let out|more hip|add", Lie::area, true),
            rule("take-in-seam|shape-seam|princess-room", "take in|hollow|remove|reshaped", Lie::area, false),
            rule("shoulder-length", "lengthen", pattern -> Lie.length(pattern, Role.SHOULDER), true),
            rule("shoulder-length", "shorten", pattern -> Lie.length(pattern, Role.SHOULDER), false),
            rule("shoulder-slope", "less", Lie::slope, false),
            rule("shoulder-slope", "more|take in|kite|on one side|to the wearer", Lie::slope, true),
            rule("sleeve-upper-arm|widen-piece|fan-spread", "wid|open|sleeve width", Lie::area, true),
            rule("hollow-edge", "fill", Lie::area, true),
            rule("hollow-edge", "hollow|scoop", Lie::area, false),
            rule("round-back-wedge", "open", Lie::area, true),
            rule(
                    "hollow-back-wedge|neck-wedge|back-shoulder|centre-seam",
                    "take out|take up|new seam",
                    Lie::area,
                    false),
            rule("puff-sleeve", "widen", Lie::area, true),
            rule("move-shoulder-seam", "give to the front", pattern -> Lie.shoulderHeight(pattern, "front"), true),
            rule("move-shoulder-seam", "seam: to the front", pattern -> Lie.shoulderHeight(pattern, "back"), true),
            rule("add-.*|underarm-gusset", "insert|add|gore|facing", Lie::area, true));

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

    private record Made(Alteration alteration, String where, org.soberhem.core.pattern.Pattern before) {}

    /** The remedy on every sheet where it has a place, by the usual amount and by a small one. */
    private static List<Made> made(Symptom symptom, Remedy remedy) {
        List<Made> all = new ArrayList<>();
        for (String garment : symptom.garments()) {
            for (CompiledSheet sheet : LIBRARY.sheets()) {
                Optional<Zone> pointed = LIBRARY.zones().stream()
                        .filter(each -> symptom.zones().contains(each.id())
                                && each.isOn(
                                        garment,
                                        List.copyOf(sheet.sheet().pieces().keySet())))
                        .findFirst();
                if (!sheet.sheet().about().garment().equals(garment) || pointed.isEmpty()) {
                    continue;
                }
                Zone zone = pointed.get();
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
