package org.soberhem.cli;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.GivenFiles;
import org.soberhem.cli.given.GivenWearer;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.layers.Layer;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.files.exchange.Answers;
import org.soberhem.files.print.DressingCardPdf;
import org.soberhem.files.print.PaperSize;
import org.soberhem.library.Library;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(name = "layers", description = "Lists the stacks of foundation layers, or one of them in dressing order.")
final class LayersCommand extends Answering {

    @Parameters(index = "0", arity = "0..1", paramLabel = "STACK", description = "a stack")
    private Optional<String> stack;

    @Option(names = "--card", paramLabel = "FILE", description = "prints the stack's dressing card as PDF")
    private Optional<Path> card;

    @Override
    public Integer call() {
        Library library = Library.shipped();
        Wardrobe wardrobe = library.wardrobe();
        if (stack.isEmpty()) {
            if (card.isPresent()) {
                throw new WrongInput("--card needs a stack; sober-hem layers lists them");
            }
            list(wardrobe);
            return 0;
        }
        LayerStack chosen =
                wardrobe.stack(GivenWearer.stack(library, stack.get())).orElseThrow();
        card.ifPresent(file -> GivenFiles.write(file, DressingCardPdf.write(chosen, wardrobe, PaperSize.A4)));
        show(wardrobe, chosen);
        return 0;
    }

    private void list(Wardrobe wardrobe) {
        if (asJson()) {
            out().println(Answers.json(wardrobe.stacks().stream()
                    .map(each -> Map.<String, Object>of(
                            "stack", each.id(),
                            "title", each.title(),
                            "years", List.of(each.from(), each.to()),
                            "layers", each.layers()))
                    .toList()));
        } else {
            wardrobe.stacks().forEach(each -> out().println(String.format("%-26s %s", each.id(), each.title())));
        }
    }

    private void show(Wardrobe wardrobe, LayerStack chosen) {
        List<Layer> layers = wardrobe.layersOf(chosen);
        if (asJson()) {
            out().println(Answers.json(layers.stream()
                    .map(layer -> Map.<String, Object>of(
                            "layer", layer.id(),
                            "name", layer.name(),
                            "about", layer.about(),
                            "changes", layer.changes().stream().sorted().toList(),
                            "cautions",
                                    layer.cautions().stream()
                                            .map(wardrobe.cautions()::get)
                                            .toList()))
                    .toList()));
        } else {
            layers.forEach(
                    layer -> out().println((layers.indexOf(layer) + 1) + ". " + layer.name() + ": " + layer.about()));
        }
    }
}
