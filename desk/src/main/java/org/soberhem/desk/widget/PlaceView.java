package org.soberhem.desk.widget;

import java.util.function.Consumer;
import javafx.scene.layout.BorderPane;
import org.soberhem.studio.Observed;
import org.soberhem.studio.Studio;
import org.soberhem.studio.Subscriptions;

/**
 * The frame of a place. It is drawn anew when what it shows has changed, and only while it can be seen; what it listens
 * to ends when it is closed.
 */
public abstract class PlaceView extends BorderPane implements AutoCloseable {

    private final Studio studio;
    private final Subscriptions listening = new Subscriptions();
    private boolean shown;
    private boolean stale = true;
    private String costume = "";

    /** @param style class of the place in the style sheet */
    protected PlaceView(Studio studio, String style) {
        this.studio = studio;
        getStyleClass().add(style);
        listen(studio.current().situation(), now -> changed());
        listen(studio.current().garment(), now -> changed());
        listen(studio.preferences().format(), now -> changed());
    }

    /** Draws the place as things now are. A costume is open and the place can be seen. */
    protected abstract void refresh();

    /** Forgets what was chosen in another costume; called before the place is first drawn for one. */
    protected void costumeChanged() {}

    /** Listens to a value until the place is closed. */
    protected final <T> void listen(Observed<T> value, Consumer<? super T> listener) {
        listening.listen(value, listener);
    }

    /** Has the place drawn anew: at once if it can be seen, otherwise when it is shown next. */
    protected final void changed() {
        stale = true;
        drawIfStale();
    }

    /** Says that the place is shown now, and draws it anew if anything has changed, or that it is hidden. */
    public void show(boolean visible) {
        shown = visible;
        drawIfStale();
    }

    private void drawIfStale() {
        if (!stale || !shown || studio.situation() == null) {
            return;
        }
        stale = false;
        String now = studio.situation().costume().id();
        if (!now.equals(costume)) {
            costume = now;
            costumeChanged();
        }
        refresh();
    }

    @Override
    public void close() {
        listening.close();
    }
}
