/**
 * Doubts about a set of readings: what is odd, which single mistake would explain it, and the set without the mistake.
 * Nothing is ever refused here; a maker who says that a reading is right is not asked again about the same numbers.
 */
package org.soberhem.core.doubt;
