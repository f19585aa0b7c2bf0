/** The shipped library: reads the YAML resources of core into core's values. */
package org.soberhem.library;
