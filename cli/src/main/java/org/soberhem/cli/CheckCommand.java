package org.soberhem.cli;

import java.util.List;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.DraftRequest;
import org.soberhem.core.draft.Assumptions;
import org.soberhem.core.judging.DraftedGarment;
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
        DraftedGarment work = answer.work();
        List<String> failures = answer.failures();
        if (asJson()) {
            out().println(PatternJson.write(work.sheet(), work.draft(), work.pattern(), work.checks()));
        } else {
            work.checks()
                    .forEach(check -> out().println((check.passes() ? "fits    " : "FAILS   ")
                            + check.sentence().in(LengthFormat.INCH_EIGHTHS)));
            work.questions()
                    .forEach(question -> out().println(
                                    (question.fails() ? "FAILS   " : question.isOpen() ? "asks    " : "settled ")
                                            + question.sentence().in(LengthFormat.INCH_EIGHTHS)));
            work.seams()
                    .forEach(check -> out().println((check.isTrue() ? "true    " : "FAILS   ")
                            + check.sentence().in(LengthFormat.INCH_EIGHTHS)));
            answer.joins()
                    .forEach(join -> out().println((join.isTrue() ? "true    " : "FAILS   ")
                            + join.sentence().in(LengthFormat.INCH_EIGHTHS)));
            Assumptions.of(work.sheet(), work.draft(), work.inputs())
                    .forEach(
                            taken -> out().println("granted " + taken.sentence().in(LengthFormat.INCH_EIGHTHS)));
        }
        return failures.isEmpty() ? 0 : 1;
    }
}
