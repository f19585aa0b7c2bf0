package org.soberhem.library.sheet;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.draft.DraftSheet;
import org.soberhem.core.draft.RulerTable;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormatException;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.library.input.YamlNode;

/** Puts paper rulers that a maker measured into the scale of a sheet. */
public final class ScaleText {

    /** Name of the law that the maker's rulers become. */
    private static final String LAW = "my-rulers";

    private ScaleText() {}

    /** Returns the rulers of a sheet that were measured, if it has any. */
    public static Optional<RulerTable> rulers(DraftSheet sheet) {
        return sheet.scale()
                .flatMap(scale -> scale.laws().values().stream()
                        .filter(DraftSheet.RulerLaw.class::isInstance)
                        .map(law -> RulerTable.of((DraftSheet.RulerLaw) law))
                        .findFirst());
    }

    /**
     * Returns a sheet whose scale may also be found between measured rulers; that law comes first.
     *
     * @param sheet as written
     * @param rulers rows of three as typed: what the ruler is marked with, units, and how long they are
     * @param assumed unit of lengths that are typed without one
     * @throws SheetException if a row cannot be read, or the rulers do not rise
     */
    public static String withRulers(String sheet, List<List<String>> rulers, LengthUnit assumed) {
        YamlNode root = YamlNode.parse(sheet);
        YamlNode scale = root.find("scale")
                .orElseThrow(() -> new SheetException(0, "a sheet without a scale has no use for rulers"));
        if (rulers.isEmpty()) {
            throw new SheetException(0, "measure one ruler at least");
        }
        List<String> rows = new ArrayList<>();
        for (int i = 0; i < rulers.size(); i++) {
            List<String> row = rulers.get(i);
            if (!row.get(1).matches("\\d{1,3}")) {
                throw new SheetException(
                        0, "ruler " + (i + 1) + ": how many units were measured, such as 10: \"" + row.get(1) + "\"");
            }
            rows.add("[" + length(row.get(0), assumed, i) + ", " + row.get(1) + ", " + length(row.get(2), assumed, i)
                    + "]");
        }
        Map<String, String> laws = new LinkedHashMap<>();
        laws.put(LAW, "{rulers: [" + String.join(", ", rows) + "]}");
        scale.find("unit").ifPresent(unit -> laws.put("plain", quoted(unit.text())));
        scale.find("laws")
                .ifPresent(all -> all.entries().forEach((name, law) -> {
                    if (!name.equals(LAW)) {
                        laws.put(
                                name,
                                law.isText() ? quoted(law.text()) : sheet.substring(law.from(sheet), law.to(sheet)));
                    }
                }));
        List<String> written = new ArrayList<>();
        laws.forEach((name, law) -> written.add(name + ": " + law));
        String by = scale.get("by").text();
        String end = sheet.substring(0, scale.to(sheet)).endsWith("\n") ? "\n" : "";
        String changed = sheet.substring(0, scale.from(sheet)) + "{by: " + by + ", laws: {" + String.join(", ", written)
                + "}}" + end + sheet.substring(scale.to(sheet));
        SheetReader.read(changed);
        return changed;
    }

    private static String quoted(String formula) {
        return "\"" + formula.replace("\\", "\\\\").replace("\"", "\\\"") + "\"";
    }

    private static String length(String typed, LengthUnit assumed, int row) {
        try {
            long nanometres = LengthEntry.parse(typed, assumed).value().nanometres();
            return BigDecimal.valueOf(nanometres, 6).stripTrailingZeros().toPlainString() + " mm";
        } catch (LengthFormatException wrong) {
            throw new SheetException(0, "ruler " + (row + 1) + ": " + wrong.getMessage());
        }
    }
}
