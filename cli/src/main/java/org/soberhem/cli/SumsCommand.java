package org.soberhem.cli;

import java.util.List;
import java.util.Optional;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.DraftRequest;
import org.soberhem.cli.given.SumAnswer;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.draft.DraftSheet;
import org.soberhem.core.draft.Sums;
import org.soberhem.core.garment.Sum;
import org.soberhem.core.garment.SumInputs;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.library.Library;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(
        name = "sums",
        description =
                "Works out what belongs to a draft: balance, gathers and pleats, hood, cape, arm-hole, drape, getting in"
                        + " and out; exit code 1 where one cannot be made or put on.")
final class SumsCommand extends Answering {

    @Mixin
    private DraftRequest request;

    @Option(names = "--sum", paramLabel = "NAME", description = "only this one")
    private Optional<String> only;

    @Option(
            names = "--year",
            paramLabel = "YEAR",
            description = "of the costume; the middle of the sheet's years if left out")
    private Optional<Integer> year;

    @Mixin
    private SumAnswer answer;

    @Override
    public Integer call() {
        DraftedGarment asked = request.answer().work();
        DraftSheet.About about = asked.sheet().sheet().about();
        SumInputs.Circumstances circumstances = new SumInputs.Circumstances(
                year.orElse((about.from() + about.to()) / 2), Library.shipped().usages());
        List<Sum> all = Sums.of(asked.sheet(), asked.inputs(), asked.pattern(), circumstances);
        List<Sum> wanted = all.stream()
                .filter(sum -> only.isEmpty() || only.get().equals(sum.name()))
                .toList();
        if (wanted.isEmpty()) {
            throw new WrongInput(
                    only.isEmpty()
                            ? "the sheet has no sums"
                            : "--sum " + only.get() + ": the sheet has the sums "
                                    + all.stream().map(Sum::name).toList());
        }
        return answer.tell(this, about.title(), wanted);
    }
}
