/**
 * Sized patterns: size charts, and which size of a chart a piece is taken in. A size belongs to a piece, never to a
 * person.
 */
package org.soberhem.core.size;
