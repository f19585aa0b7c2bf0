/** Opens the drafter's inside to the benchmarks: the points of a sheet without its lines. */
package org.soberhem.core.draft;
