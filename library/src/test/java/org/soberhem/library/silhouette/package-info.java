/** Tests of the shipped silhouettes and their rules. */
package org.soberhem.library.silhouette;
