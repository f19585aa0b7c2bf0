/** Tracings, the sheets they become, and what is right about them. */
package org.soberhem.library.trace;
