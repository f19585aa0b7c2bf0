package org.soberhem.core.draft;

import java.util.List;
import org.soberhem.core.formula.Frame;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.length.WrittenLengths;
import org.soberhem.core.pattern.Side;

/**
 * A setting beyond what is usual: it is drawn, and asked about. Lengths in millimetres.
 *
 * @param title of the setting
 * @param value as chosen
 * @param least usual
 * @param most usual
 * @param why what the setting is for
 */
public record BeyondUsual(String title, double value, double least, double most, String why) {

    /** No garment has a part as long. */
    static final double MOST = 10_000;

    private static final double ROUNDING = 1e-6;

    /** Says whether a setting can be drawn at all: nothing that is a length is less than nothing. */
    static boolean isPossible(double value, double least) {
        return value >= lowest(least) - ROUNDING && value <= MOST;
    }

    /** Returns the lowest value that can be drawn. */
    static double lowest(double least) {
        return least < 0 ? -MOST : 0;
    }

    /** Returns the settings of a frame that go beyond what is usual. */
    static List<BeyondUsual> of(CompiledSheet sheet, Frame frame) {
        return sheet.settings.stream()
                .map(setting -> new BeyondUsual(
                        setting.title(),
                        frame.slots[setting.slot()],
                        setting.least().value(frame),
                        setting.most().value(frame),
                        sheet.why(setting)))
                .filter(each -> each.value < each.least - ROUNDING || each.value > each.most + ROUNDING)
                .toList();
    }

    /** Returns a refusal that first names what is chosen beyond the usual; the refusal itself if nothing is. */
    static DraftException named(CompiledSheet sheet, Inputs inputs, DraftException impossible) {
        if (inputs.settings().isEmpty()
                || sheet.settings.stream().anyMatch(each -> each.name().equals(impossible.subject()))) {
            return impossible;
        }
        Frame frame;
        try {
            frame = Drafter.frame(sheet, inputs, Side.MIDDLE);
        } catch (DraftException missing) {
            return impossible;
        }
        List<Sentence> chosen =
                of(sheet, frame).stream().map(BeyondUsual::words).toList();
        return chosen.isEmpty()
                ? impossible
                : new DraftException(impossible.subject(), "{}. {}", chosen.get(0), impossible.sentence());
    }

    /** Returns what is asked of the maker. */
    public Sentence words() {
        return Sentence.of("{} is {}: {} to {} is usual ({})", title, value, least, most, WrittenLengths.sentence(why));
    }
}
