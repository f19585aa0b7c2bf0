package org.soberhem.bench;

import javafx.application.Application;
import org.soberhem.desk.shell.Probe;

/** Starts the probe from a class that is no application, as the class path asks. */
public final class ProbeRun {

    private ProbeRun() {}

    public static void main(String[] args) {
        Application.launch(Probe.class, args);
    }
}
