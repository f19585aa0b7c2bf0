/** The whole of one reconstruction: its garments, versions and fittings, and what stands in its way. */
package org.soberhem.core.costume;
