/**
 * Figures: a plain one to point at, and a standing body computed from a wearer's own girths and heights. Lengths in
 * millimetres, x towards the wearer's left, y up from the floor, z forward.
 */
package org.soberhem.core.figure;
