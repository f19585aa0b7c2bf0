/**
 * The wearer's own dressmaker's stand: a closed smooth surface in space, fitted to all tapes at once. Millimetres; x
 * towards the wearer's left, y up from the floor, z forward from the ankles. Begin reading at {@link StandMaker#of}.
 */
package org.soberhem.core.stand;
