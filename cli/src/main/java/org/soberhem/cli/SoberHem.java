package org.soberhem.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.soberhem.cli.given.ExitCode;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.cli.workspace.BackupCommand;
import org.soberhem.cli.workspace.CostCommand;
import org.soberhem.cli.workspace.ExportCommand;
import org.soberhem.cli.workspace.FittingCommand;
import org.soberhem.cli.workspace.ImportCommand;
import org.soberhem.cli.workspace.PlanCommand;
import org.soberhem.cli.workspace.ReadyCommand;
import org.soberhem.cli.workspace.RestoreCommand;
import org.soberhem.cli.workspace.VerifyCommand;
import org.soberhem.files.fault.FaultLog;
import org.soberhem.library.input.Failure;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** The command line. */
@Command(
        name = "sober-hem",
        mixinStandardHelpOptions = true,
        scope = CommandLine.ScopeType.INHERIT,
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
            GraftCommand.class,
            ServesCommand.class,
            StepsCommand.class,
            SumCommand.class,
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
            TryCommand.class,
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
            "Without a command: the application with your own workspace.",
            "Exit codes: 0 done, 1 the answer is that it does not fit, 2 wrong input."
        })
public final class SoberHem implements Runnable {

    /** Where it is written down what failed and nobody foresaw. */
    private static final Path LOG = Path.of(System.getProperty("java.io.tmpdir"), "sober-hem-log");

    @Option(names = "--demo", description = "the application with a fresh demo workspace")
    private boolean demo;

    @Option(
            names = "--workspace",
            paramLabel = "FOLDER",
            description = "the application with the workspace in a folder; ~/.sober-hem if not given")
    private Optional<Path> workspace;

    /** The window is started without this class; what comes here is a wrong mixture of options. */
    @Override
    public void run() {
        throw new WrongInput(
                demo && workspace.isPresent()
                        ? "take either --demo or --workspace: the demo has a workspace of its own"
                        : "give a command, --demo or --workspace FOLDER; see sober-hem --help");
    }

    /**
     * Runs a command and returns its exit code: 0 done, 1 does not fit, 2 wrong input.
     *
     * @param tour renders the tour into a folder
     */
    public static int execute(String[] args, PrintWriter out, PrintWriter err, Consumer<Path> tour) {
        CommandLine line = line(tour)
                .setCaseInsensitiveEnumValuesAllowed(true)
                .setOut(out)
                .setErr(err)
                .setExecutionExceptionHandler((failure, command, parsed) -> wrong(failure, command.getErr()))
                .setParameterExceptionHandler((failure, given) -> {
                    String command = failure.getCommandLine().getCommandSpec().qualifiedName();
                    failure.getCommandLine()
                            .getErr()
                            .println("sober-hem: " + failure.getMessage() + "; see " + command + " --help");
                    return ExitCode.WRONG_INPUT;
                });
        try {
            return line.execute(args);
        } catch (StackOverflowError | OutOfMemoryError beyond) {
            return wrong(beyond, err);
        }
    }

    private static CommandLine line(Consumer<Path> tour) {
        return new CommandLine(new SoberHem()).addSubcommand(new TourCommand(tour));
    }

    /** Returns the names of all commands. */
    static List<String> commands() {
        return List.copyOf(line(folder -> {}).getSubcommands().keySet());
    }

    private static int wrong(Throwable failure, PrintWriter err) {
        if (!Failure.isForTheMaker(failure)) {
            try (FaultLog log = new FaultLog(LOG)) {
                log.write("At a command", failure);
            }
        }
        err.println("sober-hem: " + Failure.sentence(failure, LOG));
        return ExitCode.WRONG_INPUT;
    }
}
