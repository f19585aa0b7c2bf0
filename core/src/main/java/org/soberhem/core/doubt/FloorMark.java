package org.soberhem.core.doubt;

import java.util.List;
import java.util.Optional;
import org.soberhem.core.body.MeasureCatalogue;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.Reading;
import org.soberhem.core.body.TapeStart;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Side;

/**
 * The tape weighted with its 10 in mark at the floor and nothing taken off: every height from the floor is then 10 in
 * too long, so that none looks odd beside another. Only the wearer's height tells.
 */
final class FloorMark {

    /** Reaches from the waist to the floor. */
    private static final String WAIST = "waist-to-floor";

    /**
     * From the waist to the floor it is 0.60 to 0.64 of the height, over a cage up to 0.69; ten inches more make 0.73
     * and
     * more on anybody under 6 ft 3 in (common practice, and the sum).
     */
    private static final double MOST = 0.72;

    private FloorMark() {}

    /** Returns the forgotten offset of all readings from the floor, if all of those from the waist tell of it. */
    static Optional<Mistake> of(MeasureCatalogue catalogue, MeasurementSet set) {
        Optional<Double> height = set.value("height", Side.MIDDLE, Posture.STANDING)
                .map(each -> each.toMillimetres())
                .filter(each -> each > 0);
        List<Reading> waists = set.readings().stream()
                .filter(reading -> reading.measure().startsWith(WAIST))
                .toList();
        boolean tells = height.isPresent()
                && waists.size() > 1
                && set.start() != TapeStart.TEN_AT_FLOOR
                && waists.stream().allMatch(each -> each.mean().toMillimetres() > MOST * height.get());
        if (!tells) {
            return Optional.empty();
        }
        List<Reading> all = set.readings().stream()
                .filter(reading -> !reading.measure().equals("height"))
                .filter(reading -> catalogue
                        .find(reading.measure())
                        .filter(measure -> measure.how().fromFloor())
                        .isPresent())
                .filter(reading -> reading.mean().compareTo(TapeStart.TEN_AT_FLOOR.offset()) > 0)
                .toList();
        MeasurementSet mended = set;
        for (Reading each : all) {
            mended = mended.with(each.each(entry -> entry.less(TapeStart.TEN_AT_FLOOR.offset())));
        }
        Reading first = waists.get(0);
        return Optional.of(new Mistake(
                Doubt.Kind.FLOOR_MARK,
                all.stream().map(Readings::keyOf).toList(),
                Sentence.of(
                        "All {} lengths from the floor would fit with {} off: was the tape weighted with its 10 in mark at the floor?",
                        all.size(),
                        TapeStart.TEN_AT_FLOOR.offset()),
                Sentence.of(
                        "Take {} off all {}: {} {} instead of {}",
                        TapeStart.TEN_AT_FLOOR.offset(),
                        all.size(),
                        catalogue.name(first.measure()),
                        first.mean().minus(TapeStart.TEN_AT_FLOOR.offset()),
                        first.mean()),
                mended));
    }
}
