package org.soberhem.core.fitting;

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
 * @param stack id of the layer stack actually worn
 * @param confirmed whether the conditions were confirmed; until then remarks are provisional
 * @param helper who helped; empty if the wearer was alone
 * @param remarks in the order in which they were made
 * @param readings what was measured at the fitting, by quantity
 * @param answers what was seen by eye, by rule: 1 as asked, 0.5 partly, 0 not
 */
public record Fitting(
        int number,
        LocalDate date,
        Mockup mockup,
        String stack,
        boolean confirmed,
        String helper,
        List<Remark> remarks,
        Map<String, Length> readings,
        Map<String, Double> answers) {

    /** A fitting at which nothing was asked by eye. */
    public Fitting(
            int number,
            LocalDate date,
            Mockup mockup,
            String stack,
            boolean confirmed,
            String helper,
            List<Remark> remarks,
            Map<String, Length> readings) {
        this(number, date, mockup, stack, confirmed, helper, remarks, readings, Map.of());
    }

    /**
     * A trial garment.
     *
     * @param versions version of each garment, by garment name
     * @param cloth what it was made of
     */
    public record Mockup(Map<String, Integer> versions, String cloth) {
        public Mockup {
            versions = Collections.unmodifiableMap(new TreeMap<>(versions));
        }
    }

    // Fittings of older workspaces lack the answers.
    public Fitting {
        answers = answers == null ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(answers));
        remarks = List.copyOf(remarks);
        readings = Collections.unmodifiableMap(new TreeMap<>(readings));
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
        return new Fitting(number, date, mockup, stack, confirmed, helper, changed, readings, answers);
    }

    public Fitting without(String remark) {
        List<Remark> kept =
                remarks.stream().filter(each -> !each.id().equals(remark)).toList();
        return new Fitting(number, date, mockup, stack, confirmed, helper, kept, readings, answers);
    }

    public Fitting withReading(String quantity, Length value) {
        Map<String, Length> changed = new TreeMap<>(readings);
        changed.put(quantity, value);
        return new Fitting(number, date, mockup, stack, confirmed, helper, remarks, changed, answers);
    }

    public Fitting confirmedOver(String worn) {
        return new Fitting(number, date, mockup, worn, true, helper, remarks, readings, answers);
    }

    /** Returns the fitting with a rule's question answered: 1 as asked, 0.5 partly, 0 not; or not answered. */
    public Fitting answering(String rule, Optional<Double> answer) {
        Map<String, Double> changed = new TreeMap<>(answers);
        answer.ifPresentOrElse(value -> changed.put(rule, value), () -> changed.remove(rule));
        return new Fitting(number, date, mockup, stack, confirmed, helper, remarks, readings, changed);
    }
}
