/**
 * What begins with something already drawn or cut: outlines read off a gridded picture, off tables of offsets, off
 * drawings in several sizes and off earlier patterns, and the sheet that scales them.
 *
 * <p>Places are shares of a picture's width while they lie on it and millimetres on paper; x is out from the middle of
 * the body, y along it downward. Outlines on paper run clockwise as seen.
 */
package org.soberhem.core.trace;
