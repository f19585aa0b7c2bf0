package org.soberhem.desk.draft;

import java.util.List;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.draft.Assumptions;
import org.soberhem.core.draft.DraftSheet;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Studio;

/** What a garment is drafted from: the scale and what it cannot know, what may be chosen, where it comes from. */
final class SheetPanel extends VBox {

    private final Studio studio;
    private final VBox about = new VBox(6);
    private final VBox scale = new VBox(6);
    private final RulersForm rulers;
    private final SettingsForm settings;
    private final VBox words = new VBox(6);
    private final EvidenceForm evidence;

    /**
     * @param change opens the garment's sheet to change it
     * @param add chooses another garment
     */
    SheetPanel(Studio studio, Runnable change, Runnable add) {
        this.studio = studio;
        rulers = new RulersForm(studio);
        settings = new SettingsForm(studio);
        evidence = new EvidenceForm(studio);
        var edit = Parts.button("Change this sheet", change);
        edit.setId("change-sheet");
        var another = Parts.button("Add a garment", add);
        another.setId("add-garment");
        VBox form = new VBox(
                10,
                about,
                new FlowPane(8, 8, edit, another),
                scale,
                rulers,
                Parts.label("What may be chosen", "caps"),
                settings,
                words,
                evidence);
        form.getStyleClass().add("pad");
        ScrollPane scroll = Parts.scroll(form);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().add(scroll);
    }

    void show(DraftedGarment work, Garment garment) {
        LengthFormat format = studio.format();
        DraftSheet sheet = work.sheet().sheet();
        about.getChildren()
                .setAll(
                        Parts.text(sheet.about().title(), "heading"),
                        Parts.text(
                                sheet.about().place() + ", " + sheet.about().from() + " to "
                                        + sheet.about().to() + "; "
                                        + sheet.about().system(),
                                "small",
                                "soft"));
        scale(work, format);
        rulers.show(work, garment);
        settings.show(work, format);
        words.getChildren().clear();
        list("Cautions", sheet.about().cautions());
        list(
                "Where it comes from",
                sheet.about().sources().stream().map(SheetSource::words).toList());
        list("Sewing order", sheet.sewing());
    }

    private void scale(DraftedGarment work, LengthFormat format) {
        scale.getChildren()
                .setAll(
                        Parts.label("Scale", "caps"),
                        Parts.text(ScaleLawText.sentence(work.draft().scale(), format)));
        List<Assumptions> taken = Assumptions.of(work.sheet(), work.draft(), work.inputs());
        if (!taken.isEmpty()) {
            scale.getChildren().add(Parts.text("What one measurement cannot know about this wearer:", "soft"));
            taken.forEach(each ->
                    scale.getChildren().add(Parts.text("· " + each.sentence().in(format), "small")));
        }
    }

    private void list(String title, List<String> lines) {
        if (!lines.isEmpty()) {
            words.getChildren().add(Parts.label(title, "caps"));
            lines.forEach(line -> words.getChildren().add(Parts.text("· " + line, "small")));
        }
    }
}
