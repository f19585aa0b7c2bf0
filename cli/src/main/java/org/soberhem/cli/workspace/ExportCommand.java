package org.soberhem.cli.workspace;

import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.GivenFiles;
import org.soberhem.cli.given.GivenWorkspace;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.report.Redaction.LeftOut;
import org.soberhem.files.exchange.Answers;
import org.soberhem.studio.RecordCommands;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(
        name = "export",
        description =
                "Writes a costume for another maker (.zip), its dossier (.pdf) or the dossier as a table (.csv). Pictures go along only where the wearer allows it.")
public final class ExportCommand extends Answering {

    @Mixin
    private GivenWorkspace given;

    @Option(names = "--out", paramLabel = "FILE", required = true, description = "ends in .zip, .pdf or .csv")
    private Path out;

    @Option(
            names = "--without",
            paramLabel = "WHAT",
            split = ",",
            description = "name, pictures, figures: what is left out")
    private List<LeftOut> without;

    @Option(names = "--with-pictures", description = "pictures go along although no consent is noted")
    private boolean withPictures;

    @Override
    public Integer call() {
        String name = out.getFileName().toString().toLowerCase(Locale.ROOT);
        String ending = name.substring(name.lastIndexOf('.') + 1);
        byte[] content = given.with(studio -> {
            RecordCommands desk = new RecordCommands(studio);
            Set<LeftOut> left = EnumSet.noneOf(LeftOut.class);
            left.addAll(without == null ? List.of() : without);
            if (!withPictures) {
                left.addAll(desk.usuallyLeft());
            }
            return switch (ending) {
                case "zip" -> desk.bundle(left);
                case "pdf" -> desk.dossierPdf(left);
                case "csv" -> desk.csv(left);
                default -> throw new WrongInput(out + ": the name must end in .zip, .pdf or .csv");
            };
        });
        GivenFiles.write(out, content);
        out().println(asJson() ? Answers.json(Map.of("written", out.toString())) : "Written: " + out);
        return 0;
    }
}
