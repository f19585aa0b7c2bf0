/**
 * The sums of particular garments: what practitioners work out by hand beside a draft. Each sum is a class of plain
 * numbers (millimetres and radians), and a class of the same name with {@code Sum} that puts them into words, a table,
 * a drawing and what stands in the way. Nothing is clamped: what cannot be done is said with its place and the missing
 * amount.
 *
 * <p>Values without another source are common practice.
 */
package org.soberhem.core.garment;
