package org.soberhem.studio;

import org.soberhem.core.draft.CompiledSheet;

/**
 * A sheet that a garment can be drafted from.
 *
 * @param id by which it is found
 * @param sheet the sheet
 * @param own whether it is the maker's own
 */
public record OfferedSheet(String id, CompiledSheet sheet, boolean own) {}
