package org.soberhem.desk;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.application.Application;
import org.soberhem.cli.SoberHem;
import org.soberhem.desk.shell.SoberHemApp;
import org.soberhem.desk.shell.StartOptions;
import org.soberhem.desk.shell.Tour;

/** Starts the window, the tour, or a command. */
public final class Main {

    private Main() {}

    public static void main(String[] args) {
        List<String> given = List.of(args);
        Optional<StartOptions> start = StartOptions.of(given);
        if (start.isPresent()) {
            window(start.get());
            return;
        }
        PrintWriter out = new PrintWriter(System.out, true, StandardCharsets.UTF_8);
        PrintWriter err = new PrintWriter(System.err, true, StandardCharsets.UTF_8);
        System.exit(SoberHem.execute(args, out, err, Main::tour));
    }

    private static void window(StartOptions start) {
        if (hasDisplay()) {
            SoberHemApp.begin(start);
            Application.launch(SoberHemApp.class);
        } else if (start.demo()) {
            Path folder = Path.of(System.getProperty("java.io.tmpdir"), "sober-hem-tour");
            System.out.println("There is no display. The demo's views are rendered to " + folder);
            tour(folder);
        } else {
            System.err.println(
                    "sober-hem: there is no display to open a window on; ./sober-hem --demo renders the views to files");
            System.exit(2);
        }
    }

    private static boolean hasDisplay() {
        boolean unix = !System.getProperty("os.name").toLowerCase(Locale.ROOT).matches(".*(windows|mac).*");
        return !unix || System.getenv("DISPLAY") != null || System.getenv("WAYLAND_DISPLAY") != null;
    }

    /** Renders the tour offscreen into a folder. */
    private static void tour(Path folder) {
        System.setProperty("glass.platform", "Monocle");
        System.setProperty("monocle.platform", "Headless");
        System.setProperty("prism.order", "sw");
        System.setProperty("headless.geometry", SoberHemApp.WIDTH + "x" + SoberHemApp.HEIGHT + "-32");
        System.setProperty("java.awt.headless", "true");
        Application.launch(Tour.class, "--out=" + folder);
        System.out.println("Rendered to " + folder);
    }
}
