/** A picture of the wearer laid over a reference of the same pose, and what differs in real lengths. */
package org.soberhem.core.likeness;
