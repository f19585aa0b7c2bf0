package org.soberhem.core.alter;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.soberhem.core.alter.edit.AmountsAlong;
import org.soberhem.core.alter.edit.AmountsAlong.From;
import org.soberhem.core.alter.edit.AmountsAlong.Place;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthFormatException;
import org.soberhem.core.length.LengthUnit;

/**
 * Amounts at places as a maker writes them: {@code bust -1/2, waist 0, 3 in from the bottom 0}. A place is the top, the
 * middle, the bottom, a level of the body, or a length from the top or the bottom.
 */
public final class AmountsEntry {

    private static final Pattern FROM_END =
            Pattern.compile("(?<far>.+?)\\s+from\\s+(?:the\\s+|its\\s+)?(?<end>top|bottom)\\s+(?<amount>.+)");
    private static final Pattern AT_PLACE =
            Pattern.compile("(?<place>\\D*?[\\p{L}])\\s+(?<amount>[-−+]?\\s*[\\d./½¼¾⅛⅜⅝⅞].*|nothing)");

    private AmountsEntry() {}

    /**
     * Reads amounts at places.
     *
     * @param typed entries with commas or semicolons between
     * @param unit in which a bare number is meant
     * @throws IllegalArgumentException if an entry cannot be read; the message says which and how it is written
     */
    public static AmountsAlong parse(String typed, LengthUnit unit) {
        List<Place> places = new ArrayList<>();
        for (String entry : typed.split("[,;]")) {
            String text = entry.strip().toLowerCase(Locale.ROOT);
            if (!text.isEmpty()) {
                places.add(place(text, unit));
            }
        }
        return new AmountsAlong(places);
    }

    private static Place place(String text, LengthUnit unit) {
        Matcher end = FROM_END.matcher(text);
        if (end.matches()) {
            From from = end.group("end").equals("top") ? From.TOP : From.BOTTOM;
            return new Place(from, "", length(text, end.group("far"), unit), length(text, end.group("amount"), unit));
        }
        Matcher at = AT_PLACE.matcher(text);
        if (!at.matches()) {
            throw unreadable(text);
        }
        double amount = length(text, at.group("amount"), unit);
        String place = at.group("place");
        return switch (place) {
            case "top" -> Place.top(amount);
            case "bottom" -> Place.bottom(amount);
            case "middle", "half way" -> new Place(From.MIDDLE, "", 0, amount);
            default -> Place.atLevel(place, amount);
        };
    }

    private static double length(String entry, String text, LengthUnit unit) {
        if (text.equals("nothing")) {
            return 0;
        }
        try {
            return LengthEntry.parse(text, unit).value().toMillimetres();
        } catch (LengthFormatException wrong) {
            throw unreadable(entry);
        }
    }

    private static IllegalArgumentException unreadable(String entry) {
        return new IllegalArgumentException(
                "\"" + entry + "\" must be a place and an amount, such as: top 1/2, waist 0, 3 in from the bottom 0");
    }

    /** Returns amounts as they would be typed. */
    public static String words(AmountsAlong amounts, LengthFormat format) {
        return amounts.places().stream()
                .map(place -> place(place, format) + " " + number(place.amount(), format))
                .collect(Collectors.joining(", "));
    }

    private static String place(Place place, LengthFormat format) {
        String end = place.from() == From.TOP ? "top" : "bottom";
        return switch (place.from()) {
            case LEVEL -> place.level();
            case MIDDLE -> "middle";
            default -> place.distance() == 0 ? end : format.format(place.distance()) + " from the " + end;
        };
    }

    private static String number(double millimetres, LengthFormat format) {
        return format.number(Length.ofMillimetres(millimetres));
    }
}
