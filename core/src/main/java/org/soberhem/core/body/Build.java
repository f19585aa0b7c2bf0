package org.soberhem.core.body;

/**
 * What decides which measures a wearer is asked for.
 *
 * @param age how old
 * @param bust whether there is a bust to be fitted; children have none
 */
public record Build(Age age, boolean bust) {

    /** A grown wearer with a bust. */
    public static final Build ADULT = new Build(Age.ADULT, true);

    public Build {
        bust = bust && age == Age.ADULT;
    }
}
