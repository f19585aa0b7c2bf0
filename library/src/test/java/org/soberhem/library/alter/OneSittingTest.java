package org.soberhem.library.alter;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.Outcome;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.trace.TracedCopy;
import org.soberhem.core.trace.Tracing;
import org.soberhem.library.Library;
import org.soberhem.library.sheet.SheetReader;
import org.soberhem.library.sheet.TracedSheet;

/**
 * The maker's moves one after another on two sheets of a maker's own: a camisole with straps and a coat with lapel,
 * panels, sleeve, cuff and collar. Each begins where the one before it ended, as in one sitting.
 */
class OneSittingTest {

    private static final double IN = 25.4;
    private static CompiledSheet camisole;
    private static CompiledSheet coat;

    @BeforeAll
    static void sheets() throws IOException {
        camisole = sheet("camisole");
        coat = sheet("coat");
    }

    private static CompiledSheet sheet(String name) throws IOException {
        try (InputStream in = OneSittingTest.class.getResourceAsStream("/own/" + name + ".yaml")) {
            return SheetReader.read(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        }
    }

    /** One move: the row of the table, the alteration, and what is answered otherwise than usual. */
    private record Move(String row, String alteration, Map<String, Object> answers) {}

    private static final List<Move> ON_THE_CAMISOLE = List.of(
            new Move("P1", "raise-waistline", Map.of("atFront", -IN / 4, "atSide", -IN / 4, "atBack", -IN / 4)),
            new Move("P2", "take-in-seam", Map.of("atTop", IN / 4, "atBottom", IN / 4)),
            new Move(
                    "P4",
                    "shape-line",
                    Map.of("edge", EdgeRef.parse("front.centre"), "amounts", amounts("top 0, bust 0, waist 1/4"))),
            new Move("P5", "raise-neckline", Map.of("atFront", -IN / 2)),
            new Move("P6", "turn-strap", Map.of("degrees", 2.0)),
            new Move("P7", "strap-out", Map.of("out", IN / 8)),
            new Move("P8", "neck-wedge", Map.of("piece", "front", "atTop", IN / 8)),
            new Move("P9", "add-facing", Map.of("edge", EdgeRef.parse("front.neck"), "width", IN, "smaller", IN / 16)),
            new Move("P15", "strap-length", Map.of("edge", EdgeRef.parse("front.shoulder"), "amount", -IN / 4)),
            new Move("P16", "widen-here", Map.of("piece", "back", "amounts", amounts("top 0, waist 1/2"))),
            new Move("P18", "leave-so", Map.of("what", "back side to front side", "why", "it is eased by hand")),
            new Move(
                    "P21",
                    "add-buttons",
                    Map.of(
                            "edge",
                            EdgeRef.parse("front.centre"),
                            "count",
                            8.0,
                            "first",
                            IN / 4,
                            "over",
                            9 * IN,
                            "inside",
                            IN / 4)),
            new Move("P22", "add-lining", Map.of("piece", "back", "smaller", 0.0, "longer", IN / 2)),
            new Move("P23", "separate-strap", Map.of("piece", "front", "depth", 3 * IN, "grain", 20.0)));

    private static final List<Move> ON_THE_COAT = List.of(
            new Move("P3", "princess-room", Map.of("amount", -IN / 4)),
            new Move("P10", "collar-spread", Map.of("each", IN / 8)),
            new Move("P11", "widen-lap", Map.of("amount", IN)),
            new Move("P11", "shape-lapel", Map.of("up", IN / 4)),
            new Move("P13", "puff-top", Map.of("amount", IN)),
            new Move("P14", "cut-sleeve", Map.of("piece", "sleeve", "level", "elbow")),
            new Move("P18", "leave-off", Map.of("piece", "cuff")),
            new Move("P22", "add-pocket", Map.of("opening", 6 * IN)),
            new Move("P22", "add-interfacing", Map.of("piece", "front", "until", "bust", "smaller", IN / 2)),
            new Move("P9", "sew-to", Map.of("line", "hem", "garment", "Skirt", "otherLine", "waist", "fullness", 1.0)),
            new Move("P12", "join-pieces", Map.of("edge", EdgeRef.parse("back.side"))),
            new Move("P12", "darts-add", Map.of("edge", EdgeRef.parse("back.hem"), "count", 3.0, "width", IN)));

    /** Moves whose other amounts are the usual ones; of the rest, nothing. */
    private static final Set<String> AS_USUAL = Set.of("add-pocket", "puff-top", "darts-add", "collar-spread");

    private static Object amounts(String typed) {
        return MakersMovesTest.amounts(typed);
    }

    private static Pattern sit(CompiledSheet sheet, List<Move> moves) {
        Pattern pattern = Drafter.draft(sheet, sheet.middle()).pattern();
        Map<String, String> refused = new LinkedHashMap<>();
        for (Move move : moves) {
            AlterationKind kind = MakersMovesTest.kind(move.alteration());
            Map<String, Object> answers = new HashMap<>(kind.usual(pattern).orElse(Map.of()));
            kind.asks().stream()
                    .filter(ask -> ask.as() == AlterationKind.As.LENGTH
                            && !move.answers().containsKey(ask.name()))
                    .filter(ask -> ask.admits(0) && !AS_USUAL.contains(move.alteration()))
                    .forEach(ask -> answers.put(ask.name(), 0.0));
            answers.putAll(move.answers());
            Alteration alteration = kind.make(answers, Sides.BOTH);
            Outcome outcome = alteration.apply(pattern);
            if (outcome.refusal().isPresent() && outcome.completed().isPresent()) {
                outcome = outcome.completed().get().apply(pattern);
            }
            outcome.refusal()
                    .ifPresent(why ->
                            refused.put(move.row() + " " + move.alteration(), why.in(LengthFormat.INCH_EIGHTHS)));
            pattern = outcome.pattern();
        }
        assertThat(refused).isEmpty();
        return pattern;
    }

    @Test
    void camisole_isAlteredFromNeckToHem() {
        Pattern made = sit(camisole, ON_THE_CAMISOLE);
        assertThat(made.names()).contains("front-facing", "back-lining", "front/yoke");
        for (Piece piece : made.pieces()) {
            assertThat(piece.seamLine().crossing()).as(piece.name()).isEmpty();
        }
        assertThat(made.seamChecks()).allMatch(SeamCheck::isTrue);
    }

    @Test
    void coat_isAlteredFromLapelToHem() {
        Pattern made = sit(coat, ON_THE_COAT);
        assertThat(made.names()).contains("pocket", "front-interfacing").doesNotContain("cuff", "side-front");
        for (Piece piece : made.pieces()) {
            assertThat(piece.seamLine().crossing()).as(piece.name()).isEmpty();
        }
    }

    @Test
    void p17_p19_aChainOfAll_isOneVersion_andTellsWhatItTrued() {
        List<Alteration> chain = new ArrayList<>();
        Pattern pattern = Drafter.draft(camisole, camisole.middle()).pattern();
        for (Move move : ON_THE_CAMISOLE.subList(0, 4)) {
            Alteration each = MakersMovesTest.alteration(pattern, move.alteration(), move.answers());
            chain.add(each);
            pattern = each.apply(pattern).pattern();
        }
        DraftedGarment work = DraftedGarment.of(camisole, camisole.middle(), chain);
        assertThat(work.refused()).isEmpty();
        assertThat(work.pattern()).isEqualTo(pattern);
    }

    @ParameterizedTest
    @CsvSource({"true", "false"})
    void r1_r2_tracedAsTheyAre_andBroughtToAnotherBody(boolean asItIs) {
        for (CompiledSheet sheet : List.of(camisole, coat)) {
            Tracing tracing = TracedCopy.ofSheet(sheet, sheet.middle()).asItIs(asItIs);
            CompiledSheet copy = SheetReader.read(
                    TracedSheet.write("own-copy", tracing, Library.shipped().landmarks()));
            Pattern drawn = Drafter.draft(copy, copy.middle()).pattern();
            Pattern was = Drafter.draft(sheet, sheet.middle()).pattern();
            assertThat(drawn.names()).isEqualTo(was.names());
            assertThat(drawn.seams()).noneMatch(seam -> seam.kind().byFullness());
        }
    }
}
