/** The stored form against core's values. */
package org.soberhem.files.store.stored;
