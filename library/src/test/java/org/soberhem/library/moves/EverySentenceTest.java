package org.soberhem.library.moves;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.alter.Effect;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.Outcome;
import org.soberhem.core.draft.Assumptions;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.DraftingSteps;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.Sums;
import org.soberhem.core.garment.Finding;
import org.soberhem.core.garment.Sum;
import org.soberhem.core.garment.SumInputs;
import org.soberhem.core.garment.SumValue;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.PatternQuestion;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.length.WrittenLengths;
import org.soberhem.library.Library;

/**
 * Every sentence that a draft can make, read in both units: none has another unit, a decimal inch, a name of the file
 * or a formula.
 */
class EverySentenceTest {

    private static final Library LIBRARY = Library.shipped();

    /** What a maker with inches never reads. */
    private static final Pattern FOREIGN_TO_INCHES = Pattern.compile(
            "\\d ?(mm|cm)\\b|\\d\\.\\d+ ?(in\\b|\")|\\bsqrt|\\bif\\(|\\b\\w+\\(\\w|\\{\\}|NaN|Infinity|\\dE-?\\d");

    /** What a maker with centimetres never reads. */
    private static final Pattern FOREIGN_TO_CENTIMETRES =
            Pattern.compile("(?<![A-Za-z\\d])[\\d⅛¼⅜½⅝¾⅞]+ ?(in|mm)\\b|\\bsqrt|\\bif\\(|\\{\\}|NaN|Infinity");

    private static List<CompiledSheet> sheets() {
        return LIBRARY.sheets();
    }

    /** Names of measures that are words of the trade as they stand. */
    private static final Set<String> ENGLISH = Set.of("under-bust", "high-bust", "full-bust", "full-hip");

    private final List<Sentence> said = new ArrayList<>();

    @ParameterizedTest
    @MethodSource("sheets")
    void w1_noOtherUnit_noRawName_noFormula(CompiledSheet sheet) {
        Inputs middle = sheet.middle();
        List<Inputs> bodies = new ArrayList<>(List.of(middle));
        for (double share : new double[] {0.8, 1.25}) {
            middle.measures()
                    .keySet()
                    .forEach(id -> bodies.add(middle.with(
                            id, Inputs.Measured.both(middle.measures().get(id).left() * share))));
        }
        for (CompiledSheet.Adjustable each : sheet.adjustables()) {
            if (each.ways().isEmpty()) {
                bodies.add(middle.withSetting(each.name(), 0));
                bodies.add(middle.withSetting(each.name(), 400));
                bodies.add(middle.withSetting(each.name(), 1e6));
            } else {
                bodies.add(middle.withSetting(each.name(), each.ways().size() - 1));
            }
        }
        bodies.forEach(body -> draft(sheet, body));
        DraftingSteps.of(sheet, middle).steps().forEach(step -> said.add(step.sentence()));
        alterations(sheet);
        assertThat(wrong(sheet)).isEmpty();
    }

    /** The words of the library: their lengths are found, and told in the maker's unit. */
    @Test
    void w1_theLibrarysOwnWords_areToldInTheMakersUnit() {
        LIBRARY.symptoms().all().forEach(symptom -> {
            words(symptom.seen(), symptom.more());
            symptom.causes()
                    .forEach(cause -> words(
                            cause.why(),
                            cause.test().task(),
                            cause.test().then(),
                            cause.remedy().task()));
        });
        LIBRARY.movements().forEach(movement -> words(movement.task(), movement.passes()));
        LIBRARY.usages().forEach(usage -> words(usage.why()));
        LIBRARY.sheets().forEach(sheet -> {
            sheet.adjustables().forEach(each -> words(each.title(), each.why()));
            sheet.sheet().ease().values().forEach(ease -> words(ease.why()));
        });
        assertThat(said).hasSizeGreaterThan(1000);
        assertThat(wrong(LIBRARY.sheets().get(0))).isEmpty();
    }

    private void words(String... all) {
        for (String each : all) {
            said.add(WrittenLengths.sentence(each));
        }
    }

    private void draft(CompiledSheet sheet, Inputs inputs) {
        try {
            DraftedGarment work = DraftedGarment.of(sheet, inputs, List.of());
            work.checks().forEach(check -> said.add(check.sentence()));
            work.seams().forEach(check -> said.add(check.sentence()));
            work.questions().stream().map(PatternQuestion::sentence).forEach(said::add);
            Assumptions.of(sheet, work.draft(), inputs).forEach(each -> said.add(each.sentence()));
            Sums.of(
                            sheet,
                            inputs,
                            work.pattern(),
                            new SumInputs.Circumstances(sheet.sheet().about().from(), LIBRARY.usages()))
                    .forEach(this::sum);
        } catch (DraftException refused) {
            said.add(refused.sentence());
        }
    }

    private void sum(Sum sum) {
        said.add(sum.answer());
        sum.findings().stream().map(Finding::words).forEach(said::add);
        sum.figures().stream().map(SumValue::working).forEach(said::add);
        said.addAll(sum.steps());
    }

    private void alterations(CompiledSheet sheet) {
        DraftedGarment work = DraftedGarment.of(sheet, sheet.middle(), List.of());
        for (AlterationKind kind : LIBRARY.alterations()) {
            Optional<Map<String, Object>> usual = kind.usual(work.pattern());
            for (double amount : new double[] {0, 3, 300}) {
                usual.ifPresent(answers -> {
                    Map<String, Object> given = new LinkedHashMap<>(answers);
                    if (amount > 0) {
                        kind.asks().stream()
                                .filter(ask -> ask.as() == AlterationKind.As.LENGTH)
                                .forEach(ask -> given.put(ask.name(), amount));
                    }
                    alter(kind, given, work);
                });
            }
        }
    }

    private void alter(AlterationKind kind, Map<String, Object> given, DraftedGarment work) {
        Alteration alteration;
        try {
            alteration = kind.make(given, Sides.BOTH);
        } catch (AlterationRefusal beyond) {
            said.add(beyond.sentence());
            return;
        }
        said.add(alteration.sentence());
        Outcome outcome = alteration.apply(work.pattern());
        outcome.refusal().ifPresent(said::add);
        said.addAll(outcome.unequal());
        said.addAll(outcome.trued());
        Effect.between(work.pattern(), outcome.pattern()).forEach(effect -> said.add(effect.sentence()));
    }

    private TreeSet<String> wrong(CompiledSheet sheet) {
        TreeSet<String> wrong = new TreeSet<>();
        for (Sentence sentence : said) {
            String inches = sentence.in(LengthFormat.INCH_EIGHTHS);
            String centimetres = sentence.in(LengthFormat.CENTIMETRES);
            if (FOREIGN_TO_INCHES.matcher(inches).find()) {
                wrong.add(inches);
            }
            if (FOREIGN_TO_CENTIMETRES.matcher(centimetres).find()) {
                wrong.add(centimetres);
            }
            for (String id : sheet.usableMeasures()) {
                if (id.contains("-") && !ENGLISH.contains(id) && inches.contains(id)) {
                    wrong.add(inches);
                }
            }
        }
        return wrong;
    }
}
