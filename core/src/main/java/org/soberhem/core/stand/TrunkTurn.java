package org.soberhem.core.stand;

/** What a trunk can be turned by beside the size, roundness and place of its rings: heights, places and reliefs. */
enum TrunkTurn {
    FORK_LEVEL,
    HIP_LEVEL,
    HIGH_HIP_LEVEL,
    WAIST_LEVEL,
    WAIST_TILT,
    UNDER_BUST_LEVEL,
    BUST_LEVEL,
    ARMPIT_LEVEL,
    PIT_LEVEL,
    NAPE_LEVEL,
    NAPE_BACK,
    PIT_FORE,
    NECK_POINT_LEVEL,
    NECK_OUT,
    LEFT_SHOULDER_LEVEL,
    RIGHT_SHOULDER_LEVEL,
    SHOULDER_OUT,
    NECK_SIZE,
    BUST_SIZE,
    BUST_APART,
    BELLY,
    SEAT,
    BLADES,
    CREASE_FRONT,
    CREASE_BACK
}
