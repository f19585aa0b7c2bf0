/**
 * A drafted pattern: worn pieces, left and right, with seam lines, seams, darts, notches and levels.
 *
 * <p>Every piece is held as it lies on the sheet (x out from the base line, y along it), the left one not mirrored; two
 * worn pieces are a pair when these shapes agree. Alterations change seam lines only; cutting lines are derived last.
 */
package org.soberhem.core.pattern;
