/** Open formats in and out: JSON and SVG of a drafted pattern, CSV of measurements and converted numbers. */
package org.soberhem.files.exchange;
