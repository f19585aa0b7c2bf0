package org.soberhem.core.alter.kind;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;

/**
 * Says that a line of the garment is sewn to a line of another garment of the costume: a skirt to a bodice, a bodice to
 * a waistband. It changes no piece; where the costume is judged, both lines must stay as long as each other.
 *
 * @param line role of the edges, such as waist, or piece and edge, such as waistband.upper
 * @param garment name of the other garment
 * @param otherLine its line, in the same words
 * @param fullness how many times as long the first is, gathered or pleated into the second; 1 if plain
 * @param sides must be both
 */
public record SewTo(String line, String garment, String otherLine, double fullness, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return fullness == 1
                ? Sentence.of("Sew the {} to the {} of the {}", line, otherLine, garment)
                : Sentence.of(
                        "Sew the {} to the {} of the {}, {} times as full",
                        line,
                        otherLine,
                        garment,
                        String.valueOf(fullness));
    }

    @Override
    public SewTo on(Sides others) {
        return new SewTo(line, garment, otherLine, fullness, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        if (fullness < 1) {
            throw new AlterationRefusal("Nothing is gathered into what is longer: state a fullness of 1 or more");
        }
        length(pattern, line);
        return pattern;
    }

    /**
     * Returns how long a line is all round the wearer, in millimetres.
     *
     * @throws AlterationRefusal if the pattern has no such line; the sentence names those that it has
     */
    public static double length(Pattern pattern, String line) {
        double length = pattern.pieces().stream()
                .filter(piece -> piece.cutFrom().isEmpty())
                .flatMap(piece -> piece.edges().stream().filter(edge -> isOf(piece, edge, line)))
                .mapToDouble(edge -> edge.path().length())
                .sum();
        if (length == 0) {
            throw new AlterationRefusal(
                    "There is no line \"{}\"; there are {}. Choose one of them",
                    line,
                    String.join(", ", lines(pattern)));
        }
        return length;
    }

    private static boolean isOf(Piece piece, Edge edge, String line) {
        String wanted = line.strip().toLowerCase(Locale.ROOT).replace(' ', '.');
        return edge.role().word().equals(wanted) || (piece.name() + "." + edge.name()).equals(wanted);
    }

    private static List<String> lines(Pattern pattern) {
        Set<String> lines = new LinkedHashSet<>();
        for (Piece piece : pattern.pieces()) {
            for (Edge edge : piece.edges()) {
                if (edge.role() == Role.NECK || edge.role() == Role.WAIST || edge.role() == Role.HEM) {
                    lines.add(edge.role().word());
                }
            }
        }
        pattern.pieces().stream()
                .filter(piece -> piece.spans().isEmpty())
                .forEach(piece -> piece.edges().forEach(edge -> lines.add(piece.name() + "." + edge.name())));
        return List.copyOf(lines);
    }
}
