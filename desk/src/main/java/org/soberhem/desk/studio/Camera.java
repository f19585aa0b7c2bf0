package org.soberhem.desk.studio;

import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.judging.Judge;
import org.soberhem.core.plate.Plate;
import org.soberhem.core.plate.PlateMaker;
import org.soberhem.files.device.CameraStandIn;
import org.soberhem.files.picture.Pictures;
import org.soberhem.studio.FigureRoom;
import org.soberhem.studio.Studio;

/**
 * The camera at hand: a stand-in that photographs the wearer in the costume at hand, as it was when the camera was
 * taken up, so that the picture may be taken off the interface thread.
 */
public final class Camera {

    private final FigureRoom figures;
    private final Judge judge;
    private final EvaluatedCostume at;

    public Camera(Studio studio) {
        figures = studio.figures();
        judge = studio.judge();
        at = studio.situation().judged();
    }

    /** Photographs the wearer from one side, as someone stands who does not stand still, and returns a PNG. */
    public byte[] photograph(FigureView view, CameraStandIn.Shot shot) {
        DressedFigure dressed = judge.figure(at, 0.5);
        Plate plate = PlateMaker.plate(
                figures.stand(dressed.body()).wearing(dressed), org.soberhem.core.plate.Viewpoint.of(view));
        return Pictures.png(CameraStandIn.photograph(plate, dressed.body().height(), shot));
    }
}
