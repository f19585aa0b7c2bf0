package org.soberhem.core.fitting;

import java.util.List;

/**
 * A usual cause of what is seen.
 *
 * @param id kebab-case name, unique in its symptom
 * @param why in words
 * @param prior weight before anything is known, 0 to 1
 * @param supports facts that speak for it
 * @param contradicts facts that speak against it
 * @param test what tells it from the others
 * @param remedy what mends it
 * @param confounded layers or cloths beneath that show the same
 */
public record Cause(
        String id,
        String why,
        double prior,
        List<Fact> supports,
        List<Fact> contradicts,
        Test test,
        Remedy remedy,
        List<Confounder> confounded) {

    /**
     * What tells a cause from others.
     *
     * @param by how it is done
     * @param task what is done, in words
     * @param then what is seen if it is this cause
     */
    public record Test(By by, String task, String then) {

        /** Ways of testing, the least trouble first: what can be done on the wearer, then undressing, then sewing. */
        public enum By {
            LIFT,
            SLIDE,
            TURN,
            PIN,
            MEASURE,
            LOOSEN,
            RELEASE,
            REMOVE_LAYER,
            ADD_LAYER,
            REMOVE,
            PAD,
            SWAP,
            PRESS,
            WEIGH,
            WAIT
        }
    }

    /**
     * What beneath or in the cloth shows the same.
     *
     * @param layer words of a layer, empty if it is the cloth
     * @param cloth how the cloth differs, empty if it is a layer
     * @param how in which way
     */
    public record Confounder(String layer, String cloth, String how) {}

    public Cause {
        supports = List.copyOf(supports);
        contradicts = List.copyOf(contradicts);
        confounded = List.copyOf(confounded);
    }
}
