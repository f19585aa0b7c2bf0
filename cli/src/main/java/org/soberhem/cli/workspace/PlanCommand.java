package org.soberhem.cli.workspace;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.ExitCode;
import org.soberhem.cli.given.GivenFiles;
import org.soberhem.cli.given.GivenWorkspace;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.plan.Bench;
import org.soberhem.core.plan.Forecast;
import org.soberhem.core.plan.Task;
import org.soberhem.files.exchange.Answers;
import org.soberhem.files.exchange.CalendarFile;
import org.soberhem.studio.BenchCommands;
import org.soberhem.studio.Studio;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(
        name = "plan",
        description =
                "Says what can be done next at a costume and when it will be done; exit code 1 where it will hardly be in time.")
public final class PlanCommand extends Answering {

    /** In time less often than this is hardly in time. */
    private static final double HARDLY = 0.5;

    @Mixin
    private GivenWorkspace given;

    @Option(names = "--out", paramLabel = "FILE", description = "its dates as iCalendar, .ics")
    private Optional<Path> out;

    @Override
    public Integer call() {
        return given.with(studio -> {
            Costume costume = studio.situation().costume();
            Optional<Forecast> forecast =
                    new BenchCommands(studio).outlookNow(costume).forecast();
            out.ifPresent(file -> GivenFiles.write(file, calendar(studio, costume, forecast)));
            List<String> next = costume.underway().bench().open(studio.now()).stream()
                    .map(Task::title)
                    .toList();
            if (asJson()) {
                out().println(Answers.json(answer(costume.underway().bench(), forecast, next)));
            } else {
                print(costume.underway().bench(), forecast, next);
            }
            return forecast.filter(each -> each.inTime() < HARDLY).isPresent() ? ExitCode.DOES_NOT_FIT : 0;
        });
    }

    private static byte[] calendar(Studio studio, Costume costume, Optional<Forecast> forecast) {
        return CalendarFile.write(
                        List.of(new CalendarFile.Dates(costume, forecast)),
                        studio.now().atZone(studio.zone()).toInstant(),
                        studio.zone())
                .getBytes(StandardCharsets.UTF_8);
    }

    private static Map<String, Object> answer(Bench bench, Optional<Forecast> forecast, List<String> next) {
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("steps", bench.tasks().size());
        answer.put("done", bench.tasks().stream().filter(Task::isDone).count());
        answer.put("next", next);
        forecast.ifPresent(each -> {
            answer.put("minutes_left", Math.round(each.minutes()));
            answer.put("early", each.early().toString());
            answer.put("middle", each.middle().toString());
            answer.put("late", each.late().toString());
            answer.put("in_time", each.inTime());
        });
        return answer;
    }

    private void print(Bench bench, Optional<Forecast> forecast, List<String> next) {
        if (bench.tasks().isEmpty()) {
            out().println("No steps yet: take them from the sheets at the bench.");
            return;
        }
        out().println(bench.tasks().stream().filter(Task::isDone).count() + " of "
                + bench.tasks().size() + " steps are done.");
        next.forEach(title -> out().println("next: " + title));
        forecast.ifPresent(each -> out().printf(
                        "Done about %s, in four of five cases between %s and %s; about %s of work left; in time in %.0f of 100 cases.%n",
                        each.middle(),
                        each.early(),
                        each.late(),
                        BenchCommands.time(each.minutes()),
                        each.inTime() * 100));
    }
}
