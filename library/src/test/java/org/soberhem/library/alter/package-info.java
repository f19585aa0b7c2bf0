/** Alterations on the shipped sheets, in chains and at random. */
package org.soberhem.library.alter;
