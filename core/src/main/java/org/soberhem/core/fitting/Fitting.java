package org.soberhem.core.fitting;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.soberhem.core.length.Length;

/**
 * One round of fitting a mock-up.
 *
 * @param number from 1
 * @param date when
 * @param mockup what was tried on
 * @param conditions how it was tried on
 * @param remarks in the order in which they were made
 * @param readings what was measured at the fitting, by quantity
 * @param answers what was seen by eye, by rule: 1 as asked, 0.5 partly, 0 not
 * @param trials movements tried, at once and after wear
 * @param pictures taken at the fitting
 */
@RecordBuilder
public record Fitting(
        int number,
        LocalDate date,
        Mockup mockup,
        Conditions conditions,
        List<Remark> remarks,
        Map<String, Length> readings,
        Map<String, Double> answers,
        List<Trial> trials,
        List<Picture> pictures)
        implements FittingBuilder.With {

    public Fitting {
        answers = Collections.unmodifiableMap(new TreeMap<>(answers));
        remarks = List.copyOf(remarks);
        readings = Collections.unmodifiableMap(new TreeMap<>(readings));
        trials = List.copyOf(trials);
        pictures = List.copyOf(pictures);
    }

    /** A fitting that begins. */
    public static Fitting begun(int number, LocalDate date, Mockup mockup, Conditions conditions) {
        return new Fitting(number, date, mockup, conditions, List.of(), Map.of(), Map.of(), List.of(), List.of());
    }

    /** Returns the id of the layer stack that was worn. */
    public String stack() {
        return conditions.stack();
    }

    /** Says whether the layers were confirmed. */
    public boolean confirmed() {
        return conditions.confirmed();
    }

    /** Returns who helped; empty if the wearer was alone. */
    public String helper() {
        return conditions.helper();
    }

    public Optional<Remark> remark(String id) {
        return remarks.stream().filter(remark -> remark.id().equals(id)).findFirst();
    }

    /** Returns the fitting with a remark put in the place of the one with the same id, or added. */
    public Fitting with(Remark remark) {
        List<Remark> changed = new ArrayList<>(remarks);
        changed.replaceAll(each -> each.id().equals(remark.id()) ? remark : each);
        if (!changed.contains(remark)) {
            changed.add(remark);
        }
        return withRemarks(changed);
    }

    public Fitting under(Conditions changed) {
        return withConditions(changed);
    }

    public Fitting of(Mockup changed) {
        return withMockup(changed);
    }

    public Fitting withReading(String quantity, Length value) {
        Map<String, Length> changed = new TreeMap<>(readings);
        changed.put(quantity, value);
        return withReadings(changed);
    }

    /** Returns the fitting with a rule's question answered: 1 as asked, 0.5 partly, 0 not; or not answered. */
    public Fitting withAnswer(String rule, Optional<Double> answer) {
        Map<String, Double> changed = new TreeMap<>(answers);
        answer.ifPresentOrElse(value -> changed.put(rule, value), () -> changed.remove(rule));
        return withAnswers(changed);
    }

    /** Returns the fitting with a trial put in the place of the one of the same movement and time, or added. */
    public Fitting with(Trial trial) {
        List<Trial> changed = new ArrayList<>(trials);
        changed.removeIf(trial::isSame);
        changed.add(trial);
        return withTrials(changed);
    }

    /** Returns the fitting with a picture put in the place of the one with the same content, or added. */
    public Fitting with(Picture picture) {
        List<Picture> changed = new ArrayList<>(pictures);
        changed.replaceAll(each -> each.hash().equals(picture.hash()) ? picture : each);
        if (!changed.contains(picture)) {
            changed.add(picture);
        }
        return withPictures(changed);
    }

    public Fitting without(Picture picture) {
        List<Picture> kept = pictures.stream()
                .filter(each -> !each.hash().equals(picture.hash()))
                .toList();
        return withPictures(kept);
    }

    /** Returns how a movement went after a time, if it was tried. */
    public Optional<Trial> trial(String movement, int minutes) {
        return trials.stream()
                .filter(each -> each.movement().equals(movement) && each.minutes() == minutes)
                .findFirst();
    }
}
