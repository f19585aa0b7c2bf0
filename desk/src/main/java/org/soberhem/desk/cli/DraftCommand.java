package org.soberhem.desk.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.soberhem.files.exchange.PatternJson;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(name = "draft", description = "Draws a sheet at a wearer's size and writes it to a file.")
final class DraftCommand implements Callable<Integer> {

    @Mixin
    private DraftRequest request;

    @Option(names = "--out", paramLabel = "FILE", required = true, description = "ends in .json")
    private Path out;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        DraftRequest.Answer answer = request.answer();
        GivenFiles.write(out, content(answer));
        answer.failures().forEach(failure -> spec.commandLine().getErr().println("check: " + failure));
        return 0;
    }

    private byte[] content(DraftRequest.Answer answer) {
        String name = out.getFileName().toString().toLowerCase(Locale.ROOT);
        if (name.endsWith(".json")) {
            return PatternJson.write(
                            answer.sheet(), answer.draft(), answer.draft().pattern(), answer.checks())
                    .getBytes(StandardCharsets.UTF_8);
        }
        throw new WrongInput(out + ": the name must end in .json");
    }
}
