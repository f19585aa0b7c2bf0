package org.soberhem.library.drape;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.worn.SewnSeam;
import org.soberhem.core.worn.WornPattern;
import org.soberhem.library.Library;

/**
 * Which edge meets which, and from which end, for every sheet of which something can be tried on: as it was read over
 * once by eye, seam by seam, beside the drawn pieces.
 */
class SeamsFoundTest {

    @Test
    void seamsOfEverySheet_areThoseReadByEye() throws IOException {
        StringBuilder found = new StringBuilder();
        for (CompiledSheet sheet : Library.shipped().sheets()) {
            WornPattern worn =
                    WornPattern.of(Drafter.draft(sheet, sheet.middle()).pattern());
            if (worn.pieces().isEmpty()) {
                continue;
            }
            found.append(sheet.sheet().id()).append('\n');
            for (SewnSeam seam : worn.seams()) {
                if (worn.pieces().get(seam.first().get(0).piece()).side() != Side.RIGHT) {
                    found.append("  ").append(words(worn, seam.first()));
                    found.append(" = ").append(words(worn, seam.second())).append('\n');
                }
            }
            worn.leftOut().forEach(each -> found.append("  - ").append(each).append('\n'));
        }
        try (InputStream read = getClass().getResourceAsStream("/worn/seams.txt")) {
            assertThat(found.toString()).isEqualTo(new String(read.readAllBytes(), StandardCharsets.UTF_8));
        }
    }

    private static String words(WornPattern worn, List<SewnSeam.Stretch> run) {
        return run.stream()
                .map(each ->
                        worn.pieces().get(each.piece()).name() + "." + each.edge() + (each.reversed() ? " back" : ""))
                .collect(Collectors.joining(" + "));
    }
}
