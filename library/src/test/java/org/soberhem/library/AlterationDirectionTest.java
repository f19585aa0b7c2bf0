package org.soberhem.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.alter.AlterationKind.As;
import org.soberhem.core.alter.AlterationKind.Ask;
import org.soberhem.core.alter.edit.AmountsAlong;
import org.soberhem.core.alter.edit.SeamRole;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.Strap;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.Outcome;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Role;

/**
 * What an alteration says it does, measured on the pattern: the verb is read from its sentence, the change from the
 * pieces before and after, on every shipped sheet where it has a place, with its usual amounts and small ones, added
 * and taken, on both sides and on either.
 */
class AlterationDirectionTest {

    private static final Library LIBRARY = Library.shipped();
    private static final double SMALL = 3.175;
    private static final double NOTHING = 1e-6;

    /**
     * What a sentence must do.
     *
     * @param words by which it begins
     * @param measure of the pattern that moves
     * @param up whether it grows
     */
    private record Rule(String words, ToDoubleFunction<Pattern> measure, boolean up) {}

    private static final List<Rule> RULES = List.of(
            new Rule("Lengthen at", Lie::area, true),
            new Rule("Shorten at", Lie::area, false),
            new Rule("Growth tuck", Lie::area, true),
            new Rule("Extend the waistline", Lie::area, true),
            new Rule("Cut back the waistline", Lie::area, false),
            new Rule("Lengthen the hem", pattern -> Lie.height(pattern, Role.HEM), false),
            new Rule("Shorten the hem", pattern -> Lie.height(pattern, Role.HEM), true),
            new Rule("Raise the arm-hole", Lie::scyeBase, true),
            new Rule("Lower the arm-hole", Lie::scyeBase, false),
            new Rule("Raise the neckline", pattern -> Lie.height(pattern, Role.NECK), true),
            new Rule("Lower the neckline", pattern -> Lie.height(pattern, Role.NECK), false),
            new Rule("Take in", Lie::area, false),
            new Rule("Let out", Lie::area, true),
            new Rule("Give", Lie::area, true),
            new Rule("Take", Lie::area, false),
            new Rule("Widen", Lie::area, true),
            new Rule("Narrow", Lie::area, false),
            new Rule("Open the", Lie::area, true),
            new Rule("Hollow", Lie::area, false),
            new Rule("Fill out", Lie::area, true),
            new Rule("Lower the shoulder, front and back", Lie::slope, true),
            new Rule("Raise the shoulder, front and back", Lie::slope, false),
            new Rule("Lower the shoulder, back only", pattern -> Lie.shoulderHeight(pattern, "back"), false),
            new Rule("Lengthen the shoulder", pattern -> Lie.length(pattern, Role.SHOULDER), true),
            new Rule("Shorten the shoulder", pattern -> Lie.length(pattern, Role.SHOULDER), false),
            new Rule("Lengthen the strap", AlterationDirectionTest::straps, true),
            new Rule("Shorten the strap", AlterationDirectionTest::straps, false),
            new Rule("Turn the strap", AlterationDirectionTest::outset, false),
            new Rule("Set the strap", AlterationDirectionTest::outset, true),
            new Rule("Cut off", Lie::area, false),
            new Rule("Cut the", Lie::area, false),
            new Rule("Leave the", Lie::area, false),
            new Rule("Add", Lie::area, true),
            new Rule("Gore", Lie::area, true),
            new Rule("Cut a", Lie::area, true),
            new Rule("Cut lining", Lie::area, true),
            new Rule("Cut inter", Lie::area, true),
            new Rule("A pocket", Lie::area, true));

    /** Words at the end of a sentence that turn its direction round. */
    private static final List<String> TURNED = List.of("away from the neck", "farther in", "lap by");

    /** What has no direction, or one that its words leave to the maker; and what is only marked. */
    private static final Set<String> UNMEASURED = Set.of(
            "forward-neck",
            "shape-seam",
            "shape-line",
            "new-seam",
            "move-side-seam",
            "move-shoulder-seam",
            "join-pieces",
            "move-point",
            "separate-strap",
            "add-yoke",
            "dart-add",
            "darts-add",
            "dart-change",
            "dart-rotate",
            "dart-split",
            "dart-divide",
            "dart-to-seam",
            "dart-to-gathers",
            "two-piece-sleeve",
            "puff-sleeve",
            "sleeve-pitch",
            "shape-lapel",
            "add-buttons",
            "change-grain",
            "true-seam",
            "leave-so",
            "sew-to",
            "sew-seam",
            "even-allowances",
            "fan-spread",
            "collar-spread",
            "underarm-gusset");

    private static Stream<Strap> all(Pattern pattern) {
        return pattern.pieces().stream()
                .flatMap(piece ->
                        SeamRole.STRAP_END.of(pattern, piece).stream().map(end -> Strap.below(piece, end.name())));
    }

    private static double straps(Pattern pattern) {
        return all(pattern).mapToDouble(Strap::length).sum();
    }

    private static double outset(Pattern pattern) {
        return pattern.pieces().stream()
                .flatMap(piece -> piece.edges().stream()
                        .filter(edge -> edge.role() == Role.SHOULDER
                                || SeamRole.STRAP_END.is(pattern, new EdgeRef(piece.name(), edge.name()))))
                .mapToDouble(edge -> Math.abs(edge.path().atShare(0.5).x()))
                .sum();
    }

    /** The usual answers with every amount made small or turned round; empty where an amount is out of its limits. */
    private static Optional<Map<String, Object>> varied(
            AlterationKind kind, Map<String, Object> usual, boolean small, boolean turned) {
        Map<String, Object> answers = new HashMap<>(usual);
        boolean any = false;
        for (Ask ask : kind.asks()) {
            Object answer = usual.get(ask.name());
            boolean directed = ask.as() == As.LENGTH || ask.as() == As.DEGREES;
            if (directed && answer instanceof Number number) {
                double amount = number.doubleValue();
                double size = small && ask.as() == As.LENGTH
                        ? Math.copySign(Math.min(Math.abs(amount), SMALL), amount)
                        : amount;
                double wanted = turned ? -size : size;
                any |= wanted != amount;
                if (!ask.admits(wanted)) {
                    return Optional.empty();
                }
                answers.put(ask.name(), wanted);
            } else if (answer instanceof AmountsAlong amounts) {
                answers.put(ask.name(), amounts.times(turned ? -1 : 1));
            }
        }
        return any || !small && !turned ? Optional.of(answers) : Optional.empty();
    }

    @Test
    void everyAlteration_doesWhatItsVerbSays_onEverySheetWhereItHasAPlace() {
        Set<String> wrong = new TreeSet<>();
        Set<String> measured = new HashSet<>();
        for (CompiledSheet sheet : LIBRARY.sheets()) {
            Pattern before = Drafter.draft(sheet, sheet.middle()).pattern();
            for (AlterationKind kind : LIBRARY.alterations()) {
                Optional<Map<String, Object>> usual = kind.usual(before);
                if (usual.isEmpty() || UNMEASURED.contains(kind.id())) {
                    continue;
                }
                for (boolean small : List.of(false, true)) {
                    for (boolean turned : List.of(false, true)) {
                        varied(kind, usual.get(), small, turned).ifPresent(answers -> {
                            for (Sides sides : Sides.values()) {
                                measure(sheet, before, kind.make(answers, sides), wrong)
                                        .ifPresent(verb -> measured.add(kind.id()));
                            }
                        });
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
        List<String> never = new ArrayList<>();
        LIBRARY.alterations().stream()
                .map(AlterationKind::id)
                .filter(id -> !measured.contains(id) && !UNMEASURED.contains(id))
                .forEach(never::add);
        assertThat(never).as("measured on no sheet").isEmpty();
    }

    private static Optional<String> measure(
            CompiledSheet sheet, Pattern before, Alteration alteration, Set<String> wrong) {
        String sentence = alteration.sentence().in(LengthFormat.INCH_EIGHTHS);
        Outcome outcome = alteration.apply(before);
        Optional<Alteration> whole = outcome.refusal().isPresent() ? outcome.completed() : Optional.of(alteration);
        if (whole.isEmpty()) {
            return Optional.empty();
        }
        Pattern after = whole.get().apply(before).pattern();
        Optional<Rule> rule =
                RULES.stream().filter(each -> sentence.startsWith(each.words())).findFirst();
        if (rule.isEmpty()) {
            wrong.add("no verb is known in: " + sentence);
            return Optional.empty();
        }
        boolean up = rule.get().up() != TURNED.stream().anyMatch(sentence::contains);
        double change =
                rule.get().measure().applyAsDouble(after) - rule.get().measure().applyAsDouble(before);
        if (!(up ? change > NOTHING : change < -NOTHING)) {
            wrong.add(String.format(
                    Locale.ROOT, "%s: %s: changes by %.3f", sheet.sheet().id(), sentence, change));
        }
        return Optional.of(rule.get().words());
    }
}
