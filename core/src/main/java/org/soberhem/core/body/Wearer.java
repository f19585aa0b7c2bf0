package org.soberhem.core.body;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Somebody a costume is made for.
 *
 * @param id unique in the workspace
 * @param name as the maker calls them
 * @param note what the maker should remember
 * @param build which measures are asked for
 * @param sets measurement sets, oldest first
 * @param consent what the wearer allows to be kept and shown
 */
public record Wearer(String id, String name, String note, Build build, List<MeasurementSet> sets, Consent consent) {

    /**
     * What a wearer allows.
     *
     * @param pictures whether pictures of them may be kept and shown
     * @param words what was agreed, and when
     */
    public record Consent(boolean pictures, String words) {

        public static final Consent NOT_ASKED = new Consent(false, "");

        public boolean isAsked() {
            return pictures || !words.isEmpty();
        }
    }

    public Wearer {
        sets = List.copyOf(sets);
    }

    /** Returns a grown wearer. */
    public static Wearer of(String id, String name, String note, List<MeasurementSet> sets) {
        return new Wearer(id, name, note, Build.ADULT, sets, Consent.NOT_ASKED);
    }

    public Optional<MeasurementSet> set(String wanted) {
        return sets.stream().filter(set -> set.id().equals(wanted)).findFirst();
    }

    /** Returns the wearer with a set put in the place of the one with the same id, or added. */
    public Wearer with(MeasurementSet changed) {
        List<MeasurementSet> all = new ArrayList<>(sets);
        all.replaceAll(set -> set.id().equals(changed.id()) ? changed : set);
        if (!all.contains(changed)) {
            all.add(changed);
        }
        return new Wearer(id, name, note, build, all, consent);
    }

    /** Returns the wearer asked for the measures of another build. */
    public Wearer built(Build stated) {
        return new Wearer(id, name, note, stated, sets, consent);
    }

    /** Returns the wearer with what they allow. */
    public Wearer allowing(Consent stated) {
        return new Wearer(id, name, note, build, sets, stated);
    }
}
