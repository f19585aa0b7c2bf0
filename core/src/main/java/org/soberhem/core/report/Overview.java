package org.soberhem.core.report;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;

/**
 * As much of a costume, or of a wearer, as is needed among many of them; it is stored beside the whole, so that the
 * whole is read only when it is looked at.
 *
 * @param title of the costume, or the wearer's name
 * @param wearer id of the wearer; empty for a wearer
 * @param event when it is needed
 * @param archived whether it is put away
 * @param worn whether it has been worn: it is finished
 * @param begun whether it was fitted or worked at
 * @param running whether work at it goes on
 * @param words everything that was written of it, in lower case
 * @param inWay what stands in its way, in words
 */
public record Overview(
        String title,
        String wearer,
        Optional<LocalDate> event,
        boolean archived,
        boolean worn,
        boolean begun,
        boolean running,
        String words,
        List<String> inWay) {

    public Overview {
        inWay = List.copyOf(inWay);
    }

    /**
     * Returns that of a costume.
     *
     * @param seen puts what was seen at fittings into words
     */
    public static Overview of(Costume costume, UnaryOperator<String> seen, List<String> inWay) {
        return new Overview(
                costume.title(),
                costume.wearer(),
                costume.event(),
                costume.underway().archived(),
                !costume.papers().wearings().isEmpty(),
                !costume.fittings().isEmpty()
                        || !costume.underway().bench().spells().isEmpty(),
                costume.underway().bench().running().isPresent(),
                WrittenWords.of(costume, seen),
                inWay);
    }

    /** Returns that of a wearer. */
    public static Overview of(Wearer wearer) {
        return new Overview(
                wearer.name(), "", Optional.empty(), false, false, false, false, WrittenWords.of(wearer), List.of());
    }

    /** Says whether it is begun and not finished: one of those that weigh on people. */
    public boolean isOnTheGo() {
        return begun && !worn && !archived;
    }
}
