/** The edits of pieces beneath the alterations. */
package org.soberhem.core.alter.edit;
