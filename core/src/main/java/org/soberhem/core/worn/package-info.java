/**
 * A pattern as it is worn: its pieces with darts folded and fastenings closed, which edge is sewn to which, and the
 * mesh of
 * cloth that this makes.
 */
package org.soberhem.core.worn;
