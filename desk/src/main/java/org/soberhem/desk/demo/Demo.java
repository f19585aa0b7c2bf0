package org.soberhem.desk.demo;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.alter.Alteration;
import org.soberhem.core.alter.LengthenAtLevel;
import org.soberhem.core.alter.Sides;
import org.soberhem.core.alter.TakeInSeam;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.Reading;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Tape;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Side;
import org.soberhem.files.library.Library;
import org.soberhem.files.store.Workspace;

/** Fills a fresh workspace with the demo: three wearers, three costumes at different stages. All of it is invented. */
public final class Demo {

    private static final String STATION = "lighthouse and lifeboat station";
    private static final String CORSET = "blouse-1906";

    private final Library library;
    private final LocalDate today;

    private Demo(Library library, LocalDate today) {
        this.library = library;
        this.today = today;
    }

    /** Keeps the demo's wearers and costumes in an empty workspace. */
    public static void fill(Workspace workspace, Library library, LocalDate today) {
        Demo demo = new Demo(library, today);
        for (Wearer wearer : List.of(demo.secretary(), demo.keeper(), demo.postmistress())) {
            workspace.keep("wearer", wearer.id(), wearer, "new", "Began the wearer", "[]", Wearer.class);
        }
        for (Costume costume : List.of(demo.secretarysBlouse(), demo.keepersBlouse(), demo.postSkirt())) {
            workspace.keep("costume", costume.id(), costume, "new", "Began the costume", "[]", Costume.class);
        }
    }

    private Wearer secretary() {
        List<Reading> readings = new ArrayList<>();
        take(readings, "full-bust", "38 1/2", "38 1/2", "38 5/8");
        take(readings, "high-bust", "35", "35 1/8");
        take(readings, "under-bust", "32 1/4");
        take(readings, "waist-crease", "27", "26 7/8", "27");
        take(readings, "full-hip", "41 1/2", "41 3/4");
        take(readings, "neck-base", "14 7/8", "15");
        take(readings, "nape-to-waist", "15 3/8", "15 1/2", "15 3/8");
        take(readings, "armscye", "16 1/4");
        take(readings, "shoulder-to-wrist", "23 3/4", "23 3/4");
        take(readings, "upper-arm", "12 1/4");
        take(readings, "wrist", "6 3/4");
        take(readings, "hand", "8 7/8");
        take(readings, "waist-to-floor-front", "41 1/4", "41 1/4");
        take(readings, "waist-to-floor-left", "41 3/4");
        take(readings, "waist-to-floor-right", "41 3/4");
        take(readings, "waist-to-floor-back", "42 3/8");
        take(readings, "height", "65 1/2");
        MeasurementSet set = new MeasurementSet(
                "spring",
                today.minusDays(52),
                CORSET,
                "2 in open at the waist, closed at bust and hem",
                "Ruth",
                readings);
        return new Wearer("ada", "Ada Thorn", "Full bust, short back; bicycle rider.", List.of(set));
    }

    private Wearer keeper() {
        List<Reading> readings = new ArrayList<>();
        take(readings, "full-bust", "86.4 cm", "86,2 cm");
        take(readings, "high-bust", "83 cm");
        take(readings, "waist-crease", "71 cm", "71.5 cm");
        take(readings, "full-hip", "95 cm");
        take(readings, "neck-base", "35.5 cm");
        take(readings, "nape-to-waist", "42.8 cm", "43 cm", "42.9 cm");
        take(readings, "armscye", "39 cm");
        take(readings, "shoulder-to-wrist", "63.5 cm", "63 cm");
        take(readings, "wrist", "15.6 cm");
        take(readings, "hand", "21 cm");
        MeasurementSet set = new MeasurementSet("may", today.minusDays(20), "none", "", "Ada", readings);
        return new Wearer("mina", "Mina Voss", "Tall, small bust, long back.", List.of(set));
    }

    private Wearer postmistress() {
        List<Reading> readings = new ArrayList<>();
        take(readings, "waist-crease", "36 1/4", "36", "36 1/8");
        take(readings, "full-hip", "47 1/4", "46 1/2", "47 3/8");
        take(readings, "waist-to-floor-front", "39");
        take(readings, "waist-to-floor-left", "39 3/4");
        take(readings, "height", "62");
        MeasurementSet set =
                new MeasurementSet("alone", today.minusDays(6), CORSET, "3 in open all the way", "", readings);
        return new Wearer("wiebke", "Wiebke Harms", "Measures alone, in front of the mirror.", List.of(set));
    }

    private static void take(List<Reading> readings, String measure, String... typed) {
        List<LengthEntry> entries = new ArrayList<>();
        for (String text : typed) {
            entries.add(LengthEntry.parse(text, LengthUnit.INCH));
        }
        readings.add(new Reading(measure, Side.MIDDLE, Posture.STANDING, entries));
    }

    private Costume secretarysBlouse() {
        MeasurementSet set = secretary().sets().get(0);
        Alteration shorter = LengthenAtLevel.evenly("midriff", -22.225, Sides.BOTH);
        Alteration side = new TakeInSeam(EdgeRef.parse("back.side"), 6.35, 6.35, Sides.BOTH);
        Garment blouse = garment("Blouse", "blouse-1906")
                .with(shorter)
                .withVersion(today.minusDays(30), "first mock-up", Tape.inputs(set, Map.of()))
                .with(side)
                .withVersion(today.minusDays(24), "after fitting 1", Tape.inputs(set, Map.of()));
        Garment skirt = garment("Walking skirt", "walking-skirt-1906");
        Fitting first = new Fitting(
                1,
                today.minusDays(26),
                new Fitting.Mockup(Map.of("Blouse", 1), "medium calico, pressed"),
                CORSET,
                true,
                "Ruth",
                List.of(
                        new Remark(
                                "1-1",
                                "Blouse",
                                "side-front",
                                Sides.BOTH,
                                "loose fold down the side",
                                Optional.of(Length.ofInches(0, 1, 4)),
                                "too wide at the side",
                                Optional.of(new Remark.Decision("Take in each side seam", Optional.of(side), 2)),
                                Remark.State.CURED),
                        new Remark(
                                "1-2",
                                "Blouse",
                                "armhole-front",
                                Sides.RIGHT,
                                "crumples in front of the arm",
                                Optional.empty(),
                                "front too wide at the arm-hole, or the corset cover's own arm-hole",
                                Optional.empty(),
                                Remark.State.OPEN),
                        new Remark(
                                "1-3",
                                "Blouse",
                                "neck-front",
                                Sides.BOTH,
                                "collar band presses",
                                Optional.of(Length.ofInches(0, 1, 4)),
                                "band shorter than neck and finger",
                                Optional.of(
                                        new Remark.Decision("Left: the new band has its ease", Optional.empty(), 0)),
                                Remark.State.LEFT)),
                Map.of("waist-dip-front", Length.ofInches(0, 1, 2), "collar-ease", Length.ofMillimetres(9)));
        Fitting second = new Fitting(
                2,
                today.minusDays(3),
                new Fitting.Mockup(Map.of("Blouse", 2), "medium calico, pressed"),
                CORSET,
                true,
                "Ruth",
                List.of(
                        new Remark(
                                "2-1",
                                "Blouse",
                                "shoulder",
                                Sides.BOTH,
                                "loose fold along the shoulder",
                                Optional.of(Length.ofInches(0, 3, 8)),
                                "shoulder slope flatter than the wearer's",
                                Optional.empty(),
                                Remark.State.OPEN),
                        new Remark(
                                "2-2",
                                "Blouse",
                                "armhole-front",
                                Sides.RIGHT,
                                "crumples in front of the arm",
                                Optional.empty(),
                                "",
                                Optional.empty(),
                                Remark.State.OPEN)),
                Map.of(
                        "waist-dip-front",
                        Length.ofInches(1, 0, 8),
                        "front-pouch",
                        Length.ofInches(0, 1, 2),
                        "collar-ease",
                        Length.ofMillimetres(11)));
        return new Costume(
                "secretary-1906",
                "Harbour office secretary",
                STATION,
                1906,
                Optional.of(today.plusDays(38)),
                "ada",
                "spring",
                CORSET,
                List.of(blouse, skirt),
                List.of(first, second),
                "White lawn for the blouse, navy serge for the skirt.");
    }

    private Costume keepersBlouse() {
        return new Costume(
                "keeper-1907",
                "Keeper's daughter at the regatta",
                STATION,
                1907,
                Optional.of(today.plusDays(38)),
                "mina",
                "may",
                CORSET,
                List.of(garment("Blouse", "blouse-1906")),
                List.of(),
                "Striped cotton; the corset is borrowed and not here yet.");
    }

    private Costume postSkirt() {
        return new Costume(
                "post-1908",
                "Postmistress on her round",
                STATION,
                1908,
                Optional.of(today.plusDays(95)),
                "wiebke",
                "alone",
                CORSET,
                List.of(garment("Walking skirt", "walking-skirt-1906")),
                List.of(),
                "Grey wool, braid at the hem.");
    }

    private Garment garment(String name, String sheet) {
        return new Garment(name, library.sheetText(sheet).orElseThrow(), Map.of(), List.of(), List.of());
    }
}
