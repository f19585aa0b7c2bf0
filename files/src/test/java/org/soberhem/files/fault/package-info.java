/** Every reader against spoilt input. */
package org.soberhem.files.fault;
