package org.soberhem.studio.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Optional;
import org.soberhem.core.fitting.Overlay;
import org.soberhem.core.fitting.Picture;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Length;
import org.soberhem.files.store.Workspace;

/**
 * The demo's two pictures, drawn by the camera stand-in: what the blouse should be like, and a photograph laid over it.
 */
record DemoPictures(Picture plate, Picture fitting) {

    /** Keeps them in the workspace. */
    static DemoPictures keep(Workspace workspace) {
        Picture plate = new Picture(workspace.attach(content("plate.jpg")), "plate of a blouse", "");
        Overlay overlay = Overlay.over(plate.hash())
                .with(pair("crown", Overlay.Use.HOLDS, 0.1200, 0.5236, 0.1230))
                .with(pair("toes", Overlay.Use.HOLDS, 1.2400, 0.5000, 1.2368))
                .with(pair("button 1", Overlay.Use.COMPARED, 0.3446, 0.5185, 0.3624))
                .with(pair("button 3", Overlay.Use.COMPARED, 0.4591, 0.5162, 0.4679))
                .with(pair("button 4", Overlay.Use.COMPARED, 0.5163, 0.5152, 0.5165))
                .knowing(new Overlay.Known("crown", "toes", Length.ofInches(65, 1, 2)));
        Picture fitting = new Picture(workspace.attach(content("fitting-2.jpg")), "from the front", "");
        return new DemoPictures(plate, fitting.laidOver(overlay));
    }

    /** Everything on the plate lies on its middle. */
    private static Overlay.Pair pair(String name, Overlay.Use use, double down, double x, double y) {
        return new Overlay.Pair(name, use, new Point(0.5, down), Optional.of(new Point(x, y)));
    }

    static byte[] content(String name) {
        try (InputStream in = DemoPictures.class.getResourceAsStream(name)) {
            return in.readAllBytes();
        } catch (IOException broken) {
            throw new UncheckedIOException("The demo's picture " + name + " cannot be read", broken);
        }
    }
}
