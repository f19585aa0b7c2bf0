package org.soberhem.bench;

import java.util.List;
import java.util.Optional;
import javafx.application.Application;
import org.soberhem.desk.shell.Probe;
import org.soberhem.desk.shell.SoberHemApp;
import org.soberhem.desk.shell.StartOptions;

/** Starts the probe from a class that is no application, as the class path asks. */
public final class ProbeRun {

    private ProbeRun() {}

    public static void main(String[] args) {
        List<String> given = List.of(args);
        if (given.contains("--demo")) {
            SoberHemApp.begin(new StartOptions(true, Optional.empty()));
        }
        Application.launch(Probe.class, args);
    }
}
