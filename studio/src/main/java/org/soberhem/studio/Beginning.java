package org.soberhem.studio;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.costume.DailyNeeds;

/**
 * A costume as the maker wants to begin it, as typed.
 *
 * @param title what it is
 * @param place where it was worn
 * @param year which year it shows
 * @param event when it is needed; empty if there is no date
 * @param wearer name of a known wearer, or of a new one
 * @param stack id of the layer stack worn beneath
 * @param needs what the wearer must be able to do in it
 * @param sheets ids of the draft sheets, in the order of dressing
 */
public record Beginning(
        String title,
        String place,
        String year,
        String event,
        String wearer,
        String stack,
        List<String> sheets,
        List<DailyNeeds.Need> needs) {

    public Beginning {
        title = title.strip();
        place = place.strip();
        year = year.strip();
        event = event.strip();
        wearer = wearer.strip();
        sheets = List.copyOf(sheets);
        needs = List.copyOf(needs);
    }

    /** Says what is missing or cannot be read, if anything. */
    public Optional<String> problem() {
        if (title.isEmpty()) {
            return Optional.of("Say in a few words what the costume is.");
        }
        if (!year.matches("1[0-9]{3}|20[0-9]{2}")) {
            return Optional.of("The year must have four digits, such as 1906: \"" + year + "\".");
        }
        if (wearer.isEmpty()) {
            return Optional.of("Name the wearer.");
        }
        if (sheets.isEmpty()) {
            return Optional.of("Choose at least one draft.");
        }
        if (!event.isEmpty() && date().isEmpty()) {
            return Optional.of("The date must be written like 2027-05-30: \"" + event + "\".");
        }
        return Optional.empty();
    }

    /** Returns the date of the event, if there is one that can be read. */
    public Optional<LocalDate> date() {
        try {
            return event.isEmpty() ? Optional.empty() : Optional.of(LocalDate.parse(event));
        } catch (DateTimeParseException unreadable) {
            return Optional.empty();
        }
    }
}
