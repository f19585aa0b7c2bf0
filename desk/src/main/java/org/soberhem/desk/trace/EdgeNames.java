package org.soberhem.desk.trace;

import java.util.List;

/** Names that edges usually have; any other may be typed. */
final class EdgeNames {

    static final List<String> USUAL = List.of(
            "neck",
            "shoulder",
            "armscye",
            "side",
            "waist",
            "hem",
            "centre",
            "cap",
            "underarm-front",
            "underarm-back",
            "side-front",
            "side-back");

    private EdgeNames() {}
}
