package org.soberhem.core.fitting;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.soberhem.core.length.Length;

/**
 * A trial garment.
 *
 * @param versions version of each garment, by garment name
 * @param cloth what it was made of
 * @param differs how that cloth differs from the final one
 * @param planned what will shape the finished garment
 * @param putIn what of it is in the mock-up
 * @param letOut allowance left at the seams to let out, if it was said
 */
public record Mockup(
        Map<String, Integer> versions,
        String cloth,
        Set<ClothDifference> differs,
        Set<InnerPart> planned,
        Set<InnerPart> putIn,
        Optional<Length> letOut) {

    public Mockup {
        versions = Collections.unmodifiableMap(new TreeMap<>(versions));
        differs = ordered(differs, ClothDifference.class);
        planned = ordered(planned, InnerPart.class);
        putIn = ordered(putIn, InnerPart.class);
    }

    /** A mock-up of which nothing else is said. */
    public Mockup(Map<String, Integer> versions, String cloth) {
        this(versions, cloth, Set.of(), Set.of(), Set.of(), Optional.empty());
    }

    static <T extends Enum<T>> Set<T> ordered(Set<T> given, Class<T> type) {
        Set<T> all = EnumSet.noneOf(type);
        all.addAll(given);
        return Collections.unmodifiableSet(all);
    }

    /** Returns the set with one more, or one less if it had it. */
    static <T extends Enum<T>> Set<T> toggled(Set<T> set, T one, Class<T> type) {
        Set<T> all = EnumSet.noneOf(type);
        all.addAll(set);
        if (!all.remove(one)) {
            all.add(one);
        }
        return all;
    }

    public Mockup toggling(ClothDifference difference) {
        return new Mockup(versions, cloth, toggled(differs, difference, ClothDifference.class), planned, putIn, letOut);
    }

    /**
     * Returns the mock-up with the next state of something that shapes it: not planned, planned and missing, put in.
     */
    public Mockup stepping(InnerPart inner) {
        Set<InnerPart> wanted = EnumSet.noneOf(InnerPart.class);
        wanted.addAll(planned);
        Set<InnerPart> in = EnumSet.noneOf(InnerPart.class);
        in.addAll(putIn);
        if (in.contains(inner)) {
            in.remove(inner);
            wanted.remove(inner);
        } else if (!wanted.add(inner)) {
            in.add(inner);
        }
        return new Mockup(versions, cloth, differs, wanted, in, letOut);
    }

    public Mockup leaving(Optional<Length> allowance) {
        return new Mockup(versions, cloth, differs, planned, putIn, allowance);
    }

    /** Says whether something that will shape the finished garment is not in the mock-up. */
    public boolean lacks(InnerPart inner) {
        return planned.contains(inner) && !putIn.contains(inner);
    }
}
