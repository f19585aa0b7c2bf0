/**
 * Cloth tried on: a worn pattern's mesh placed round a stand, drawn to rest by its own forces and the body's, and read
 * off.
 */
package org.soberhem.core.drape;
