/** The shipped library: reads its own YAML and CSV resources into core's values. */
package org.soberhem.library;
