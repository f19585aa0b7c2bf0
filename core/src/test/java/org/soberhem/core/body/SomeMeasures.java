package org.soberhem.core.body;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.body.Measure.Station;
import org.soberhem.core.length.Length;

/** A few measures for tests. */
final class SomeMeasures {

    private SomeMeasures() {}

    static Measure girth(String id, String alias) {
        return measure(id, alias, Measure.Sides.MIDDLE, "standing", Station.FRONT);
    }

    static Measure at(String id, Station station) {
        return measure(id, id + " alias", Measure.Sides.MIDDLE, "both", station);
    }

    static Measure apart(String id, Station station) {
        return measure(id, id + " alias", Measure.Sides.APART, "standing", station);
    }

    static Measure measure(String id, String alias, Measure.Sides sides, String posture, Station station) {
        return new Measure(
                id,
                "Waist",
                List.of(alias),
                Measure.Kind.GIRTH,
                sides,
                Measure.Wearers.ANY,
                "",
                "",
                new Measure.How(
                        "",
                        Measure.Tension.SNUG,
                        posture,
                        "no",
                        true,
                        "",
                        "strongly",
                        station,
                        false,
                        id.startsWith("waist"),
                        false,
                        ""),
                Map.of(Age.ADULT, new Measure.Usual(Length.ofMillimetres(500), Length.ofMillimetres(1500))),
                Optional.empty(),
                List.of());
    }
}
