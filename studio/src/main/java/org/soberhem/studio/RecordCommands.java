package org.soberhem.studio;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.cloth.Cloth;
import org.soberhem.core.cloth.ClothUse;
import org.soberhem.core.cloth.Fibre;
import org.soberhem.core.cloth.Stash;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.CostumeRecord;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Progress;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.fitting.Picture;
import org.soberhem.core.judging.ClothSupply;
import org.soberhem.core.layers.Layer;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.plate.PlateMaker;
import org.soberhem.core.plate.Solid;
import org.soberhem.core.plate.Viewpoint;
import org.soberhem.core.report.Dossier;
import org.soberhem.core.report.Redaction;
import org.soberhem.core.report.Redaction.LeftOut;
import org.soberhem.files.exchange.Bundle;
import org.soberhem.files.exchange.DossierCsv;
import org.soberhem.files.picture.Pictures;
import org.soberhem.files.print.CarePdf;
import org.soberhem.files.print.CostumeSheetPdf;
import org.soberhem.files.print.DossierPdf;
import org.soberhem.files.print.PaperSize;

/** What is done with the record of a costume, without its looks. */
public final class RecordCommands {

    /** Pictures are printed no larger, in points. */
    private static final int PRINTED = 900;

    private final Studio studio;

    public RecordCommands(Studio studio) {
        this.studio = studio;
    }

    private Costume costume() {
        return studio.situation().costume();
    }

    private Redaction shared(Set<LeftOut> left) {
        return new Redaction(costume(), studio.situation().wearer()).without(left);
    }

    /** Returns what the wearer did not allow to be shown: pictures, unless consent to them is noted. */
    public Set<LeftOut> usuallyLeft() {
        return studio.situation().wearer().consent().pictures() ? Set.of() : Set.of(LeftOut.PICTURES);
    }

    /** Returns the dossier of the costume at hand. */
    public Dossier dossier(Set<LeftOut> left) {
        Situation now = studio.situation();
        return Dossier.of(
                shared(left),
                now.judgement(),
                now.verdicts(),
                studio.supplies(),
                new Dossier.Knowledge(
                        studio.library().measures(),
                        studio.wardrobe(),
                        studio.library()::seenWords,
                        studio.library()::title,
                        studio.library().notions(),
                        studio.maker().habits().rate()));
    }

    /** The wearer in the costume from three sides, unless their figures are not to be shown. */
    private List<CostumeSheetPdf.Drawn> figures(Set<LeftOut> left) {
        if (left.contains(LeftOut.FIGURES)) {
            return List.of();
        }
        DressedFigure dressed = studio.judge().figure(studio.situation().judged(), 0.5);
        List<Solid> solids = studio.figures().stand(dressed.body()).wearing(dressed);
        return Stream.of(FigureView.values())
                .map(view -> new CostumeSheetPdf.Drawn(
                        PlateMaker.plate(solids, Viewpoint.of(view)), List.of(), view.words()))
                .toList();
    }

    /** Returns the dossier as PDF. */
    public byte[] dossierPdf(Set<LeftOut> left) {
        return DossierPdf.write(
                costume().title(), dossier(left), figures(left), this::picture, studio.format(), PaperSize.A4);
    }

    private Optional<BufferedImage> picture(Picture picture) {
        return content(picture.hash()).map(content -> Pictures.small(content, PRINTED));
    }

    private Optional<byte[]> content(String hash) {
        return studio.keeper().attachment(hash).map(RecordCommands::read);
    }

    private static byte[] read(Path file) {
        try {
            return Files.readAllBytes(file);
        } catch (IOException broken) {
            throw new UncheckedIOException("A picture cannot be read", broken);
        }
    }

    /** Returns the measurements of the costume at hand and what was decided as CSV. */
    public byte[] csv(Set<LeftOut> left) {
        return DossierCsv.write(dossier(left), studio.format()).getBytes(StandardCharsets.UTF_8);
    }

    /** Returns a care label for each garment. */
    public byte[] labels() {
        List<CarePdf.Label> labels = new ArrayList<>();
        for (Garment garment : costume().garments()) {
            Set<String> made = new LinkedHashSet<>();
            Set<String> care = new LinkedHashSet<>();
            studio.situation().work(garment.name()).ifPresent(work -> {
                for (ClothSupply supply :
                        ClothSupply.of(costume(), garment.name(), work.pattern(), studio.supplies())) {
                    supply.cloth()
                            .ifPresent(cloth -> made.add(supply.use().use() + ": " + cloth.title()
                                    + supply.fibre()
                                            .map(fibre -> ", " + fibre.name())
                                            .orElse("")));
                    supply.fibre().map(Fibre::care).ifPresent(care::add);
                    supply.fibre()
                            .filter(fibre -> fibre.worn() > 0)
                            .map(fibre -> "Never hotter than " + fibre.worn() + " °C.")
                            .ifPresent(care::add);
                }
            });
            if (care.isEmpty()) {
                care.add("Not known what it is made of: air it, and ask its maker.");
            }
            labels.add(
                    new CarePdf.Label(costume().title() + ": " + garment.name(), List.copyOf(made), List.copyOf(care)));
        }
        return CarePdf.labels(labels, PaperSize.A4);
    }

    /** Returns the card to pack and dress by. */
    public byte[] card() {
        Optional<LayerStack> stack = studio.wardrobe().stack(costume().stack());
        List<Layer> layers = stack.map(studio.wardrobe()::layersOf).orElse(List.of());
        List<String> packed = new ArrayList<>();
        layers.forEach(layer -> packed.add(layer.name()));
        costume().garments().forEach(garment -> packed.add(garment.name()));
        packed.addAll(List.of(
                "Pins, needle, thread, scissors, chalk",
                "Spare hooks, tape and a bone or cord",
                "Water and a bite to eat, what the wearer needs for the day"));
        List<String> dressed = new ArrayList<>();
        layers.forEach(layer -> dressed.add(layer.name()));
        costume().garments().forEach(garment -> dressed.add(garment.name()));
        List<Sentence> minded = new ArrayList<>();
        Set<String> cautions = new LinkedHashSet<>();
        layers.forEach(layer -> cautions.addAll(layer.cautions()));
        cautions.forEach(each ->
                minded.add(Sentence.of("{}", studio.wardrobe().cautions().getOrDefault(each, each))));
        if (!costume().papers().otherwise().isEmpty()) {
            minded.add(Sentence.of("Noted before: {}", costume().papers().otherwise()));
        }
        return CarePdf.card(new CarePdf.Day(costume().title(), packed, dressed, minded), studio.format(), PaperSize.A4);
    }

    /** Returns the costume for another maker. */
    public byte[] bundle(Set<LeftOut> left) {
        Optional<LayerStack> own = studio.maker().stacks().stream()
                .filter(stack -> stack.id().equals(costume().stack()))
                .findFirst();
        List<Cloth> cloths = costume().underway().cloth().stream()
                .map(use -> studio.stash().cloth(use.cloth()))
                .flatMap(Optional::stream)
                .distinct()
                .toList();
        return Bundle.of(shared(left), own, cloths, this::content).write();
    }

    /**
     * Takes another maker's costume up, with its wearer; nothing that is here is changed.
     *
     * @param then gets the new costume's id when its pictures are kept
     */
    public void take(Bundle bundle, Consumer<String> then) {
        studio.keeper().attach(List.copyOf(bundle.pictures().values()), kept -> then.accept(takenWithPictures(bundle)));
    }

    private String takenWithPictures(Bundle bundle) {
        bundle.stack()
                .filter(stack -> studio.wardrobe().stack(stack.id()).isEmpty())
                .ifPresent(stack -> studio.keep(
                        studio.maker().with(stack), "stack", Sentence.of("Took the stack {}", stack.title())));
        Map<String, String> renamed = new HashMap<>();
        Stash stash = studio.stash();
        for (Cloth cloth : bundle.cloths()) {
            Set<String> taken = new LinkedHashSet<>();
            stash.cloths().forEach(each -> taken.add(each.id()));
            String id = Histories.freeId(cloth.id(), taken);
            renamed.put(cloth.id(), id);
            stash = stash.with(cloth.withId(id).left(0).withNote("came with a costume, none in hand"));
        }
        if (!bundle.cloths().isEmpty()) {
            studio.keep(
                    stash,
                    "cloth",
                    Sentence.of(
                            "Took the cloths of {}", bundle.shared().costume().title()));
        }
        Wearer came = bundle.shared().wearer();
        Wearer wearer = studio.histories().wearers().values().stream()
                .filter(each -> each.name().equals(came.name()) && each.sets().equals(came.sets()))
                .findFirst()
                .orElseGet(() -> {
                    Wearer added = new Wearer(
                            Histories.freeId(
                                    came.id(), studio.histories().wearers().ids()),
                            came.name(),
                            came.note(),
                            came.build(),
                            came.sets(),
                            came.consent());
                    studio.keep(added, "begin", Sentence.of("Began {}", added.name()));
                    return added;
                });
        Costume taken = named(bundle.shared().costume(), wearer, renamed);
        studio.garments().take(taken);
        return taken.id();
    }

    private Costume named(Costume came, Wearer wearer, Map<String, String> renamed) {
        List<ClothUse> uses = came.underway().cloth().stream()
                .map(use -> renamed.containsKey(use.cloth()) ? use.withCloth(renamed.get(use.cloth())) : use)
                .toList();
        return came.with(copy -> copy.id(studio.garments().freeCostumeId(came.id()))
                .wearer(wearer.id())
                .underway(new Progress(uses, came.underway().bench().interrupted(), false)));
    }

    /** Notes what the wearer allows. */
    public void consent(boolean pictures, String words) {
        Wearer wearer = studio.situation().wearer();
        studio.keep(
                wearer.allowing(new Wearer.Consent(pictures, words)),
                "consent",
                Sentence.of("{}: pictures {}", wearer.name(), pictures ? "are allowed" : "are not allowed"));
    }

    /**
     * Erases the wearer for good.
     *
     * @param then gets the backups that still hold them
     * @param said gets what went wrong, in words
     */
    public void erase(Consumer<List<Path>> then, Consumer<String> said) {
        studio.erase(studio.situation().wearer(), then, said);
    }

    /** Puts the costume away, or takes it out again. */
    public void archive(boolean away) {
        Costume costume = costume();
        studio.keep(
                costume.withUnderway(costume.underway().archived(away)),
                "archive",
                Sentence.of(away ? "Put {} away" : "Took {} out again", costume.title()));
    }

    /** Begins the costume for another wearer and returns its id. */
    public String duplicate(Wearer other) {
        Costume begun = new Redaction(costume(), studio.situation().wearer())
                .begunFor(studio.garments().freeCostumeId(costume().id()), other);
        studio.garments().take(begun);
        return begun.id();
    }

    /** Writes down that it was worn today. */
    public void worn(String words) {
        CostumeRecord papers = costume().papers().with(new CostumeRecord.Wearing(studio.today(), words));
        studio.keep(costume().withPapers(papers), "worn", Sentence.of("Worn: {}", words));
    }

    /** Writes down what would be done otherwise next time. */
    public void otherwise(String words) {
        studio.keep(
                costume().withPapers(costume().papers().doingOtherwise(words)),
                "lesson",
                Sentence.of("Next time: {}", words));
    }
}
