/** The draft place: the paper, its numbers, its alterations, its walk and the tape beneath it. */
package org.soberhem.desk.draft;
