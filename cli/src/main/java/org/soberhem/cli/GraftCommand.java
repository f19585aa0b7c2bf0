package org.soberhem.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.DraftRequest;
import org.soberhem.cli.given.GivenFiles;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.trace.Graft;
import org.soberhem.core.trace.PaperPiece;
import org.soberhem.core.trace.TracedCopy;
import org.soberhem.core.trace.Tracing;
import org.soberhem.files.exchange.Answers;
import org.soberhem.library.Library;
import org.soberhem.library.sheet.TracingFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "graft",
        description = "Puts edges of one draft on a piece of another, by a common mark, and writes it as a tracing.")
final class GraftCommand extends Answering {

    @Parameters(index = "0", paramLabel = "BODY", description = "the draft that is kept: a library name or a file")
    private String bodyName;

    @Parameters(index = "1", paramLabel = "DONOR", description = "the draft that gives edges")
    private String donorName;

    @Option(names = "--piece", paramLabel = "NAME", required = true, description = "the piece that is kept")
    private String piece;

    @Option(
            names = "--from-piece",
            paramLabel = "NAME",
            description = "the piece that gives; the same name if left out")
    private Optional<String> fromPiece = Optional.empty();

    @Option(
            names = "--replace",
            paramLabel = "EDGE[..EDGE]",
            required = true,
            description = "edges of the kept piece that go, in its order round the piece")
    private String replaced;

    @Option(names = "--take", paramLabel = "EDGE[..EDGE]", description = "edges that come; the same if left out")
    private Optional<String> taken = Optional.empty();

    @Option(
            names = "--by",
            paramLabel = "MARK",
            defaultValue = "armpit",
            description = "armpit, waist, first_end, last_end or both_ends (${DEFAULT-VALUE}); only the last stretches")
    private Graft.By by;

    @Option(
            names = "--measures",
            paramLabel = "FILE",
            description = "both are drawn for this body; their own if left out")
    private Optional<Path> measures = Optional.empty();

    @Option(names = "--out", paramLabel = "FILE.yaml", required = true, description = "the tracing")
    private Path out;

    @Override
    public Integer call() {
        Library library = Library.shipped();
        Tracing body = traced(library, bodyName);
        Tracing donor = traced(library, donorName);
        int place = place(body, piece, bodyName);
        PaperPiece kept = PaperPiece.of(body.pieces().get(place), body.grid().paper());
        String gives = fromPiece.orElse(piece);
        PaperPiece giving = PaperPiece.of(
                donor.pieces().get(place(donor, gives, donorName)), donor.grid().paper());
        List<String> goes = ends(replaced);
        List<String> comes = ends(taken.orElse(replaced));
        Graft.Grafted grafted;
        try {
            grafted = Graft.of(kept, goes.get(0), goes.get(1), giving, comes.get(0), comes.get(1), by);
        } catch (IllegalArgumentException wrong) {
            throw new WrongInput(wrong.getMessage());
        }
        Tracing made = body.with(place, grafted.piece());
        GivenFiles.write(out, TracingFile.write(made).getBytes(StandardCharsets.UTF_8));
        if (asJson()) {
            Map<String, Object> answer = new LinkedHashMap<>();
            answer.put("scale", grafted.scale());
            answer.put("led_mm", grafted.led());
            out().println(Answers.json(answer));
        } else {
            out().println(String.format(
                    "%s of %s on %s of %s, %s; the next edge was led %s to meet it",
                    taken.orElse(replaced),
                    donorName,
                    piece,
                    bodyName,
                    by == Graft.By.BOTH_ENDS
                            ? "stretched to " + Math.round(grafted.scale() * 1000) / 10.0 + " %"
                            : "its size kept",
                    LengthFormat.INCH_EIGHTHS.format(grafted.led())));
        }
        return 0;
    }

    private Tracing traced(Library library, String name) {
        CompiledSheet sheet = DraftRequest.sheet(library, name);
        try {
            return TracedCopy.ofSheet(
                    sheet,
                    measures.map(file -> DraftRequest.inputs(library, file)).orElse(sheet.middle()));
        } catch (DraftException dead) {
            throw new WrongInput(name + ": " + dead.getMessage());
        }
    }

    private static int place(Tracing tracing, String name, String draft) {
        for (int i = 0; i < tracing.pieces().size(); i++) {
            if (tracing.pieces().get(i).name().equals(name)) {
                return i;
            }
        }
        throw new WrongInput(draft + " has no piece \"" + name + "\"; it has "
                + tracing.pieces().stream().map(each -> each.name()).toList());
    }

    private static List<String> ends(String edges) {
        String[] two = edges.split("\\.\\.", -1);
        return List.of(two[0], two[two.length - 1]);
    }
}
