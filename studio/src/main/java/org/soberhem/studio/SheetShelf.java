package org.soberhem.studio;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.length.Sentence;
import org.soberhem.library.Library;

/** The draft sheets that garments can be drafted from: the shipped ones and the maker's own. */
public final class SheetShelf {

    private final Studio studio;
    private final Library library;

    SheetShelf(Studio studio, Library library) {
        this.studio = studio;
        this.library = library;
    }

    /** Returns every sheet that can be read, by year. */
    public List<OfferedSheet> offered() {
        List<OfferedSheet> all = new ArrayList<>();
        library.sheets().forEach(sheet -> all.add(new OfferedSheet(sheet.sheet().id(), sheet, false)));
        studio.maker().sheets().forEach((id, text) -> {
            try {
                all.add(new OfferedSheet(id, studio.evaluator().sheet(text), true));
            } catch (SheetException unfinished) {
                // It stays in the editor until it can be read.
                return;
            }
        });
        all.sort(Comparator.comparingInt(each -> each.sheet().sheet().about().from()));
        return all;
    }

    /**
     * Returns a sheet as written, the maker's own before the library's.
     *
     * @throws IllegalArgumentException if there is none of this id
     */
    public String text(String id) {
        return Optional.ofNullable(studio.maker().sheets().get(id))
                .or(() -> library.sheetText(id))
                .orElseThrow(() -> new IllegalArgumentException("There must be a sheet \"" + id + "\""));
    }

    /** Copies a sheet for the maker to change, and returns the copy's id. */
    public String copy(String id) {
        return add(id, text(id));
    }

    /** Keeps a sheet as one of the maker's own under a free id like the one given, and returns it. */
    public String add(String id, String text) {
        Set<String> taken = new HashSet<>(studio.maker().sheets().keySet());
        library.sheets().forEach(sheet -> taken.add(sheet.sheet().id()));
        String free = Histories.freeId(id, taken);
        change(free, text.replaceFirst("(?m)^draft:.*$", "draft: " + free));
        return free;
    }

    /** Keeps a sheet of the maker's own as written, whether it can be read or not. */
    public void change(String id, String text) {
        studio.keep(studio.maker().withSheet(id, text), "sheet", Sentence.of("Changed the sheet {}", id));
    }

    public void remove(String id) {
        studio.keep(studio.maker().withoutSheet(id), "drop sheet", Sentence.of("Removed the sheet {}", id));
    }
}
