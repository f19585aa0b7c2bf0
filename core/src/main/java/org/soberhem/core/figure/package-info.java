/** A plain figure to point at: where tapes lie and remarks are placed. It is nobody's body and shows no measurement. */
package org.soberhem.core.figure;
