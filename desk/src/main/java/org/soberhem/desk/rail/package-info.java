/** The rail: every costume with its stage and what stands in its way. */
package org.soberhem.desk.rail;
