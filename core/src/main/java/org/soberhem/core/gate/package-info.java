/** The gates before steps that cannot be taken back. */
package org.soberhem.core.gate;
