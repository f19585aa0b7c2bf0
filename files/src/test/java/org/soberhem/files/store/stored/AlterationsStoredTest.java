package org.soberhem.files.store.stored;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.JoinPieces;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.library.Library;

/** Every alteration of the library is kept and read back as it was, with what it makes of the pattern. */
class AlterationsStoredTest {

    @Test
    void everyAlteration_andWhatItMakes_isReadBackAsItWas() {
        Library library = Library.shipped();
        Codec codec = Codec.whole();
        Set<String> kept = new HashSet<>();
        List<Pattern> patterns = new ArrayList<>();
        for (CompiledSheet sheet : library.sheets()) {
            patterns.add(Drafter.draft(sheet, sheet.middle()).pattern());
        }
        // Only where two pieces were joined is there a dart within a piece.
        CompiledSheet jacket = library.sheet("jacket-1911").orElseThrow();
        Pattern whole = Drafter.draft(jacket, jacket.middle()).pattern();
        patterns.add(new JoinPieces(EdgeRef.parse("side-front.side"), Sides.BOTH)
                .apply(whole)
                .pattern());
        for (Pattern pattern : patterns) {
            for (AlterationKind kind : library.alterations()) {
                if (kept.contains(kind.id())) {
                    continue;
                }
                Map<String, Object> usual = kind.usual(pattern).orElse(Map.of());
                if (usual.isEmpty()) {
                    continue;
                }
                Alteration made = kind.make(usual, Sides.BOTH);
                assertThat(codec.value(codec.parse(codec.text(codec.tree(made))), Alteration.class))
                        .as(kind.id())
                        .isEqualTo(made);
                Pattern after = made.apply(pattern).pattern();
                assertThat(codec.value(codec.parse(codec.text(codec.tree(after))), Pattern.class))
                        .as(kind.id())
                        .isEqualTo(after);
                kept.add(kind.id());
            }
        }
        assertThat(kept).hasSameSizeAs(library.alterations());
    }
}
