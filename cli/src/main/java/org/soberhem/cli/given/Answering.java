package org.soberhem.cli.given;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** A command that answers on standard output, in words or as JSON. */
public abstract class Answering implements Callable<Integer> {

    @Option(names = "--json", description = "answers as JSON")
    private boolean json;

    @Spec
    private CommandSpec spec;

    /** Says whether the answer is wanted as JSON. */
    public final boolean asJson() {
        return json;
    }

    public final PrintWriter out() {
        return spec.commandLine().getOut();
    }
}
