/** What a maker has added to the shipped library and prefers. */
package org.soberhem.core.maker;
