package org.soberhem.core.garment;

import static org.soberhem.core.garment.Inches.INCH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.length.Sentence;

/** A band that closes over a range, for a body that changes or for several wearers: where its fastenings sit. */
public final class BandSum {

    private BandSum() {}

    /**
     * Works the sum out.
     *
     * @param given lengths {@code least} and {@code most}, the girths over which it closes; if wanted {@code overlap}
     *     (what laps when it is closed at its widest), {@code spacing} (between two places of the fastening) and
     *     {@code height} (finished); the word {@code called}
     */
    public static Sum of(SumInputs given) {
        double least = given.amount("least");
        double most = given.amount("most");
        double overlap = given.amount("overlap", 1.5 * INCH);
        double spacing = given.amount("spacing", INCH);
        if (!(least > 0) || !(most >= least) || !(overlap > 0) || !(spacing > 0)) {
            throw new SumException(
                    "A band closes from a smaller to a larger girth, with an overlap: {} to {}, {}",
                    least,
                    most,
                    overlap);
        }
        int places = 1 + (int) StrictMath.ceil((most - least) / spacing - 1e-9);
        double apart = places == 1 ? 0 : (most - least) / (places - 1);
        List<List<Object>> rows = new ArrayList<>();
        for (int i = 0; i < places; i++) {
            rows.add(MarkTable.row(String.valueOf(i + 1), overlap / 2 + i * apart, most - i * apart));
        }
        double length = most + overlap;
        Sketch.Maker drawing = new Sketch.Maker();
        double height = given.amount("height", 1.25 * INCH);
        drawing.rectangle(Sketch.Ink.CLOTH, 0, 0, length, height);
        rows.forEach(row -> drawing.say(
                ((org.soberhem.core.length.Length) row.get(1)).toMillimetres(),
                height / 2,
                Sketch.Lean.MIDDLE,
                "{}",
                row.get(0)));
        double worst = most - least + overlap;
        List<Finding> findings = worst > most / 3
                ? List.of(Finding.asks(
                        "Closed at {} it laps {}, more than a third of the band: a tie or a second opening lies flatter",
                        least,
                        worst))
                : List.of(Finding.tells("Closed at {} it laps {}", least, worst));
        return new Sum(
                given.name(),
                given.word("called", "Band"),
                Sentence.of(
                        "A band of {} closes from {} to {} by {} places of its fastening, {} apart",
                        length,
                        least,
                        most,
                        String.valueOf(places),
                        apart),
                List.of(
                        SumValue.length("band", length, "{} + {}", most, overlap),
                        SumValue.length("cut high", 2 * height, "2 × {}, and what is turned", height),
                        SumValue.length("laps at the least", worst, "{} − {} + {}", most, least, overlap)),
                findings,
                List.of(new MarkTable(
                        "Places of the fastening",
                        List.of("place", "from the end that laps under", "closes at"),
                        rows)),
                Optional.of(drawing.done()),
                List.of(Sentence.of("The hole or the eye of the other end lies {} from its end", overlap / 2)));
    }
}
