/** A whole costume worked out from the shipped library: what stands in its way, and its verdicts. */
package org.soberhem.library.judging;
