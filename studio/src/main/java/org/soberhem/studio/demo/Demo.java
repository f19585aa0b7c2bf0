package org.soberhem.studio.demo;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.alter.edit.Part;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.LengthenAtLevel;
import org.soberhem.core.alter.kind.SlopeShoulder;
import org.soberhem.core.alter.kind.TakeInSeam;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.AsWorn;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.Reading;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.cloth.Stash;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.CostumeRecord;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.GateStep;
import org.soberhem.core.costume.Look;
import org.soberhem.core.costume.Progress;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.fitting.ClothDifference;
import org.soberhem.core.fitting.Conditions;
import org.soberhem.core.fitting.Decision;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.InnerPart;
import org.soberhem.core.fitting.Mockup;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.fitting.Trial;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.MeasureResolver;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.maker.Maker;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Side;
import org.soberhem.files.store.Action;
import org.soberhem.files.store.Workspace;
import org.soberhem.library.Library;
import org.soberhem.library.sheet.SheetReader;
import org.soberhem.studio.Histories;

/** Fills a fresh workspace with the demo: eight wearers, ten costumes at different stages. All of it is invented. */
public final class Demo {

    private static final String STATION = "lighthouse and lifeboat station";
    private static final String CORSET = "blouse-1906";
    private static final String WORKING = "woman-1778-working";
    private static final String VISITING = "woman-1869-visiting";
    private static final String CAGE = "woman-1861";
    private static final String FROCK = "woman-1953-frock";

    private final Library library;
    private final LocalDate today;
    private final DemoPictures pictures;

    private Demo(Library library, LocalDate today, DemoPictures pictures) {
        this.library = library;
        this.today = today;
        this.pictures = pictures;
    }

    /** Keeps the demo's wearers and costumes in an empty workspace. */
    public static void fill(Workspace workspace, Library library, LocalDate today) {
        Demo demo = new Demo(library, today, DemoPictures.keep(workspace));
        Maker maker = DemoTracing.maker(library, workspace.attach(DemoPictures.content(DemoTracing.PICTURE)));
        workspace.keep("maker", Histories.MAKERS_ID, maker, Action.of("begin", "Began"), Maker.class);
        for (Wearer wearer : List.of(
                demo.secretary(),
                demo.keeper(),
                demo.postmistress(),
                demo.clerk(),
                demo.girl(),
                demo.boatman(),
                demo.wife(),
                demo.sailor())) {
            workspace.keep("wearer", wearer.id(), wearer, Action.of("new", "Began the wearer"), Wearer.class);
        }
        DemoMaking making = new DemoMaking(library, today);
        workspace.keep("stash", Histories.STASH_ID, making.stash(), Action.of("begin", "Began"), Stash.class);
        for (Costume costume : List.of(
                making.cutFrom(
                        making.cutFrom(
                                demo.secretarysBlouse(), demo.secretary(), "Walking skirt", "serge", false, List.of()),
                        demo.secretary(),
                        "Blouse",
                        "lawn",
                        true,
                        List.of()),
                demo.keepersBlouse(),
                demo.postSkirt(),
                demo.clerksSkirt(),
                demo.girlsFrock(),
                demo.boatmansShirt(),
                making.atTheBench(
                        making.cutFrom(demo.wifesDress(), demo.wife(), "Jacket", "linsey", false, List.of()),
                        List.of("Petticoat", "Jacket"),
                        10,
                        1.5,
                        0.9,
                        1.2,
                        1.9,
                        1.1),
                demo.visitingDress(),
                demo.regattaFrock(),
                demo.quaySkirt())) {
            workspace.keep("costume", costume.id(), costume, Action.of("new", "Began the costume"), Costume.class);
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
        MeasurementSet set = MeasurementSet.of("spring", today.minusDays(52), CORSET, "", "Ruth", readings)
                .wornAs(laced("1", "2", "0"));
        List<Reading> before = new ArrayList<>();
        take(before, "full-bust", "37 3/4", "37 3/4");
        take(before, "waist-crease", "26 1/4", "26 1/4");
        take(before, "full-hip", "40 3/4");
        take(before, "nape-to-waist", "15 3/8");
        take(before, "upper-arm", "12");
        take(before, "wrist", "6 3/4");
        take(before, "waist-to-floor-front", "41 3/8");
        MeasurementSet autumn = MeasurementSet.of("autumn", today.minusDays(230), CORSET, "", "Ruth", before)
                .wornAs(laced("1", "2", "0"));
        List<Reading> first = new ArrayList<>();
        take(first, "full-bust", "37 1/2");
        take(first, "waist-crease", "25 7/8");
        take(first, "full-hip", "40 1/2");
        MeasurementSet year = MeasurementSet.of("last-year", today.minusDays(400), CORSET, "", "Ruth", first);
        return Wearer.of("ada", "Ada Thorn", "Full bust, short back; bicycle rider.", List.of(year, autumn, set));
    }

    private static AsWorn laced(String bust, String waist, String hem) {
        return AsWorn.UNSTATED.withGap(new AsWorn.Gap(inches(bust), inches(waist), inches(hem)));
    }

    private static Length inches(String typed) {
        return LengthEntry.parse(typed, LengthUnit.INCH).value();
    }

    private Wearer clerk() {
        return Wearer.of("tilda", "Tilda Brand", "Not measured yet.", List.of());
    }

    private Wearer girl() {
        List<Reading> readings = new ArrayList<>();
        take(readings, "height", "128 cm", "128.2 cm");
        take(readings, "chest", "62 cm", "62 cm", "61.5 cm");
        take(readings, "waist-crease", "57 cm");
        MeasurementSet set = MeasurementSet.of("april", today.minusDays(30), "child-1905", "", "Ada", readings);
        return Wearer.of("lina", "Lina Thorn", "Eight years old, Ada's niece.", List.of(set))
                .built(new Build(Age.CHILD, false));
    }

    private Wearer boatman() {
        List<Reading> readings = new ArrayList<>();
        take(readings, "height", "179 cm");
        take(readings, "chest", "101 cm", "101.5 cm", "101 cm");
        take(readings, "waist-crease", "88 cm", "88 cm");
        take(readings, "full-hip", "99 cm");
        take(readings, "neck-base", "42 cm");
        take(readings, "upper-arm", "33 cm");
        take(readings, "forearm", "28.5 cm");
        take(readings, "wrist", "17.5 cm");
        takeAll(
                readings,
                List.of(
                        "shoulder-width",
                        "arm-hole-loop",
                        "shoulder-to-wrist",
                        "neck-muscle-length",
                        "hand",
                        "head",
                        "nape-to-waist",
                        "waist-to-knee",
                        "crown-arc",
                        "shoulder-length",
                        "shoulder-slope"),
                "45.5 cm",
                "66 cm",
                "62 cm",
                "6.5 cm",
                "23.5 cm",
                "57 cm",
                "46 cm",
                "61 cm",
                "77 cm",
                "14 cm",
                "5 cm");
        MeasurementSet set =
                MeasurementSet.of("march", today.minusDays(60), "boatman-1780-shirt", "", "Ruth", readings);
        return Wearer.of("henk", "Henk Dahl", "One shoulder carries lower.", List.of(set))
                .built(new Build(Age.ADULT, false));
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
        MeasurementSet set = MeasurementSet.of("may", today.minusDays(20), "none", "", "Ada", readings);
        return Wearer.of("mina", "Mina Voss", "Tall, small bust, long back.", List.of(set));
    }

    private Wearer postmistress() {
        List<Reading> readings = new ArrayList<>();
        take(readings, "waist-crease", "36 1/4", "36", "36 1/8");
        take(readings, "full-hip", "47 1/4", "46 1/2", "47 3/8");
        take(readings, "waist-to-floor-front", "39");
        take(readings, "waist-to-floor-left", "39 3/4");
        take(readings, "height", "62");
        take(readings, "upper-arm", "13 1/2");
        take(readings, "forearm", "10 1/2");
        take(readings, "wrist", "17");
        MeasurementSet set = MeasurementSet.of("alone", today.minusDays(6), CORSET, "", "", readings)
                .wornAs(laced("3", "3", "3"));
        return Wearer.of("wiebke", "Wiebke Harms", "Measures alone, in front of the mirror.", List.of(set));
    }

    private static final List<String> BODICE = List.of(
            "full-bust",
            "waist-crease",
            "neck-base",
            "nape-to-waist",
            "front-waist-length",
            "scye-depth",
            "across-back",
            "across-chest",
            "shoulder-length",
            "full-hip",
            "waist-to-full-hip");

    private static final List<String> ARM =
            List.of("shoulder-to-wrist", "shoulder-to-elbow", "upper-arm", "elbow-bent", "wrist", "hand");

    /** Takes one reading each, in the order of the measures. */
    private static void takeAll(List<Reading> readings, List<String> measures, String... typed) {
        for (int i = 0; i < measures.size(); i++) {
            take(readings, measures.get(i), typed[i]);
        }
    }

    private Wearer wife() {
        List<Reading> stays = new ArrayList<>();
        takeAll(
                stays, BODICE, "37", "27 1/4", "14 3/4", "15 5/8", "17 1/8", "8", "13 5/8", "13 1/4", "5", "40",
                "8 1/4");
        takeAll(stays, ARM, "23 1/8", "13 1/8", "11 3/8", "11 1/4", "6 1/4", "8 1/8");
        take(stays, "waist-to-floor-front", "40 1/4");
        take(stays, "waist-to-floor-back", "41 3/4");
        take(stays, "height", "64 3/4");
        List<Reading> corset = new ArrayList<>();
        takeAll(
                corset, BODICE, "36 1/2", "26", "14 3/4", "15 1/2", "16 7/8", "7 7/8", "13 5/8", "13 1/8", "5", "40",
                "8 1/4");
        takeAll(corset, ARM, "23 1/8", "13 1/8", "11 3/8", "11 1/4", "6 1/4", "8 1/8");
        take(corset, "waist-to-floor-back", "42");
        List<Reading> cage = new ArrayList<>();
        takeAll(
                cage,
                List.of(
                        "waist-crease",
                        "full-hip",
                        "waist-to-floor-front",
                        "waist-to-floor-left",
                        "waist-to-floor-right",
                        "waist-to-floor-back",
                        "waist-to-bodice-point",
                        "neck-base",
                        "folded-arms-width",
                        "shoulder-length",
                        "shoulder-slope",
                        "nape-to-waist"),
                "26 1/4",
                "40",
                "40 1/2",
                "41",
                "41 1/8",
                "41 1/2",
                "1 3/4",
                "14 3/4",
                "66",
                "5",
                "1 7/8",
                "15 1/2");
        return Wearer.of(
                "greta",
                "Greta Holm",
                "Middling in everything; measured over stays and over a corset.",
                List.of(
                        MeasurementSet.of("over-cage", today.minusDays(75), CAGE, "", "Ada", cage)
                                .wornAs(laced("1", "1 1/2", "1")),
                        MeasurementSet.of("over-corset", today.minusDays(40), VISITING, "", "Ada", corset)
                                .wornAs(laced("1", "1 1/2", "1")),
                        MeasurementSet.of("over-stays", today.minusDays(12), WORKING, "", "Ada", stays)
                                .wornAs(laced("2", "2", "2"))));
    }

    private Wearer sailor() {
        List<Reading> readings = new ArrayList<>();
        takeAll(
                readings, BODICE, "89 cm", "66 cm", "36 cm", "40 cm", "42.5 cm", "20 cm", "34.5 cm", "33 cm", "12.4 cm",
                "95 cm", "20.5 cm");
        take(readings, "shoulder-girth", "103 cm");
        MeasurementSet set = MeasurementSet.of("june", today.minusDays(9), FROCK, "", "Ruth", readings);
        return Wearer.of("signe", "Signe Lund", "Sails; strong shoulders.", List.of(set));
    }

    /** Worn on market day, with what was learned. */
    private Costume wifesDress() {
        Costume begun = wifesDraft();
        Garment petticoat = tried(begun, "Petticoat", wife().set("over-stays").orElseThrow(), 40);
        Fitting only = round(begun, "Petticoat", WORKING, 38)
                .with(Remark.at("1-1", "Petticoat", "waist-front", Sides.BOTH)
                        .withSeen("band-rolls")
                        .withDecision(Decision.of(Decision.Kind.MAKE_UP, "with a doubled band"))
                        .withState(Remark.State.CURED, 1));
        return begun.with(petticoat)
                .with(only)
                .withPapers(CostumeRecord.NONE
                        .with(new CostumeRecord.Passage(
                                GateStep.CUT_CLOTH,
                                "Petticoat",
                                1,
                                today.minusDays(36),
                                "Market day is near and the cloth was washed last year"))
                        .with(new CostumeRecord.Wearing(
                                today.minusDays(8), "Four hours at the stall: warm enough, the band never turned"))
                        .doingOtherwise(
                                "Two fingers more at the hem, and pockets that a hand finds through the petticoat"));
    }

    private Costume wifesDraft() {
        return drafted(
                "wife-1778",
                "Keeper's wife at the fish market",
                1778,
                "greta",
                "over-stays",
                WORKING,
                List.of(garment("Jacket", "jacket-1778"), garment("Petticoat", "petticoat-1778")));
    }

    private Costume visitingDress() {
        return drafted(
                "visit-1869",
                "Visitor to the lighthouse",
                1869,
                "greta",
                "over-corset",
                VISITING,
                List.of(garment("Bodice", "bodice-1869"), garment("Overskirt", "overskirt-1883")));
    }

    /** The cloth in hand is too short for the skirt, and it was tried on before the cage was there. */
    private Costume quaySkirt() {
        Garment skirt = garment("Skirt", "skirt-1845")
                .withSetting("panel", inches("41").toMillimetres())
                .withSetting("point", inches("1 3/4").toMillimetres());
        Costume begun = drafted(
                "quay-1861",
                "Harbour master's wife on the quay",
                1861,
                "greta",
                "over-cage",
                CAGE,
                List.of(skirt, garment("Cape", "cape-1860")));
        return begun.with(tried(begun, "Skirt", wife().set("over-cage").orElseThrow(), 6))
                .with(round(begun, "Skirt", "none", 5));
    }

    /** Names a garment's first version, cut so many days ago. */
    private Garment tried(Costume costume, String name, MeasurementSet set, int days) {
        Garment garment = costume.garment(name).orElseThrow();
        Inputs inputs =
                new MeasureResolver(library.measures(), library.wardrobe()).inputs(set, costume, garment.settings());
        return cut(garment, today.minusDays(days), "first mock-up", inputs);
    }

    private Fitting round(Costume costume, String garment, String stack, int days) {
        return Fitting.begun(
                costume.fittings().size() + 1,
                today.minusDays(days),
                new Mockup(Map.of(garment, 1), "old sheet"),
                new Conditions(stack, true, "Ada").withMark("blue", true));
    }

    private Costume regattaFrock() {
        return drafted(
                "regatta-1953",
                "Prize-giving at the regatta",
                1953,
                "signe",
                "june",
                FROCK,
                List.of(garment("Frock", "frock-1953")));
    }

    private Costume drafted(
            String id, String title, int year, String wearer, String set, String stack, List<Garment> garments) {
        return new Costume(
                id,
                title,
                STATION,
                year,
                Optional.of(today.plusDays(130)),
                wearer,
                set,
                stack,
                garments,
                List.of(),
                "",
                Map.of());
    }

    private static void take(List<Reading> readings, String measure, String... typed) {
        List<LengthEntry> entries = new ArrayList<>();
        for (String text : typed) {
            entries.add(LengthEntry.parse(text, LengthUnit.INCH));
        }
        readings.add(new Reading(measure, Side.MIDDLE, Posture.STANDING, entries));
    }

    private Costume secretarysBlouse() {
        Inputs inputs = new MeasureResolver(library.measures(), library.wardrobe())
                .inputs(secretary().set("spring").orElseThrow(), begun(CORSET), Map.of());
        Alteration shorter = LengthenAtLevel.evenly("midriff", -22.225, Sides.BOTH);
        Alteration side = new TakeInSeam(EdgeRef.parse("back.side"), 6.35, 6.35, Sides.BOTH);
        Garment mockup =
                cut(garment("Blouse", "blouse-1906").with(shorter), today.minusDays(30), "first mock-up", inputs);
        Garment fitted = cut(mockup.with(side), today.minusDays(24), "after fitting 1", inputs);
        Garment tried = cut(
                fitted.takenUpAt(fitted.versions().get(0))
                        .with(new SlopeShoulder(Part.FRONT_AND_BACK, 0, 6.35, Sides.BOTH)),
                today.minusDays(23),
                "on paper: a lower shoulder",
                inputs);
        Garment blouse = tried.takenUpAt(tried.versions().get(1));
        Garment skirt = garment("Walking skirt", "walking-skirt-1906");
        Fitting first = Fitting.begun(
                        1,
                        today.minusDays(26),
                        new Mockup(
                                Map.of("Blouse", 1),
                                "medium calico",
                                Set.of(ClothDifference.STIFFER),
                                Set.of(InnerPart.CLOSURE),
                                Set.of(),
                                Optional.of(Length.ofInches(0, 1, 2))),
                        new Conditions(CORSET, true, "Ruth").withMark("blue", true))
                .with(Remark.at("1-1", "Blouse", "side-front", Sides.BOTH)
                        .withSeen("side-wide")
                        .withAmount(Length.ofInches(0, 1, 4))
                        .because("girth-over")
                        .withDecision(new Decision(Decision.Kind.ALTER, "Take in each side seam", Optional.of(side), 2))
                        .withState(Remark.State.CURED, 2))
                .with(Remark.at("1-2", "Blouse", "armhole-front", Sides.RIGHT).withSeen("arm-front-pinch"))
                .with(Remark.at("1-3", "Blouse", "neck-front", Sides.BOTH)
                        .withSeen("neck-band-tight")
                        .withAmount(Length.ofInches(0, 1, 4))
                        .because("band-short")
                        .withDecision(Decision.of(Decision.Kind.LEAVE, "Left: the new band has its ease")))
                .withReading("waist-dip-front", Length.ofInches(0, 1, 2))
                .withReading("collar-ease", Length.ofMillimetres(9))
                .with(new Trial("arms-up", 0, Trial.Result.WITH_REMARK, "lifts at the waist"));
        Fitting second = Fitting.begun(
                        2,
                        today.minusDays(3),
                        new Mockup(
                                Map.of("Blouse", 2),
                                "medium calico",
                                Set.of(ClothDifference.STIFFER),
                                Set.of(InnerPart.CLOSURE),
                                Set.of(InnerPart.CLOSURE),
                                Optional.of(Length.ofInches(0, 1, 2))),
                        new Conditions(CORSET, true, "Ruth")
                                .withMark("red", true)
                                .laced(Optional.of(new AsWorn.Gap(inches("1"), inches("2"), Length.ZERO))))
                .with(Remark.at("2-1", "Blouse", "shoulder", Sides.BOTH)
                        .withSeen("shoulder-folds-to-underarm")
                        .withAmount(Length.ofInches(0, 3, 8)))
                .with(Remark.at("2-2", "Blouse", "armhole-front", Sides.RIGHT).withSeen("arm-front-pinch"))
                .withReading("waist-dip-front", Length.ofInches(1, 0, 8))
                .withReading("front-pouch", Length.ofInches(0, 1, 2))
                .withReading("collar-ease", Length.ofMillimetres(11))
                .withReading("outline-departure", Length.ofMillimetres(17))
                .with(pictures.fitting())
                .with(new Trial("arms-up", 0, Trial.Result.PASSED, ""))
                .with(new Trial("arms-forward", 0, Trial.Result.WITH_REMARK, "crumples in front of the right arm"))
                .withAnswer("s04-stance", Optional.of(1.0))
                .withAnswer("any-modern-underwear", Optional.of(0.5));
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
                "White lawn for the blouse, navy serge for the skirt.",
                Map.of(),
                Look.USUAL.departing(
                        "w-1904-s-line/bust-lead-over-height",
                        Optional.of("She stands as she stands: the corset is not laced harder for a picture")),
                CostumeRecord.NONE.with(pictures.plate()),
                Progress.NOT_BEGUN,
                Optional.empty());
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
                "Striped cotton; the corset is borrowed and not here yet.",
                Map.of());
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
                "Grey wool, braid at the hem.",
                Map.of());
    }

    private Costume clerksSkirt() {
        return new Costume(
                "clerk-1907",
                "Clerk of the signal station",
                STATION,
                1907,
                Optional.of(today.plusDays(95)),
                "tilda",
                "",
                CORSET,
                List.of(garment("Blouse", "blouse-1906"), garment("Walking skirt", "walking-skirt-1906")),
                List.of(),
                "The next one to measure.",
                Map.of());
    }

    private Costume girlsFrock() {
        return drafted("girl-1905", "Girl with the flags", 1905, "lina", "april", "child-1905", List.of());
    }

    private Costume boatmansShirt() {
        // Narrow as a hood that was lent for a pattern: his head does not pass.
        Garment hood = garment("Hood", "hood-1780").withSetting("strip", 257);
        return drafted(
                "boatman-1780",
                "Boatman of the lifeboat",
                1780,
                "henk",
                "march",
                "boatman-1780-shirt",
                List.of(garment("Shirt", "shirt-1780"), hood));
    }

    private Costume begun(String stack) {
        return new Costume("", "", "", 0, Optional.empty(), "", "", stack, List.of(), List.of(), "", Map.of());
    }

    /** Names a garment's state as a version, with the pattern that it gives. */
    private Garment cut(Garment garment, LocalDate date, String why, Inputs inputs) {
        CompiledSheet sheet = SheetReader.read(garment.sheet());
        return garment.withVersion(
                date,
                why,
                inputs,
                DraftedGarment.of(sheet, inputs, garment.alterations()).pattern());
    }

    private Garment garment(String name, String sheet) {
        return new Garment(name, library.sheetText(sheet).orElseThrow(), Map.of(), List.of(), List.of());
    }
}
