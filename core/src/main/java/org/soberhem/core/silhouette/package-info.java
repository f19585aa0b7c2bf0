/** Rules of a period's silhouette as data, the quantities they read, and their verdicts. */
package org.soberhem.core.silhouette;
