/** Reading patterns off pictures, tables and earlier patterns. */
package org.soberhem.desk.trace;
