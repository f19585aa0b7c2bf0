package org.soberhem.desk.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The command line. */
@Command(
        name = "sober-hem",
        mixinStandardHelpOptions = true,
        version = "Sober Hem 0.1.0",
        description = "Scales period patterns to a wearer and logs their mock-up fittings.",
        subcommands = {
            DraftsCommand.class,
            MeasuresCommand.class,
            DraftCommand.class,
            WalkCommand.class,
            CompareCommand.class,
            CheckCommand.class,
            AlterationsCommand.class,
            TraceCommand.class,
            ScaleCommand.class,
            ServesCommand.class,
            SumsCommand.class,
            SkirtCommand.class,
            LayCommand.class,
            RulerCommand.class,
            SheetCommand.class,
            DoubtsCommand.class,
            LayersCommand.class,
            EstimateCommand.class,
            SizeCommand.class,
            SilhouettesCommand.class,
            FigureCommand.class,
            VerdictCommand.class,
            SymptomsCommand.class,
            CausesCommand.class,
            FittingCommand.class,
            ReadyCommand.class,
            OverlayCommand.class,
            TapeCommand.class,
            CostCommand.class,
            PlanCommand.class,
            ExportCommand.class,
            ImportCommand.class,
            BackupCommand.class,
            RestoreCommand.class,
            VerifyCommand.class
        },
        footer = {
            "",
            "Without a command: the application with your own workspace, ~/.sober-hem or --workspace=FOLDER.",
            "--demo: the application with a fresh demo workspace.",
            "Exit codes: 0 done, 1 the answer is that it does not fit, 2 wrong input."
        })
public final class SoberHem implements Runnable {

    /** The answer is "does not fit". */
    static final int DOES_NOT_FIT = 1;

    /** The input cannot be used. */
    static final int WRONG_INPUT = 2;

    private static final Logger LOG = LoggerFactory.getLogger(SoberHem.class);

    @Override
    public void run() {}

    /**
     * Runs a command and returns its exit code: 0 done, 1 does not fit, 2 wrong input.
     *
     * @param tour renders the tour into a folder
     */
    public static int execute(String[] args, PrintWriter out, PrintWriter err, Consumer<Path> tour) {
        CommandLine line = new CommandLine(new SoberHem())
                .addSubcommand(new TourCommand(tour))
                .setCaseInsensitiveEnumValuesAllowed(true)
                .setOut(out)
                .setErr(err)
                .setExecutionExceptionHandler((failure, command, parsed) -> {
                    if (failure instanceof WrongInput) {
                        command.getErr().println("sober-hem: " + failure.getMessage());
                    } else {
                        LOG.error("Command failed", failure);
                        command.getErr().println("sober-hem: this should not have happened: " + failure);
                    }
                    return WRONG_INPUT;
                })
                .setParameterExceptionHandler((failure, given) -> {
                    failure.getCommandLine()
                            .getErr()
                            .println("sober-hem: " + failure.getMessage() + "; see sober-hem --help");
                    return WRONG_INPUT;
                });
        return line.execute(args);
    }
}
