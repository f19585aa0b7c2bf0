/** Pictures: read upright whatever way the telephone was held, within bounds; made small for lists. */
package org.soberhem.files.picture;
