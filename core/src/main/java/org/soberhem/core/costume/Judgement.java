package org.soberhem.core.costume;

import java.util.Map;
import org.soberhem.core.draft.DraftException;

/**
 * A costume worked out, garment by garment.
 *
 * @param costume the costume
 * @param works garments that can be drawn, by name
 * @param failures why the others cannot, by name
 */
public record Judgement(Costume costume, Map<String, Work> works, Map<String, DraftException> failures) {}
