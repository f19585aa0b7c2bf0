package org.soberhem.desk.rail;

import java.nio.file.Path;
import java.util.List;
import java.util.function.Function;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.maker.Maker;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Parts;
import org.soberhem.files.exchange.Bundle;
import org.soberhem.files.store.Workspace;
import org.soberhem.studio.RecordCommands;
import org.soberhem.studio.Studio;

/** How the workspace is looked after: backups, the way back, a check of everything, a copy to move with, bundles in. */
final class WorkspaceCare extends VBox {

    private final Studio studio;
    private final FileDesk files;
    private final Runnable changed;
    private final Label said = Parts.text("", "figure");
    private final FlowPane backups = new FlowPane(8, 8);
    private final Label where = Parts.text("", "soft");
    private final TextField limit = new TextField();

    WorkspaceCare(Studio studio, FileDesk files, Runnable changed) {
        super(8);
        this.studio = studio;
        this.files = files;
        this.changed = changed;
        getStyleClass().add("card");
        setPadding(new Insets(16));
        said.setId("care-said");
        said.managedProperty().bind(said.textProperty().isNotEmpty());
        limit.setPrefColumnCount(3);
        limit.setId("limit");
        limit.setOnAction(event -> limit());
        FlowPane row = new FlowPane(
                8,
                8,
                button("Back up now", "back-up", this::backUp),
                button("Check everything", "verify", this::verify),
                button("Copy all into one file", "copy-whole", this::copyWhole),
                button("Take in another maker's costume", "bundle-in", this::take));
        getChildren()
                .addAll(
                        Parts.label("The workspace", "heading"),
                        where,
                        row,
                        said,
                        Parts.label("Go back to a backup", "caps"),
                        backups,
                        Parts.text(
                                "To move to another computer: copy all into one file, carry it there, and start with  sober-hem restore FILE . Nothing else is needed.",
                                "soft"),
                        new FlowPane(8, 8, Parts.label("So many costumes begun at once are enough", "soft"), limit));
    }

    private static Button button(String words, String id, Runnable action) {
        Button button = Parts.button(words, action);
        button.setId(id);
        return button;
    }

    /** Shows or hides it. */
    void toggle() {
        Parts.show(this, !isVisible());
        if (isVisible()) {
            said.setText("");
            refresh();
        }
    }

    private void refresh() {
        where.setText("Everything is kept in " + studio.keeper().folder()
                + ". A backup is made every day, the newest seven stay.");
        limit.setText(String.valueOf(studio.maker().habits().limit()));
        studio.keeper().care(Workspace::backups, this::show, said::setText);
    }

    private void show(List<Path> all) {
        backups.getChildren().clear();
        if (all.isEmpty()) {
            backups.getChildren().add(Parts.label("There is none yet.", "soft"));
        }
        for (Path backup : all) {
            String day =
                    backup.getFileName().toString().replace("workspace-", "").replace(".db", "");
            backups.getChildren()
                    .add(Parts.button(
                            day,
                            () -> told("Looking at it …", workspace -> {
                                workspace.restoreNext(backup);
                                return "Chosen. Close Sober Hem and start it again: everything is then as in the backup "
                                        + day + ". What is here now is put aside in the folder \"backups\", not lost.";
                            })));
        }
    }

    private void told(String meanwhile, Function<Workspace, String> what) {
        said.setText(meanwhile);
        studio.keeper().care(what, said::setText, said::setText);
    }

    private void backUp() {
        said.setText("Backing up …");
        studio.keeper()
                .care(
                        workspace -> {
                            workspace.backUpNow();
                            return "Backed up.";
                        },
                        done -> {
                            said.setText(done);
                            refresh();
                        },
                        said::setText);
    }

    private void verify() {
        told("Reading everything …", workspace -> {
            workspace.verify();
            return "Everything was read and is sound, every picture too.";
        });
    }

    private void copyWhole() {
        files.where(
                "sober-hem-workspace.zip",
                file -> told("Writing " + file.getFileName() + " …", workspace -> {
                    workspace.copyWhole(file);
                    return "Written: " + file;
                }));
    }

    private void take() {
        files.read(
                Bundle.MOST_FILE,
                Bundle::read,
                (bundle, name) -> {
                    said.setText("Taking in " + name + " …");
                    new RecordCommands(studio).take(bundle, taken -> {
                        said.setText("Taken in from " + name + ": "
                                + bundle.shared().costume().title());
                        changed.run();
                    });
                },
                said::setText);
    }

    private void limit() {
        try {
            int many = Integer.parseInt(limit.getText().strip());
            if (many < 1 || many > 99) {
                throw new NumberFormatException();
            }
            Maker maker = studio.maker();
            studio.keep(
                    maker.withHabits(new Maker.Habits(many, maker.habits().rate())),
                    "limit",
                    Sentence.of("At most {} costumes at once", many));
            changed.run();
        } catch (NumberFormatException wrong) {
            said.setText("\"" + limit.getText() + "\" is not a number from 1 to 99.");
        }
    }
}
