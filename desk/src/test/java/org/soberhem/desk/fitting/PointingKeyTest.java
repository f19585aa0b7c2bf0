package org.soberhem.desk.fitting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.fitting.Zone;
import org.soberhem.core.geometry.Point;
import org.soberhem.library.Library;

/** Lines from the keys of a column to their places on the wearer. */
class PointingKeyTest {

    @Test
    void leaders_ofAColumn_crossNothing() {
        Zone zone = Library.shipped().zones().get(0);
        Random chance = new Random(11);
        for (int round = 0; round < 200; round++) {
            List<PointingKey> keys = new ArrayList<>();
            for (int i = 0; i < 7; i++) {
                Point place = new Point(90 + chance.nextDouble() * 120, 60 + chance.nextDouble() * 400);
                keys.add(new PointingKey(String.valueOf(i), zone, Sides.LEFT, place));
            }
            List<PointingKey> order = PointingKey.uncrossed(keys, 2, 66);
            assertThat(order).containsExactlyInAnyOrderElementsOf(keys);
            for (int i = 0; i < 7; i++) {
                for (int k = i + 1; k < 7; k++) {
                    assertThat(PointingKey.cross(
                                    order.get(i).leader(2, 66 + i * PointingKey.STEP),
                                    order.get(i).place(),
                                    order.get(k).leader(2, 66 + k * PointingKey.STEP),
                                    order.get(k).place()))
                            .isFalse();
                }
            }
        }
    }
}
