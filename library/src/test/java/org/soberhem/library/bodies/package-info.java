/** The measured bodies that every sheet is tried on. */
package org.soberhem.library.bodies;
