package org.soberhem.library.judging;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.fitting.Fitting;

/** The costume that tests of its thread share. */
final class Secretary {

    private Secretary() {}

    static Costume in(List<Garment> garments, List<Fitting> fittings) {
        return new Costume(
                "c",
                "Secretary",
                "",
                1906,
                Optional.empty(),
                "ada",
                "may",
                "blouse-1906",
                garments,
                fittings,
                "",
                Map.of());
    }
}
