/**
 * Named alterations on the flat, each from a pattern to a pattern.
 *
 * <p>An alteration names pieces, edges and levels, never places by number, so that it can be done again after the draft
 * has changed. It moves named points and redraws the edges between them; every piece that shares the place follows.
 */
package org.soberhem.core.alter;
