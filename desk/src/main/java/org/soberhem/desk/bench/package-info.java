/** The bench: steps, time, and when it will be done. */
package org.soberhem.desk.bench;
