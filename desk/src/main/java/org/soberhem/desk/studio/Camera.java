package org.soberhem.desk.studio;

import org.soberhem.core.figure.Dressed;
import org.soberhem.core.figure.DressedPlate;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.figure.Plate;
import org.soberhem.files.device.CameraStandIn;
import org.soberhem.files.picture.Pictures;

/** The camera at hand: a stand-in that photographs the wearer in the costume at hand. */
public final class Camera {

    private final Studio studio;

    public Camera(Studio studio) {
        this.studio = studio;
    }

    /** Photographs the wearer from one side, as someone stands who does not stand still, and returns a PNG. */
    public byte[] photograph(FigureView view, CameraStandIn.Shot shot) {
        Dressed dressed = studio.judge().figure(studio.situation().judged(), 0.5);
        Plate plate = DressedPlate.of(dressed, view);
        return Pictures.png(CameraStandIn.photograph(plate, dressed.body().height(), shot));
    }
}
