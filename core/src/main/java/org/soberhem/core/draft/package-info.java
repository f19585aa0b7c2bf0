/**
 * Draft sheets, their formulas, and drawing them at a wearer's size.
 *
 * <p>A {@link org.soberhem.core.draft.DraftSheet} is what is written. {@link org.soberhem.core.draft.CompiledSheet} has
 * every name, dimension and cycle checked once; drafting it is arithmetic on numbers alone. A bare number in the
 * coordinates of a point, in {@code hollow}, {@code round} and {@code included} is in units of the scale; elsewhere it
 * is a pure number. Point coordinates are written [along, out].
 */
package org.soberhem.core.draft;
