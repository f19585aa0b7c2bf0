/** The cloth: what is in hand, how the pieces lie on it, what it costs. */
package org.soberhem.desk.cloth;
