package org.soberhem.core.report;

import java.util.Locale;
import java.util.function.UnaryOperator;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Remark;

/** Everything that was written of a costume, to be searched. */
public final class WrittenWords {

    private WrittenWords() {}

    /**
     * Returns it in lower case, line by line.
     *
     * @param seen puts what was seen at fittings into words
     */
    public static String of(Costume costume, UnaryOperator<String> seen) {
        StringBuilder all = new StringBuilder();
        add(all, costume.title(), costume.place(), String.valueOf(costume.year()), costume.note());
        for (Garment garment : costume.garments()) {
            add(all, garment.name(), garment.origin());
            garment.versions().forEach(version -> add(all, version.why()));
        }
        for (Fitting fitting : costume.fittings()) {
            add(all, fitting.mockup().cloth(), fitting.helper());
            for (Remark remark : fitting.remarks()) {
                add(all, seen.apply(remark.seen()));
                remark.decision().ifPresent(decision -> add(all, decision.words()));
            }
            fitting.trials().forEach(trial -> add(all, trial.words()));
            fitting.pictures().forEach(picture -> add(all, picture.name()));
        }
        costume.look().departures().values().forEach(reason -> add(all, reason));
        costume.papers().passages().forEach(passage -> add(all, passage.reason()));
        costume.papers().wearings().forEach(wearing -> add(all, wearing.words()));
        add(all, costume.papers().otherwise());
        costume.underway().bench().tasks().forEach(task -> add(all, task.title(), task.look()));
        return all.toString().toLowerCase(Locale.ROOT);
    }

    /** Returns what was written of a wearer. */
    public static String of(Wearer wearer) {
        StringBuilder all = new StringBuilder();
        add(all, wearer.name(), wearer.note());
        return all.toString().toLowerCase(Locale.ROOT);
    }

    private static void add(StringBuilder all, String... words) {
        for (String each : words) {
            if (!each.isEmpty()) {
                all.append(each).append('\n');
            }
        }
    }
}
