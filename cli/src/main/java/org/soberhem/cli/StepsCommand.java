package org.soberhem.cli;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.DraftRequest;
import org.soberhem.core.draft.DraftSheet;
import org.soberhem.core.plan.Manner;
import org.soberhem.core.plan.Task;
import org.soberhem.files.exchange.Answers;
import org.soberhem.library.Library;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "steps",
        description = "Lists the steps of making up a sheet, with their minutes and where they can be done.")
final class StepsCommand extends Answering {

    @Parameters(index = "0", paramLabel = "SHEET", description = "a library name or a file")
    private String sheetName;

    @Option(
            names = "--sewn",
            paramLabel = "MANNER",
            defaultValue = "mixed",
            description = "mixed, by_hand or by_machine (${DEFAULT-VALUE})")
    private Manner manner;

    @Override
    public Integer call() {
        DraftSheet sheet = DraftRequest.sheet(Library.shipped(), sheetName).sheet();
        List<Task> tasks = Library.shipped()
                .making()
                .sewn(manner)
                .steps(sheet.about().title(), sheet.about().garment(), sheet.sewing(), Set.of());
        if (asJson()) {
            out().println(Answers.json(tasks.stream()
                    .map(task -> Map.<String, Object>of(
                            "step", task.title(),
                            "minutes", task.minutes(),
                            "where", task.where().words()))
                    .toList()));
            return 0;
        }
        tasks.forEach(task -> out().println(String.format(
                "%5d min  %-22s %s", task.minutes(), task.where().words(), task.title())));
        int work = tasks.stream()
                .filter(task -> task.kind() == Task.Kind.WORK)
                .mapToInt(Task::minutes)
                .sum();
        out().println(String.format("%5d min  of work, %s", work, manner.words()));
        return 0;
    }
}
