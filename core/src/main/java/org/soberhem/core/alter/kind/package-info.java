/** The kinds of alterations, each a value that changes a pattern. */
package org.soberhem.core.alter.kind;
