/** A maker at work, without an interface: histories, evaluation, the costume at hand, and what is done to it. */
package org.soberhem.studio;
