/** The tape place: the wearer's readings, how each is taken, and the layers they were taken over. */
package org.soberhem.desk.tape;
