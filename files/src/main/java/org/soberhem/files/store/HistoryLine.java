package org.soberhem.files.store;

/**
 * One line of history as it stands.
 *
 * @param id unique in the workspace
 * @param value the value at its head
 * @param done sentence of the last action; empty if nothing was done
 * @param undoable whether there is something to undo
 * @param redo sentence of the action that redo would do again; empty if there is none
 */
public record HistoryLine<T>(String id, T value, String done, boolean undoable, String redo) {}
