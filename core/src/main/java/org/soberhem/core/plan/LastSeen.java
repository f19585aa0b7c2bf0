package org.soberhem.core.plan;

import java.time.LocalDateTime;

/**
 * When work was last known to go on: what is cut off ends then.
 *
 * @param costume id of the costume at whose bench it does
 */
public record LastSeen(String costume, LocalDateTime at) {}
