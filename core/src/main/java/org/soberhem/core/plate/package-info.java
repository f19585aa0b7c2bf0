/**
 * Drawings of bodies and garments in space, made in software: hidden lines removed, three weights of line, a light
 * wash.
 * Begin reading at {@link PlateMaker#plate}.
 */
package org.soberhem.core.plate;
