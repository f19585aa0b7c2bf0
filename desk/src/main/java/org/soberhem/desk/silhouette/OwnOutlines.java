package org.soberhem.desk.silhouette;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.studio.Histories;
import org.soberhem.studio.Studio;

/** The silhouettes as texts: the shipped ones to be read and copied, the maker's own to be written. */
final class OwnOutlines {

    private static final Pattern NAME = Pattern.compile("(?m)^silhouette:\\s*([\\p{L}\\p{N}-]+)\\s*$");

    private final Studio studio;

    OwnOutlines(Studio studio) {
        this.studio = studio;
    }

    private Map<String, String> own() {
        return studio.maker().silhouettes();
    }

    boolean isOwn(String id) {
        return own().containsKey(id);
    }

    /** Returns a silhouette as written, the maker's own before the library's. */
    String text(String id) {
        return Optional.ofNullable(own().get(id))
                .orElseGet(() -> studio.library().silhouetteText(id));
    }

    /** Returns every silhouette there is, with the maker's own that cannot be read yet under their id. */
    List<Silhouette.Header> headers() {
        List<Silhouette.Header> all =
                new ArrayList<>(studio.judge().silhouettes().headers());
        own().keySet().stream()
                .filter(id -> all.stream().noneMatch(header -> header.id().equals(id)))
                .forEach(id ->
                        all.add(new Silhouette.Header(id, id + " (not yet readable)", "", 0, 0, Silhouette.Who.WOMAN)));
        return all;
    }

    /** Copies a silhouette for the maker to change, and returns the copy's id. */
    String copy(String id) {
        Set<String> taken = new HashSet<>(own().keySet());
        studio.library().silhouettes().headers().forEach(header -> taken.add(header.id()));
        String free = Histories.freeId(id, taken);
        keep(
                free,
                text(id).replaceFirst("(?m)^silhouette:.*$", "silhouette: " + free)
                        .replaceFirst("(?m)^title: \"", "title: \"Own: "));
        return free;
    }

    /**
     * Keeps a silhouette of the maker's own as written, whether it can be read or not.
     *
     * @return the id that it is kept under: what it calls itself, or, where it calls itself nothing, the one it had
     */
    String keep(String id, String text) {
        Matcher names = NAME.matcher(text);
        String now = names.find() ? names.group(1) : id;
        studio.keep(
                studio.maker().withoutSilhouette(id).withSilhouette(now, text),
                "silhouette",
                Sentence.of("Changed the silhouette {}", now));
        return now;
    }

    void drop(String id) {
        studio.keep(
                studio.maker().withoutSilhouette(id), "drop silhouette", Sentence.of("Removed the silhouette {}", id));
    }

    /**
     * Takes a silhouette from a file among the maker's own.
     *
     * @throws SheetException if it is not as the format wants it, with the line
     */
    void take(String content) {
        keep(studio.library().silhouetteReader().read(content).header().id(), content);
    }
}
