/** Where the application starts. */
package org.soberhem.desk;
