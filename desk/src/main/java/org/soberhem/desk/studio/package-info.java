/** What the whole application shares: the open workspace, the costume at hand, and everything computed from it. */
package org.soberhem.desk.studio;
