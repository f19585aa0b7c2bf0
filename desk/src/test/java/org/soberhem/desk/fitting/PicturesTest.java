package org.soberhem.desk.fitting;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.image.Image;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.fitting.Overlay;
import org.soberhem.core.fitting.Picture;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Length;
import org.soberhem.core.likeness.Likeness;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.files.picture.Pictures;

/** Pictures kept with a costume, and one laid over its reference, without a window. */
class PicturesTest extends DemoRound {

    PicturesTest() {
        super("secretary-1906");
    }

    @TempDir
    private Path elsewhere;

    private PictureShelf shelf;
    private Optional<Path> chosen = Optional.empty();

    @BeforeEach
    void openShelf() {
        shelf = new PictureShelf(
                studio, new FileDesk(name -> Optional.empty(), () -> chosen, Runnable::run, Runnable::run));
    }

    /** Pictures are kept in the background; a question to the workspace waits for them. */
    private void waitForKeeper() {
        studio.keeper().lines("none", String.class);
    }

    private Picture laid() {
        return fitting().pictures().get(0);
    }

    private OverlayDesk overlay() {
        return new OverlayDesk(studio, shelf, laid().hash());
    }

    @Test
    void photograph_isKeptWithTheRound_andTheRemarkItShows() {
        round.chosenProperty().set(Optional.of("2-2"));
        int before = fitting().pictures().size();
        shelf.photograph(round);
        waitForKeeper();
        assertThat(fitting().pictures()).hasSize(before + 1);
        Picture taken = fitting().pictures().get(before);
        assertThat(taken.remark()).isEqualTo("2-2");
        assertThat(studio.keeper().attachment(taken.hash())).isPresent();
        List<Image> shown = new ArrayList<>();
        shelf.small(taken.hash(), shown::add);
        assertThat(shown)
                .singleElement()
                .satisfies(image -> assertThat(Math.max(image.getWidth(), image.getHeight()))
                        .isEqualTo(PictureShelf.SMALL));
        shelf.small(taken.hash(), shown::add);
        assertThat(shown.get(1)).as("it is held").isSameAs(shown.get(0));
        shelf.drop(taken);
        assertThat(fitting().pictures()).hasSize(before);
        studio.undo();
        assertThat(fitting().pictures()).hasSize(before + 1);
    }

    @Test
    void file_isKeptAsPictureOrReference_andWhatIsNoneIsRefusedInWords() throws Exception {
        Path picture = elsewhere.resolve("telephone.png");
        Files.write(picture, Pictures.png(new BufferedImage(300, 500, BufferedImage.TYPE_INT_RGB)));
        chosen = Optional.of(picture);
        shelf.addToRound(round);
        shelf.addReference();
        waitForKeeper();
        assertThat(fitting().pictures()).extracting(Picture::name).contains("telephone.png");
        assertThat(shelf.references()).extracting(Picture::name).contains("telephone.png");
        Path text = elsewhere.resolve("letter.png");
        Files.writeString(text, "dear Ada");
        chosen = Optional.of(text);
        int before = fitting().pictures().size();
        shelf.addToRound(round);
        assertThat(studio.done().get())
                .isEqualTo("letter.png: It is not a picture that can be read: take a PNG or JPEG");
        assertThat(fitting().pictures()).hasSize(before);
    }

    @Test
    void missingPicture_isSaid_andAskedForAgainLater() {
        List<Image> shown = new ArrayList<>();
        shelf.small("f".repeat(64), shown::add);
        assertThat(shown).isEmpty();
        assertThat(studio.done().get()).contains("is missing in the folder \"attachments\"");
    }

    /**
     * The demo's photograph was drawn with button 1 an inch, button 3 half an inch too low, and button 4 as on the
     * plate.
     */
    @Test
    void demoPicture_isMeasuredAgainstItsPlate() {
        Likeness likeness = overlay().answer(studio.format()).likeness().orElseThrow();
        assertThat(likeness.differences())
                .extracting(each -> each.sentence().in(studio.format()))
                .containsExactly(
                        "button 1: 1 in too low", "button 3: ½ in too low", "button 4: as the reference has it");
    }

    @Test
    void difference_becomesARemark_withItsAmountAndPicture() {
        OverlayDesk desk = overlay();
        Likeness.Difference button = desk.answer(studio.format())
                .likeness()
                .orElseThrow()
                .differences()
                .get(0);
        int before = fitting().remarks().size();
        desk.remark(round, button, Optional.empty());
        Remark made = fitting().remarks().get(before);
        assertThat(made.seen()).isEqualTo("button 1: 1 in too low");
        assertThat(studio.format().format(made.amount().orElseThrow())).isEqualTo("1 in");
        assertThat(made.zone()).isEqualTo("front-edge");
        assertThat(laid().remark()).isEqualTo(made.id());
        assertThat(laid().laid()).as("the marks stay").isPresent();
    }

    @Test
    void marks_areMadeMovedAndTakenAway_eachKept() {
        OverlayDesk desk = overlay();
        desk.over(shelf.references().get(0));
        assertThat(desk.answer(studio.format()).words())
                .isEqualTo("To align by shift, turn and scale, 2 places must be marked on both pictures: 0 are.");
        desk.markThere("", Overlay.Use.HOLDS, new Point(0.5, 0.1));
        assertThat(desk.next().orElseThrow().name()).isEqualTo("place 1");
        desk.markHere(new Point(0.5, 0.2));
        desk.markThere("foot", Overlay.Use.HOLDS, new Point(0.5, 1.1));
        desk.markHere(new Point(0.5, 1.2));
        assertThat(desk.next()).isEmpty();
        assertThat(desk.answer(studio.format()).words()).contains("Say one length that is known on the wearer");
        desk.known("place 1", "foot", Length.ofInches(64));
        assertThat(desk.answer(studio.format()).words()).startsWith("Aligned; the marks that hold it lie 0 in apart");
        desk.move("foot", true, new Point(0.5, 1.3));
        assertThat(desk.overlay().orElseThrow().pairs().get(1).there()).isEqualTo(new Point(0.5, 1.3));
        desk.by(true);
        assertThat(desk.answer(studio.format()).words()).contains("4 places must be marked");
        desk.opacity(0.25);
        desk.trace(true, new Point(0.1, 0.1));
        desk.trace(true, new Point(0.2, 0.2));
        desk.endOutline();
        desk.trace(true, new Point(0.3, 0.3));
        assertThat(desk.overlay().orElseThrow().outlines()).hasSize(2);
        assertThat(desk.overlay().orElseThrow().opacity()).isEqualTo(0.25);
        desk.clearOutlines();
        desk.drop("foot");
        assertThat(desk.overlay().orElseThrow().pairs()).hasSize(1);
        assertThat(desk.overlay().orElseThrow().known()).isEmpty();
        studio.undo();
        assertThat(desk.overlay().orElseThrow().pairs()).hasSize(2);
    }

    @Test
    void outline_tracedOnEither_liesOverBoth() {
        OverlayDesk desk = overlay();
        Point onPicture = desk.overlay().orElseThrow().pairs().get(0).here().orElseThrow();
        Point onReference = desk.overlay().orElseThrow().pairs().get(0).there();
        desk.trace(false, onPicture);
        desk.trace(true, onReference);
        List<Point> there = desk.overlay().orElseThrow().outlines().get(0);
        List<Point> here = desk.outlinesHere().get(0);
        // The crown holds the two together, so both taps are the same place, to what the two marks are apart.
        assertThat(there.get(0).distanceTo(onReference)).isLessThan(1e-3);
        assertThat(here.get(0).distanceTo(onPicture)).isLessThan(1e-9);
        assertThat(here.get(1).distanceTo(onPicture)).isLessThan(1e-3);
        desk.over(shelf.references().get(0));
        desk.trace(false, onPicture);
        assertThat(studio.done().get()).contains("2 places must be marked on both pictures");
        assertThat(desk.overlay().orElseThrow().outlines()).isEmpty();
        assertThat(desk.outlinesHere()).isEmpty();
    }
}
