/** Reads and writes draft sheets and library data, with line numbers in every message. */
package org.soberhem.library.sheet;
