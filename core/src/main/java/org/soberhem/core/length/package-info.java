/**
 * Exact lengths as people type and read them.
 *
 * <p>A {@link org.soberhem.core.length.Length} is a whole number of nanometres. Geometry and formulas work in {@code
 * double} millimetres; {@code Length.toMillimetres} and {@code Length.ofMillimetres} are the one door each way. What is
 * displayed is rounded and never feeds back.
 */
package org.soberhem.core.length;
