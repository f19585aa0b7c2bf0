package org.soberhem.core.fitting;

/**
 * Something measured on the wearer at a fitting.
 *
 * @param id the quantity that rules read
 * @param name for people
 * @param garment kind of garment
 */
public record FitReading(String id, String name, String garment) {}
