/** The window: the costume's thread, its heading, its places, and the shortcuts. */
package org.soberhem.desk.shell;
