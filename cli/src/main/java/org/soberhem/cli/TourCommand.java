package org.soberhem.cli;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

@Command(name = "tour", description = "Renders every main view of the demo as PNG, 1280x800, offscreen.")
final class TourCommand implements Callable<Integer> {

    @Option(names = "--out", paramLabel = "DIR", required = true, description = "folder for the pictures")
    private Path out;

    private final Consumer<Path> tour;

    /** @param tour renders the tour into a folder */
    TourCommand(Consumer<Path> tour) {
        this.tour = tour;
    }

    @Override
    public Integer call() {
        tour.accept(out);
        return 0;
    }
}
