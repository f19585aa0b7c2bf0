package org.soberhem.library.trace;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.trace.DrawnBodyMeasure;
import org.soberhem.core.trace.Grid;
import org.soberhem.core.trace.TracedCopy;
import org.soberhem.core.trace.Tracing;
import org.soberhem.library.Library;
import org.soberhem.library.sheet.SheetReader;
import org.soberhem.library.sheet.TracedSheet;

/** The plate that ships, and what it is traced to. */
public final class Plates {

    static final Library LIBRARY = Library.shipped();

    private Plates() {}

    /** Returns the plate as it is drawn. */
    public static Pattern jacket() {
        CompiledSheet plate = SheetReader.read(LIBRARY.plate("dressing-jacket-1893"));
        return Drafter.draft(plate, Inputs.of(Map.of())).pattern();
    }

    /** Returns the plate traced without any error of the hand. */
    public static Tracing exact() {
        SheetSource source =
                new SheetSource(SheetSource.Kind.PLATE, "a page of a magazine", "plate 3", SheetSource.Sure.LIKELY, "");
        return Tracing.begun(
                        new Tracing.About(
                                "Dressing jacket",
                                Tracing.Kind.GRIDDED,
                                "jacket",
                                "western Europe",
                                1890,
                                1897,
                                source),
                        Optional.empty(),
                        Grid.PAPER)
                .with(TracedCopy.of(jacket(), TracedCopy.EXACT));
    }

    static List<DrawnBodyMeasure> made(Tracing tracing) {
        return DrawnBodyMeasure.of(tracing.paper(), LIBRARY.landmarks(), tracing.ease(), tracing.unused());
    }

    static String text(Tracing tracing) {
        return TracedSheet.write("traced", tracing, LIBRARY.landmarks());
    }

    public static CompiledSheet sheet(Tracing tracing) {
        return SheetReader.read(text(tracing));
    }
}
