package org.soberhem.library.judging;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.algorithm.distance.DiscreteHausdorffDistance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.EvenAllowances;
import org.soberhem.core.alter.kind.LengthenAtLevel;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.cloth.Stash;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.CostumeRecord;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.GateStep;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.fitting.Conditions;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Mockup;
import org.soberhem.core.gate.Gate;
import org.soberhem.core.gate.GateCheck;
import org.soberhem.core.gate.GateStanding;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.judging.Judgement;
import org.soberhem.core.judging.SinceVersion;
import org.soberhem.core.judging.Supplies;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.library.Library;
import org.soberhem.library.sheet.SheetReader;

/**
 * Whatever changes the outline of a piece makes of a version something after it, and closes every gate that it had
 * passed.
 */
class SinceVersionTest {

    private static final Library LIBRARY = Library.shipped();
    private static final LocalDate DAY = LocalDate.of(2026, 5, 1);
    private static final Supplies SUPPLIES =
            new Supplies(Stash.EMPTY, LIBRARY.fibres(), LocalDateTime.of(2026, 5, 14, 10, 0));
    private static final Gate GATE =
            new Gate(LIBRARY.symptoms(), LIBRARY.movements(), LIBRARY.wardrobe(), LIBRARY.making());
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** So far an outline may move unnoticed, in millimetres. */
    private static final double SAME = 0.1;

    /** A garment that may be another than the one that was named. */
    private record Changed(String how, Garment garment, Inputs inputs) {}

    static Stream<CompiledSheet> sheets() {
        return LIBRARY.sheets().stream();
    }

    private static Garment begun(CompiledSheet sheet) {
        String text = LIBRARY.sheetText(sheet.sheet().id()).orElseThrow();
        return new Garment("It", text, Map.of(), List.of(), List.of());
    }

    private static EvaluatedCostume at(Garment garment, CompiledSheet sheet, Inputs inputs, Costume costume) {
        Map<String, DraftedGarment> works = new HashMap<>();
        works.put("It", DraftedGarment.of(sheet, inputs, garment.alterations()));
        MeasurementSet set = MeasurementSet.of("may", DAY, "", "", "", List.of());
        return new EvaluatedCostume(
                new Judgement(costume, works, Map.of()),
                Wearer.of("ada", "Ada", "", List.of(set)),
                Optional.of(set),
                Map.of());
    }

    private static List<Changed> changes(Garment named, CompiledSheet sheet, Inputs inputs) {
        List<Changed> all = new ArrayList<>();
        for (CompiledSheet.Adjustable setting : sheet.adjustables()) {
            double other = setting.ways().isEmpty() ? inputs.settings().getOrDefault(setting.name(), 0.0) + 12.7 : 1;
            Garment changed = named.withSetting(setting.name(), other);
            all.add(new Changed(
                    "setting " + setting.name(), changed, new Inputs(inputs.measures(), changed.settings())));
        }
        inputs.measures().forEach((measure, value) -> {
            for (double by : List.of(0.2, 6.0, -6.0)) {
                all.add(new Changed(
                        measure + " read anew",
                        named,
                        inputs.with(measure, new Inputs.Measured(value.left() + by, value.right() + by))));
                all.add(new Changed(
                        measure + " on the left",
                        named,
                        inputs.with(measure, new Inputs.Measured(value.left() + by, value.right()))));
            }
        });
        named.versions().get(0).finished().orElseThrow().pieces().stream()
                .flatMap(piece -> piece.levels().keySet().stream())
                .distinct()
                .forEach(level -> all.add(new Changed(
                        "lengthened at " + level, named.with(LengthenAtLevel.evenly(level, 5, Sides.LEFT)), inputs)));
        all.add(new Changed("allowances", named.with(new EvenAllowances(31, Sides.BOTH)), inputs));
        return all;
    }

    private static double moved(Pattern was, Pattern is) {
        if (was.pieces().size() != is.pieces().size()) {
            return Double.POSITIVE_INFINITY;
        }
        double most = 0;
        for (int i = 0; i < was.pieces().size(); i++) {
            most = Math.max(most, moved(was.pieces().get(i), is.pieces().get(i)));
        }
        return most;
    }

    private static double moved(Piece was, Piece is) {
        return Math.max(
                moved(was.seamLine().corners(), is.seamLine().corners()),
                moved(was.cuttingLine().corners(), is.cuttingLine().corners()));
    }

    private static double moved(List<Point> was, List<Point> is) {
        return DiscreteHausdorffDistance.distance(line(was), line(is));
    }

    private static LineString line(List<Point> points) {
        return GEOMETRY.createLineString(points.stream()
                .map(point -> new Coordinate(point.x(), point.y()))
                .toArray(Coordinate[]::new));
    }

    @ParameterizedTest
    @MethodSource("sheets")
    void whateverMovesAnOutline_isNoLongerTheVersion_andNoGateStaysPassed(CompiledSheet sheet) {
        Inputs inputs = sheet.middle();
        Garment garment = begun(sheet);
        DraftedGarment work = DraftedGarment.of(sheet, inputs, List.of());
        Garment named = garment.withVersion(DAY, "first", new Inputs(inputs.measures(), Map.of()), work.pattern());
        Fitting fitting =
                Fitting.begun(1, DAY, new Mockup(Map.of("It", 1), "calico"), new Conditions("", true, "Ruth"));
        CostumeRecord passed = CostumeRecord.NONE;
        for (GateStep step : GateStep.values()) {
            passed = passed.with(new CostumeRecord.Passage(step, "It", 1, DAY, "it fits"));
        }
        Costume costume = Secretary.in(List.of(named), List.of(fitting)).withPapers(passed);
        EvaluatedCostume asNamed = at(named, sheet, inputs, costume);
        assertThat(asNamed.judgement().since(named)).isEqualTo(SinceVersion.UNCHANGED);
        assertThat(asNamed.judgement().versionWords(named)).isEqualTo("version 1");
        assertThat(GATE.of(asNamed, "It", GateStep.CUT_CLOTH, SUPPLIES).passed())
                .isPresent();
        Set<SinceVersion> found = EnumSet.noneOf(SinceVersion.class);
        for (Changed each : changes(named, sheet, inputs)) {
            EvaluatedCostume now;
            try {
                now = at(each.garment(), sheet, each.inputs(), costume.with(each.garment()));
            } catch (DraftException cannotBeDrawn) {
                continue;
            }
            SinceVersion since = now.judgement().since(each.garment());
            if (since == SinceVersion.UNCHANGED) {
                assertThat(moved(
                                work.pattern(),
                                now.judgement().works().get("It").pattern()))
                        .as("%s: %s", sheet.sheet().id(), each.how())
                        .isLessThanOrEqualTo(SAME);
            } else if (found.add(since)) {
                assertThat(now.judgement().versionWords(each.garment())).isEqualTo("after version 1");
                closed(now, each.how());
            }
        }
        assertThat(found).contains(SinceVersion.VALUES, SinceVersion.ALTERATIONS);
    }

    private static void closed(EvaluatedCostume now, String how) {
        for (GateStep step : GateStep.values()) {
            GateStanding standing = GATE.of(now, "It", step, SUPPLIES);
            assertThat(standing.passed()).as("%s, %s", how, step).isEmpty();
            assertThat(standing.missing())
                    .filteredOn(condition -> condition.check() == GateCheck.TRIED)
                    .singleElement()
                    .satisfies(condition -> assertThat(condition.words().in(LengthFormat.INCH_EIGHTHS))
                            .contains("no longer version 1"));
        }
    }

    @Test
    void anotherSheet_isNoLongerTheVersion_thoughItDrawsTheSame() {
        CompiledSheet sheet = LIBRARY.sheet("blouse-1906").orElseThrow();
        DraftedGarment work = DraftedGarment.of(sheet, sheet.middle(), List.of());
        Garment named =
                begun(sheet).withVersion(DAY, "first", new Inputs(sheet.middle().measures(), Map.of()), work.pattern());
        Garment other = named.withSheet(named.sheet() + "\n# looked through\n", Set.of());
        assertThat(SheetReader.read(other.sheet()).sheet().id()).isEqualTo("blouse-1906");
        assertThat(SinceVersion.of(other, Optional.of(work))).isEqualTo(SinceVersion.SHEET);
        assertThat(SinceVersion.of(named, Optional.empty())).isEqualTo(SinceVersion.NOT_DRAWN);
        assertThat(SinceVersion.of(begun(sheet), Optional.of(work))).isEqualTo(SinceVersion.NO_VERSION);
    }
}
