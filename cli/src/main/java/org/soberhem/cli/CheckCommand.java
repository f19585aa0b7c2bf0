package org.soberhem.cli;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.DraftRequest;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.costume.DailyNeeds;
import org.soberhem.core.draft.Assumptions;
import org.soberhem.core.judging.CutState;
import org.soberhem.core.judging.DailyLife;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.PatternQuestion;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.files.exchange.PatternJson;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(name = "check", description = "Checks seams, girths and openings; exit code 1 where one fails.")
final class CheckCommand extends Answering {

    @Mixin
    private DraftRequest request;

    @Option(
            names = "--needs",
            paramLabel = "NEED",
            split = ",",
            description = "what the wearer must be able to do: alone, lavatory, nursing")
    private List<String> needs = List.of();

    @Option(
            names = "--cut-after",
            paramLabel = "N",
            description =
                    "the cloth was cut when the first N alterations were made: tells what it allows of the others")
    private Optional<Integer> cutAfter;

    @Override
    public Integer call() {
        DraftRequest.Answer answer = request.answer();
        DraftedGarment work = answer.work();
        List<PatternQuestion> against = DailyLife.of(
                work,
                answer.made(),
                new DailyNeeds(needs.stream().map(CheckCommand::need).toList()));
        Optional<CutState> cut = cutAfter.map(made -> {
            if (made < 0 || made > answer.made().size()) {
                throw new WrongInput("--cut-after must be 0 to " + answer.made().size() + ": " + made);
            }
            return CutState.of(work.before(answer.made(), made), work.pattern());
        });
        boolean fails = cut.filter(state -> !state.lacking().isEmpty()).isPresent()
                || !answer.failures().isEmpty()
                || against.stream().anyMatch(PatternQuestion::fails);
        if (asJson()) {
            out().println(PatternJson.write(work.sheet(), work.draft(), work.pattern(), work.checks()));
        } else {
            work.checks()
                    .forEach(check -> out().println((check.passes() ? "fits    " : "FAILS   ")
                            + check.sentence().in(LengthFormat.INCH_EIGHTHS)));
            Stream.concat(work.questions().stream(), against.stream())
                    .forEach(question -> out().println(
                                    (question.fails() ? "FAILS   " : question.isOpen() ? "asks    " : "settled ")
                                            + question.sentence().in(LengthFormat.INCH_EIGHTHS)));
            work.seams()
                    .forEach(check -> out().println((check.isTrue() ? "true    " : "FAILS   ")
                            + check.sentence().in(LengthFormat.INCH_EIGHTHS)));
            cut.ifPresent(state -> {
                state.lacking().forEach(each -> out().println("FAILS   " + each.in(LengthFormat.INCH_EIGHTHS)));
                state.added().forEach(each -> out().println("adds    " + each.in(LengthFormat.INCH_EIGHTHS)));
                state.unpick().forEach(each -> out().println("undo    " + each.in(LengthFormat.INCH_EIGHTHS)));
            });
            answer.joins()
                    .forEach(join -> out().println((join.isTrue() ? "true    " : "FAILS   ")
                            + join.sentence().in(LengthFormat.INCH_EIGHTHS)));
            Assumptions.of(work.sheet(), work.draft(), work.inputs())
                    .forEach(
                            taken -> out().println("assumes " + taken.sentence().in(LengthFormat.INCH_EIGHTHS)));
        }
        return fails ? 1 : 0;
    }

    private static DailyNeeds.Need need(String word) {
        try {
            return DailyNeeds.Need.valueOf(word.strip().toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException unknown) {
            throw new WrongInput("--needs must be alone, lavatory or nursing: \"" + word + "\"");
        }
    }
}
