/** Probes of the window: start, memory, and the dragging of a measurement. */
package org.soberhem.desk.shell;
