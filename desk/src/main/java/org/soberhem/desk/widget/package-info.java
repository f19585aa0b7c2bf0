/** Drawn and reusable parts of the interface. They know core's values, no place and no storage. */
package org.soberhem.desk.widget;
