/** What goes wrong, put into words for the maker, and written down for whoever mends it. */
package org.soberhem.files.fault;
