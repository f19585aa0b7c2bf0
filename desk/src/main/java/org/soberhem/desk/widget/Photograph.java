package org.soberhem.desk.widget;

import java.awt.image.BufferedImage;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;

/** Turns pictures as they are read into pictures as they are shown. */
public final class Photograph {

    private Photograph() {}

    /** Returns the picture to be shown; may be called off the interface thread. */
    public static Image of(BufferedImage picture) {
        int wide = picture.getWidth();
        int high = picture.getHeight();
        int[] points = picture.getRGB(0, 0, wide, high, null, 0, wide);
        for (int i = 0; i < points.length; i++) {
            points[i] |= 0xff000000;
        }
        WritableImage image = new WritableImage(wide, high);
        image.getPixelWriter().setPixels(0, 0, wide, high, PixelFormat.getIntArgbInstance(), points, 0, wide);
        return image;
    }
}
