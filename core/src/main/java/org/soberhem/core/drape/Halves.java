package org.soberhem.core.drape;

import java.util.ArrayList;
import java.util.List;

/**
 * Numbered elements sorted into those that touch the first half of the particles only, the second half only, and both,
 * so
 * that two threads can work on the halves without touching the same particle.
 *
 * @param order numbers of the elements: first half, second half, both
 * @param ends where each of the three ends in the order
 */
record Halves(int[] order, int[] ends) {

    /**
     * Sorts elements.
     *
     * @param corners particles of an element, one after the other
     * @param each how many particles an element has
     * @param second whether a particle belongs to the second half
     */
    static Halves of(int[] corners, int each, boolean[] second) {
        List<List<Integer>> sorted = List.of(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        for (int element = 0; element < corners.length / each; element++) {
            int there = 0;
            for (int i = 0; i < each; i++) {
                there += second[corners[each * element + i]] ? 1 : 0;
            }
            sorted.get(there == 0 ? 0 : there == each ? 1 : 2).add(element);
        }
        List<Integer> all = new ArrayList<>();
        int[] ends = new int[3];
        for (int part = 0; part < 3; part++) {
            all.addAll(sorted.get(part));
            ends[part] = all.size();
        }
        return new Halves(all.stream().mapToInt(Integer::intValue).toArray(), ends);
    }

    int from(int part) {
        return part == 0 ? 0 : ends[part - 1];
    }
}
