/** Mock-ups and their fittings: what was seen, why, how much, and what was decided. */
package org.soberhem.core.fitting;
