/** What every reader of given texts shares: bounded files, YAML with its lines, and refusals in words. */
package org.soberhem.library.input;
