package org.soberhem.core.figure;

import java.util.List;

/** The trunk and legs of a body as one shape, its sides apart where they were measured apart. */
final class BodyForm {

    /** How much of the waist's tilt reaches a level. */
    private record Tilted(String level, double share) {}

    private static final List<Tilted> SIDES = List.of(
            new Tilted("neck-mid", 0),
            new Tilted("neck-base", 0),
            new Tilted("armpit", 0.2),
            new Tilted("under-bust", 0.5),
            new Tilted("waist", 1),
            new Tilted("high-hip", 0.8),
            new Tilted("hip", 0.4));

    private final BodyFigure figure;

    BodyForm(BodyFigure figure) {
        this.figure = figure;
    }

    Form made() {
        Form.Maker maker = new Form.Maker();
        for (Tilted level : SIDES) {
            // From the front the bust lies within the line of the ribs.
            CrossSection section = figure.at(level.level());
            double tilt = figure.waistTilt() * level.share();
            maker.right(section.middle().y() + tilt, section.breadth())
                    .left(section.middle().y() - tilt, section.breadth());
        }
        for (String level : List.of("under-bust", "waist", "hip")) {
            depth(maker, level);
        }
        maker.depth(
                figure.at("neck-mid").middle().y(),
                figure.at("neck-mid").front().z(),
                -figure.at("neck-mid").back().z());
        CrossSection chest = figure.at(figure.hasBust() ? "bust" : "armpit");
        maker.fore(chest.middle().y(), chest.front().z());
        maker.aft(figure.at("armpit").middle().y(), -figure.at("armpit").back().z());
        Place pit = figure.mark("neck-pit").orElseThrow();
        Place nape = figure.mark("nape").orElseThrow();
        maker.fore(pit.y(), pit.z()).aft(nape.y(), -nape.z());
        CrossSection belly = figure.at("belly");
        maker.fore(belly.middle().y(), belly.front().z());
        CrossSection high = figure.at("high-hip");
        maker.aft(high.middle().y(), -high.back().z());
        for (String level : figure.legs()) {
            CrossSection section = figure.at(level);
            double out = section.breadth() - section.middle().x();
            maker.sides(section.middle().y(), out, out);
            // A thigh is deeper than its half of the ring over both legs shows.
            double fuller = level.equals("thigh") ? 1.12 : 1;
            maker.depth(
                    section.middle().y(),
                    section.middle().z() + section.depth() * fuller,
                    section.depth() * fuller - section.middle().z());
        }
        return maker.made();
    }

    private void depth(Form.Maker maker, String level) {
        CrossSection section = figure.at(level);
        maker.depth(section.middle().y(), section.front().z(), -section.back().z());
    }
}
