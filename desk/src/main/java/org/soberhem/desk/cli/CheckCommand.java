package org.soberhem.desk.cli;

import java.io.PrintWriter;
import java.util.List;
import java.util.concurrent.Callable;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.files.exchange.PatternJson;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(name = "check", description = "Checks seams, girths and openings; exit code 1 where one fails.")
final class CheckCommand implements Callable<Integer> {

    @Mixin
    private DraftRequest request;

    @Option(names = "--json", description = "answers as JSON")
    private boolean json;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        DraftRequest.Answer answer = request.answer();
        PrintWriter out = spec.commandLine().getOut();
        List<String> failures = answer.failures();
        if (json) {
            out.println(PatternJson.write(
                    answer.sheet(), answer.draft(), answer.draft().pattern(), answer.checks()));
        } else {
            answer.checks()
                    .forEach(check -> out.println((check.passes() ? "fits    " : "FAILS   ")
                            + check.sentence().in(LengthFormat.INCH_EIGHTHS)));
            answer.draft()
                    .pattern()
                    .seamChecks()
                    .forEach(check -> out.println((check.isTrue() ? "true    " : "FAILS   ")
                            + check.sentence().in(LengthFormat.INCH_EIGHTHS)));
        }
        return failures.isEmpty() ? 0 : 1;
    }
}
