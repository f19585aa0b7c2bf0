/** The silhouette place: the period's rules, how the costume stands by each, and how that went over the rounds. */
package org.soberhem.desk.silhouette;
