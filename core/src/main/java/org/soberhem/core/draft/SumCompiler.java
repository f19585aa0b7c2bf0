package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.soberhem.core.formula.Dimension;
import org.soberhem.core.formula.Formula;
import org.soberhem.core.formula.Scope;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.formula.SourceText;
import org.soberhem.core.garment.SumKind;

/** Compiles the sums of a sheet: what each is given, and what it reads. */
final class SumCompiler {

    private final SheetCompiler compiler;
    private final Scope scope;

    SumCompiler(SheetCompiler compiler, Scope scope) {
        this.compiler = compiler;
        this.scope = scope;
    }

    CompiledSheet.SumRun sum(String name, DraftSheet.SumSheet sheet) {
        SumKind kind = sheet.kind();
        if (Sums.OPENINGS.equals(name)) {
            throw new SheetException(
                    sheet.line(), "\"" + name + "\" is the sum of the sheet's openings: name this one otherwise");
        }
        Map<String, Formula> amounts = new LinkedHashMap<>();
        Map<String, String> words = new LinkedHashMap<>();
        Set<Integer> reads = new HashSet<>();
        sheet.given().forEach((argument, written) -> {
            if (kind.words().containsKey(argument)) {
                words.put(argument, written.text());
                if (compiler.sheet.choices().containsKey(written.text())) {
                    reads.add(compiler.names.name(written.text()).orElseThrow().slot());
                }
            } else if (kind.numbers().contains(argument)) {
                amounts.put(argument, Formula.of(written, scope, Dimension.NUMBER));
            } else if (kind.needed().contains(argument) || kind.lengths().contains(argument)) {
                amounts.put(argument, SheetCompiler.range(written, scope, Dimension.LENGTH));
            } else {
                throw new SheetException(written, "\"" + argument + "\" is not known in a sum of kind " + kind.word());
            }
        });
        for (String needed : kind.needed()) {
            if (!amounts.containsKey(needed)) {
                throw new SheetException(sheet.line(), "a sum of kind " + kind.word() + " needs \"" + needed + "\"");
            }
        }
        if (kind.hasRows() == sheet.rows().isEmpty()) {
            throw new SheetException(
                    sheet.line(), "a sum of kind " + kind.word() + (kind.hasRows() ? " needs rows" : " has no rows"));
        }
        List<List<Formula>> rows = new ArrayList<>();
        for (List<SourceText> row : sheet.rows()) {
            if (row.size() < 3 || row.size() % 2 == 0) {
                throw new SheetException(
                        sheet.line(), "a row is a distance and then pairs of lengths: found " + row.size());
            }
            rows.add(row.stream()
                    .map(written -> SheetCompiler.range(written, scope, Dimension.LENGTH))
                    .toList());
        }
        amounts.values().forEach(formula -> reads.addAll(formula.names()));
        rows.forEach(row -> row.forEach(formula -> reads.addAll(formula.names())));
        withWhatAmountsRead(reads);
        return new CompiledSheet.SumRun(name, kind, amounts, words, rows, reads);
    }

    CompiledSheet.WearingRun wearing(DraftSheet.WearingSheet sheet) {
        return new CompiledSheet.WearingRun(
                sheet,
                SheetCompiler.range(sheet.fastening(), scope, Dimension.LENGTH),
                SheetCompiler.range(sheet.below(), scope, Dimension.LENGTH));
    }

    /** From the last to the first: an amount is read where something that is read needs it. */
    private void withWhatAmountsRead(Set<Integer> reads) {
        for (int i = compiler.amounts.size() - 1; i >= 0; i--) {
            if (reads.contains(compiler.amounts.get(i).slot())) {
                reads.addAll(compiler.amounts.get(i).formula().names());
            }
        }
        for (int i = compiler.settings.size() - 1; i >= 0; i--) {
            CompiledSheet.Setting setting = compiler.settings.get(i);
            if (reads.contains(setting.slot())) {
                reads.addAll(setting.value().names());
            }
        }
    }
}
