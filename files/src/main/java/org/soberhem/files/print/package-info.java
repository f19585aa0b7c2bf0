/**
 * Paper that is true to size: pattern pieces tiled over pages, and the paper rulers of a proportional draft.
 *
 * <p>Everything is laid out in millimetres, y down; {@link org.soberhem.files.print.Pen} turns it into points of a
 * page.
 */
package org.soberhem.files.print;
