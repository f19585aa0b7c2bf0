/**
 * Measurements of speed, start and memory. Not part of the shipped application; docs/performance.md has the figures.
 */
package org.soberhem.bench;
