package org.soberhem.desk.silhouette;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.judging.Judge;
import org.soberhem.core.layers.Layer;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.core.plate.PlateMaker;
import org.soberhem.core.plate.Solid;
import org.soberhem.core.plate.Viewpoint;
import org.soberhem.core.silhouette.PeriodOutline;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.files.print.CostumeSheetPdf;
import org.soberhem.files.print.PaperSize;
import org.soberhem.studio.Situation;
import org.soberhem.studio.Studio;

/** Puts together the printed page on the costume at hand. */
final class CostumeSheet {

    private CostumeSheet() {}

    static void write(Studio studio, FileDesk files) {
        CostumeSheetPdf.Page page = page(studio);
        var format = studio.format();
        files.write(
                FileDesk.nameOf(page.title()) + ".pdf",
                () -> CostumeSheetPdf.write(page, format, PaperSize.A4),
                words -> studio.done().set(words));
    }

    static CostumeSheetPdf.Page page(Studio studio) {
        Situation now = studio.situation();
        Costume costume = now.costume();
        Judge judge = studio.judge();
        Optional<Silhouette> silhouette = judge.silhouette(now.judged());
        Optional<PeriodOutline> outline = silhouette.map(
                each -> judge.dressing().outline(each, now.judged().subject()));
        DressedFigure dressed = judge.figure(now.judged(), 0.5);
        List<Solid> solids = studio.figures().stand(dressed.body()).wearing(dressed);
        List<CostumeSheetPdf.Drawn> figures = new ArrayList<>();
        for (FigureView view : FigureView.values()) {
            List<Path> bands = outline.map(period -> period.bands(view)).orElse(List.of());
            figures.add(new CostumeSheetPdf.Drawn(PlateMaker.plate(solids, Viewpoint.of(view)), bands, view.words()));
        }
        List<String> lines = new ArrayList<>();
        lines.add(costume.place() + ", " + costume.year() + "; worn by "
                + now.wearer().name()
                + now.set().map(set -> ", measured " + set.date()).orElse(", not measured"));
        silhouette.ifPresent(each -> lines.add(
                "Outline: " + each.header().title() + ", " + each.header().from() + " to "
                        + each.header().to() + ", " + each.header().place() + "; " + each.posture()));
        costume.garments()
                .forEach(garment -> lines.add(garment.name() + " from: "
                        + String.join(
                                "; ",
                                studio.current().sheet(garment).sheet().about().sources().stream()
                                        .map(SheetSource::brief)
                                        .toList())));
        Wardrobe wardrobe = studio.wardrobe();
        return new CostumeSheetPdf.Page(
                costume.title(),
                lines,
                figures,
                wardrobe.stack(costume.stack()).map(wardrobe::layersOf).orElse(List.of()).stream()
                        .map(Layer::name)
                        .toList(),
                costume.garments().stream()
                        .map(garment -> garment.name()
                                + (garment.versions().isEmpty()
                                        ? ", no version named"
                                        : ", version " + garment.versions().size()))
                        .toList(),
                now.verdicts());
    }
}
