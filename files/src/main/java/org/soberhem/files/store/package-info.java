/**
 * The workspace: a folder with one SQLite database of immutable revisions.
 *
 * <p>A line of history is the life of one wearer or one costume. Each revision stores what was done and what it
 * changed, before and after; undo and redo move the line's head and survive a restart.
 */
package org.soberhem.files.store;
