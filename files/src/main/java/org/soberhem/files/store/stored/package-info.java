/**
 * How core's values are written down, apart from how they are laid out in Java: the names of their parts, the number of
 * the form, and what brings older forms up to the present one.
 */
package org.soberhem.files.store.stored;
