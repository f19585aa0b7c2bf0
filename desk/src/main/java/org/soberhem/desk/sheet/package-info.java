/** The shelf of draft sheets: choosing one by its plate, and making and changing the maker's own. */
package org.soberhem.desk.sheet;
