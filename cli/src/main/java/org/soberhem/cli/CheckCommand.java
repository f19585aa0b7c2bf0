package org.soberhem.cli;

import java.util.List;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.DraftRequest;
import org.soberhem.core.draft.Assumptions;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.files.exchange.PatternJson;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

@Command(name = "check", description = "Checks seams, girths and openings; exit code 1 where one fails.")
final class CheckCommand extends Answering {

    @Mixin
    private DraftRequest request;

    @Override
    public Integer call() {
        DraftRequest.Answer answer = request.answer();
        List<String> failures = answer.failures();
        if (asJson()) {
            out().println(PatternJson.write(answer.sheet(), answer.draft(), answer.pattern(), answer.checks()));
        } else {
            answer.checks()
                    .forEach(check -> out().println((check.passes() ? "fits    " : "FAILS   ")
                            + check.sentence().in(LengthFormat.INCH_EIGHTHS)));
            answer.pattern()
                    .seamChecks()
                    .forEach(check -> out().println((check.isTrue() ? "true    " : "FAILS   ")
                            + check.sentence().in(LengthFormat.INCH_EIGHTHS)));
            Assumptions.of(answer.sheet(), answer.draft(), answer.inputs())
                    .forEach(
                            taken -> out().println("granted " + taken.sentence().in(LengthFormat.INCH_EIGHTHS)));
        }
        return failures.isEmpty() ? 0 : 1;
    }
}
