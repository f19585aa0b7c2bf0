package org.soberhem.desk.fitting;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.image.Image;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Picture;
import org.soberhem.core.length.Sentence;
import org.soberhem.desk.studio.Camera;
import org.soberhem.desk.studio.KeptPictures;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.files.device.CameraStandIn;
import org.soberhem.studio.Studio;

/**
 * The pictures of the costume at hand: kept beside the workspace, read off the interface thread, shown small or large.
 */
final class PictureShelf {

    /** Longer side of a small picture and of one that is worked on, in points. */
    static final int SMALL = 200;

    static final int LARGE = 1600;

    /** So many small pictures are held at once. */
    private static final int MOST_HELD = 120;

    private final Studio studio;
    private final FileDesk files;
    private final KeptPictures kept;
    private final Set<String> coming = new HashSet<>();
    private final Map<String, Image> small = new LinkedHashMap<>(64, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Image> eldest) {
            return size() > MOST_HELD;
        }
    };

    PictureShelf(Studio studio, FileDesk files) {
        this.studio = studio;
        this.files = files;
        this.kept = new KeptPictures(studio.keeper(), files);
    }

    /**
     * Photographs the wearer, off the interface thread, and keeps the picture with the latest round and the remark it
     * shows.
     */
    void photograph(FittingRound round) {
        String remark = round.chosen().map(logged -> logged.remark().id()).orElse("");
        Fitting fitting = round.fitting().orElseThrow();
        String name = "photograph " + (fitting.pictures().size() + 1);
        Camera camera = new Camera(studio);
        files.load(
                () -> camera.photograph(FigureView.FRONT, CameraStandIn.Shot.CASUAL),
                picture -> add(
                        picture,
                        hash -> costume -> withPicture(costume, fitting.number(), new Picture(hash, name, remark))),
                this::say);
    }

    private static Costume withPicture(Costume costume, int fitting, Picture picture) {
        return costume.fittings().stream()
                .filter(each -> each.number() == fitting)
                .findFirst()
                .map(each -> costume.with(each.with(picture)))
                .orElse(costume);
    }

    /** Asks for a picture and keeps it with the latest round. */
    void addToRound(FittingRound round) {
        int number = round.fitting().map(Fitting::number).orElseThrow();
        ask((content, name) ->
                add(content, hash -> costume -> withPicture(costume, number, new Picture(hash, name, ""))));
    }

    /** Asks for a picture and keeps it as a reference. */
    void addReference() {
        ask((content, name) -> addReference(content, name));
    }

    /** Keeps a picture as a reference. */
    void addReference(byte[] content, String name) {
        add(content, hash -> costume -> costume.withPapers(costume.papers().with(new Picture(hash, name, ""))));
    }

    private void ask(BiConsumer<byte[], String> then) {
        kept.ask(then, this::say);
    }

    private void add(byte[] content, Function<String, Function<Costume, Costume>> with) {
        String id = studio.situation().costume().id();
        kept.keep(
                content,
                hash -> studio.histories().allCostumes().stream()
                        .filter(costume -> costume.id().equals(id))
                        .findFirst()
                        .ifPresent(costume -> studio.keep(
                                with.apply(hash).apply(costume), "picture", Sentence.of("Kept a picture"))));
    }

    /** Hands on a small picture, at once if it is held. */
    void small(String hash, Consumer<Image> then) {
        Image held = small.get(hash);
        if (held != null) {
            then.accept(held);
        } else if (coming.add(hash)) {
            load(hash, SMALL, image -> {
                coming.remove(hash);
                small.put(hash, image);
                then.accept(image);
            });
        }
    }

    /** Hands on a picture large enough to work on. */
    void large(String hash, Consumer<Image> then) {
        load(hash, LARGE, then);
    }

    private void load(String hash, int longest, Consumer<Image> then) {
        kept.load(hash, longest, then, why -> {
            coming.remove(hash);
            say(why);
        });
    }

    private void say(String words) {
        studio.done().set(words);
    }

    /** Returns the references of the costume at hand. */
    List<Picture> references() {
        return studio.situation().costume().papers().references();
    }

    /** Finds the round that a picture was taken at. */
    Optional<Fitting> fittingOf(String hash) {
        return studio.situation().costume().fittings().stream()
                .filter(fitting -> fitting.pictures().stream()
                        .anyMatch(picture -> picture.hash().equals(hash)))
                .findFirst();
    }

    /** Finds a picture of the costume at hand. */
    Optional<Picture> find(String hash) {
        return studio.situation().costume().fittings().stream()
                .flatMap(fitting -> fitting.pictures().stream())
                .filter(picture -> picture.hash().equals(hash))
                .findFirst();
    }

    /** Keeps a changed picture with its round. */
    void keep(Picture changed, Sentence sentence) {
        fittingOf(changed.hash())
                .ifPresent(fitting ->
                        studio.keep(studio.situation().costume().with(fitting.with(changed)), "picture", sentence));
    }

    void drop(Picture picture) {
        fittingOf(picture.hash())
                .ifPresent(fitting -> studio.keep(
                        studio.situation().costume().with(fitting.without(picture)),
                        "picture",
                        Sentence.of("Removed the picture {}", picture.name())));
    }
}
