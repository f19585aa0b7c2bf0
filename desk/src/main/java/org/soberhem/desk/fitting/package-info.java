/** The fitting place: the round as it is logged standing, and the decisions made at the table afterwards. */
package org.soberhem.desk.fitting;
