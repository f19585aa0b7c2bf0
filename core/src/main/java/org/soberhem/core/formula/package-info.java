/** The formulas of draft sheets: reading, units and evaluation. */
package org.soberhem.core.formula;
