package org.soberhem.core.stand;

import org.soberhem.core.figure.BodyFigure;

/** Makes a wearer's stand. */
public final class StandMaker {

    /** Rows between two rings of a finished stand. */
    static final int SPANS = 10;

    private StandMaker() {}

    /** Returns the stand that fits the readings of a body best. The same readings give the same stand, bit for bit. */
    public static Stand of(BodyFigure body) {
        TrunkModel model = new TrunkModel(body);
        TrunkFit fit = new TrunkFit(model);
        return made(model, fit, fit.fitted());
    }

    /** Returns a quick stand of usual shape about the readings, that is not fitted to all of them at once. */
    public static Stand rough(BodyFigure body) {
        TrunkModel model = new TrunkModel(body);
        return made(model, new TrunkFit(model), new double[TrunkModel.SIZE]);
    }

    private static Stand made(TrunkModel model, TrunkFit fit, double[] setting) {
        TrunkSurface trunk = model.surface(setting, true, SPANS);
        return Stand.of(model.body(), trunk, fit.residuals(trunk), fit.refused());
    }
}
