package org.soberhem.files.print;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Level;
import org.soberhem.core.pattern.MarkLine;
import org.soberhem.core.pattern.Notch;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.SpreadPiece;

/** Draws everything that is printed on one piece: lines, notches, grain, levels and its label. */
final class PieceMarks {

    private static final double CUT = 0.6;
    private static final double SEW = 0.3;
    private static final double FINE = 0.2;
    private static final double NOTCH = 5;
    private static final double BIG = 6;
    private static final double SMALL = 4;
    private static final double BESIDE = 20;

    /** Height of the label. */
    private static final double LABEL = 24;

    private final PrintJob job;
    private final SpreadPiece spread;
    private final Piece piece;

    PieceMarks(PrintJob job, SpreadPiece spread) {
        this.job = job;
        this.spread = spread;
        this.piece = spread.piece();
    }

    void draw(Pen pen) {
        boolean cut = job.options().layers().contains(PrintOptions.Layer.CUT);
        boolean seam = job.options().layers().contains(PrintOptions.Layer.SEAM);
        if (cut) {
            pen.line(CUT).polygon(piece.cuttingLine().corners(), false);
        }
        for (Edge edge : piece.edges()) {
            if (seam && (edge.allowance() > 0 || !cut && !piece.isFold(edge))) {
                pen.line(SEW, 4, 2).stroke(edge.path());
            } else if (piece.isFold(edge)) {
                pen.line(SEW, 8, 2, 1, 2).stroke(edge.path());
                foldWords(pen, edge.path());
            }
        }
        pen.line(FINE, 3, 2);
        piece.lines().forEach(mark -> markLine(pen, mark));
        for (Dart dart : piece.darts()) {
            dart.legs().forEach(pen::stroke);
        }
        if (job.options().layers().contains(PrintOptions.Layer.CONSTRUCTION)) {
            construction(pen);
        }
        pen.line(SEW);
        piece.notches().forEach(notch -> notch(pen, notch));
        grain(pen);
        label(pen);
    }

    private void construction(Pen pen) {
        pen.line(FINE, 6, 2, 1, 2);
        for (Level level : piece.levels().values()) {
            pen.line(level.from(), level.to());
            pen.text(level.name(), level.from().x() + 2, level.from().y() - 1, SMALL);
        }
        for (Edge edge : piece.edges()) {
            Point at = edge.path().start();
            pen.text(edge.from(), at.x() + 1, at.y() - 1, SMALL * 0.75);
        }
    }

    private static void foldWords(Pen pen, Path path) {
        Point middle = path.atShare(0.5);
        pen.text("fold", middle.x() + 2, middle.y(), SMALL);
    }

    private static void markLine(Pen pen, MarkLine mark) {
        pen.line(mark.from(), mark.to());
        Point middle = mark.from().towards(mark.to(), 0.5);
        pen.text(mark.name(), middle.x() + 1.5, middle.y(), SMALL);
    }

    private void notch(Pen pen, Notch notch) {
        Edge edge = piece.edge(notch.edge()).orElseThrow();
        Point at = piece.at(notch);
        pen.line(at, at.plus(piece.outward(notch).times(Math.max(NOTCH, edge.allowance()))));
    }

    private void grain(Pen pen) {
        // Beside the base line, so that the arrow does not hide it.
        Point aside = new Point(Math.min(BESIDE, piece.seamLine().box().width() / 4), 0);
        Point from = piece.grainFrom().plus(aside);
        Point to = piece.grainTo().plus(aside);
        Point along = to.minus(from).unit();
        pen.line(from, to);
        for (Point tip : List.of(from, to)) {
            Point inward = tip == from ? along : along.times(-1);
            Point base = tip.plus(inward.times(6));
            Point across = inward.outward().times(2);
            pen.polygon(List.of(tip, base.plus(across), base.minus(across)), true);
        }
    }

    private void label(Pen pen) {
        Box box = piece.seamLine().box();
        double x = box.minX() + Math.min(box.width() * 0.4, 30);
        double y = labelY(box);
        pen.text(spread.name(), x, y, BIG);
        List<String> lines = List.of(
                job.costume() + ", " + job.garment(),
                cutWords(piece.cut()) + sideWords(),
                allowanceWords(),
                job.version() + ", " + job.date());
        for (int i = 0; i < lines.size(); i++) {
            pen.text(lines.get(i), x, y + BIG + i * (SMALL + 1), SMALL);
        }
    }

    /** Returns the height at which five lines of words are farthest from every level. */
    private double labelY(Box box) {
        double best = 0;
        double most = -1;
        for (int i = 3; i <= 7; i++) {
            double y = box.minY() + box.height() * i / 10;
            double free = box.height();
            for (Level level : piece.levels().values()) {
                free = Math.min(free, Math.abs(level.from().y() - (y + LABEL / 2)));
            }
            if (free > most) {
                most = free;
                best = y;
            }
        }
        return best;
    }

    private String cutWords(Map<String, Integer> cut) {
        int all = piece.count();
        return "cut "
                + cut.entrySet().stream()
                        .map(use -> use.getValue() * spread.count() / Math.max(1, all) + " " + use.getKey())
                        .collect(Collectors.joining(", "));
    }

    private String sideWords() {
        return switch (spread.shape()) {
            case FOLD -> " on the fold";
            case PAIR -> ", half of them mirrored";
            case PLAIN -> "";
        };
    }

    private String allowanceWords() {
        if (!job.options().layers().contains(PrintOptions.Layer.CUT)) {
            return "no seam allowance: seam lines only";
        }
        List<String> widths = piece.edges().stream()
                .filter(edge -> edge.allowance() > 0)
                .map(edge -> job.format().format(edge.allowance()))
                .distinct()
                .toList();
        return widths.isEmpty() ? "no seam allowance" : "seam allowance included: " + String.join(", ", widths);
    }
}
