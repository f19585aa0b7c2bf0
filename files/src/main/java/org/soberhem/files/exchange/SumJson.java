package org.soberhem.files.exchange;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.soberhem.core.garment.Finding;
import org.soberhem.core.garment.MarkTable;
import org.soberhem.core.garment.Sum;
import org.soberhem.core.garment.SumValue;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;

/** Sums for the command line's JSON: lengths in millimetres, words in inches and eighths. */
public final class SumJson {

    private SumJson() {}

    /** Returns a sum as maps and lists. */
    public static Map<String, Object> of(Sum sum) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("name", sum.name());
        json.put("title", sum.title());
        json.put("works", sum.works());
        json.put("answer", sum.answer().in(LengthFormat.INCH_EIGHTHS));
        json.put("figures", sum.figures().stream().map(SumJson::figure).toList());
        json.put("findings", sum.findings().stream().map(SumJson::finding).toList());
        json.put("tables", sum.tables().stream().map(SumJson::table).toList());
        json.put(
                "steps",
                sum.steps().stream()
                        .map(step -> step.in(LengthFormat.INCH_EIGHTHS))
                        .toList());
        return json;
    }

    private static Map<String, Object> figure(SumValue figure) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("name", figure.name());
        json.put("kind", figure.kind().name().toLowerCase(Locale.ROOT));
        json.put(figure.kind() == SumValue.Kind.LENGTH ? "mm" : "value", Math.round(figure.value() * 1e4) / 1e4);
        json.put("working", figure.working().in(LengthFormat.INCH_EIGHTHS));
        return json;
    }

    private static Map<String, Object> finding(Finding finding) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("grade", finding.grade().name().toLowerCase(Locale.ROOT));
        json.put("words", finding.words().in(LengthFormat.INCH_EIGHTHS));
        return json;
    }

    private static Map<String, Object> table(MarkTable table) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("title", table.title());
        json.put("columns", table.columns());
        List<List<Object>> rows = new ArrayList<>();
        for (List<Object> row : table.rows()) {
            rows.add(row.stream()
                    .map(cell -> cell instanceof Length length
                            ? (Object) (Math.round(length.toMillimetres() * 1e4) / 1e4)
                            : cell)
                    .toList());
        }
        json.put("rows", rows);
        return json;
    }
}
