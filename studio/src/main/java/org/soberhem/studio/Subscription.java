package org.soberhem.studio;

/** A listening that can be ended. */
@FunctionalInterface
public interface Subscription {

    /** Ends the listening; ending it twice changes nothing. */
    void end();
}
