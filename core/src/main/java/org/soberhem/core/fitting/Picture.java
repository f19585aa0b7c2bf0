package org.soberhem.core.fitting;

import java.util.Optional;

/**
 * A picture kept with a fitting or a costume.
 *
 * @param hash name of the attachment in the workspace: the hash of its content
 * @param name what the maker calls it
 * @param remark id of the remark that it shows; empty if none
 * @param laid how it is laid over a reference, if it is
 */
public record Picture(String hash, String name, String remark, Optional<Overlay> laid) {

    public Picture(String hash, String name, String remark) {
        this(hash, name, remark, Optional.empty());
    }

    public Picture laidOver(Overlay overlay) {
        return new Picture(hash, name, remark, Optional.of(overlay));
    }
}
