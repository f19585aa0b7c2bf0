package org.soberhem.core.costume;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.fitting.Fitting;

/**
 * One reconstruction.
 *
 * @param id unique in the workspace
 * @param title as the maker calls it
 * @param place where it was worn
 * @param year what year it shows
 * @param event when it is needed
 * @param wearer id of the wearer
 * @param set id of the wearer's measurement set that it is drawn from
 * @param stack id of the layer stack that it is worn over
 * @param garments in the order of dressing
 * @param fittings oldest first
 * @param note what the maker wants to remember
 * @param choices which readings the drafts take where the maker overruled them, by the catalogue id they ask for
 * @param look which outline it is to have
 * @param papers what is kept with it beside garments and fittings
 * @param underway cloth, steps and time
 * @param needs what the wearer must be able to do in it; empty where nobody asked
 */
@RecordBuilder
public record Costume(
        String id,
        String title,
        String place,
        int year,
        Optional<LocalDate> event,
        String wearer,
        String set,
        String stack,
        List<Garment> garments,
        List<Fitting> fittings,
        String note,
        Map<String, Choice> choices,
        Look look,
        CostumeRecord papers,
        Progress underway,
        Optional<DailyNeeds> needs)
        implements CostumeBuilder.With {

    public Costume {
        choices = Map.copyOf(choices);
        garments = List.copyOf(garments);
        fittings = List.copyOf(fittings);
    }

    /** A costume with the usual outline of its year. */
    public Costume(
            String id,
            String title,
            String place,
            int year,
            Optional<LocalDate> event,
            String wearer,
            String set,
            String stack,
            List<Garment> garments,
            List<Fitting> fittings,
            String note,
            Map<String, Choice> choices) {
        this(
                id,
                title,
                place,
                year,
                event,
                wearer,
                set,
                stack,
                garments,
                fittings,
                note,
                choices,
                Look.USUAL,
                CostumeRecord.NONE,
                Progress.NOT_BEGUN,
                Optional.empty());
    }

    public Optional<Garment> garment(String name) {
        return garments.stream().filter(garment -> garment.name().equals(name)).findFirst();
    }

    public Optional<Fitting> latestFitting() {
        return fittings.isEmpty() ? Optional.empty() : Optional.of(fittings.get(fittings.size() - 1));
    }

    /** Returns the costume with its drafts taking another reading for a measure, or, without one, the usual again. */
    public Costume taking(String asked, Optional<Choice> choice) {
        Map<String, Choice> all = new HashMap<>(choices);
        choice.ifPresentOrElse(taken -> all.put(asked, taken), () -> all.remove(asked));
        return withChoices(all);
    }

    /** Returns the costume with a garment put in the place of the one with the same name. */
    public Costume with(Garment changed) {
        List<Garment> all = new ArrayList<>(garments);
        all.replaceAll(garment -> garment.name().equals(changed.name()) ? changed : garment);
        return withGarments(all);
    }

    /** Returns the costume with another garment, worn over those it has. */
    public Costume adding(Garment another) {
        List<Garment> all = new ArrayList<>(garments);
        all.add(another);
        return withGarments(all);
    }

    /** Returns the costume with a fitting put in the place of the one with the same number, or added. */
    public Costume with(Fitting changed) {
        List<Fitting> all = new ArrayList<>(fittings);
        all.replaceAll(fitting -> fitting.number() == changed.number() ? changed : fitting);
        if (!all.contains(changed)) {
            all.add(changed);
        }
        return withFittings(all);
    }
}
