package org.soberhem.studio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Version;
import org.soberhem.core.report.Redaction.LeftOut;
import org.soberhem.files.exchange.Bundle;
import org.soberhem.library.input.FormatException;
import org.soberhem.studio.demo.Studios;

class RecordCommandsTest {

    @TempDir
    Path folder;

    private Studio studio;
    private RecordCommands desk;

    @BeforeEach
    void open() {
        studio = Studios.demo(folder.resolve("one"));
        studio.open("secretary-1906");
        desk = new RecordCommands(studio);
    }

    @AfterEach
    void close() {
        studio.keeper().close();
    }

    private Costume costume() {
        return studio.situation().costume();
    }

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    private static String taken(Studio studio, byte[] zip) {
        List<String> ids = new ArrayList<>();
        new RecordCommands(studio).take(Bundle.read(zip), ids::add);
        return ids.get(0);
    }

    @Test
    void aBundle_isTheSameCostumeInAnotherWorkspace() {
        byte[] zip = desk.bundle(Set.of());
        Studio other = Studios.open(folder.resolve("two"));
        try {
            String id = taken(other, zip);
            other.open(id);
            assertThat(other.situation().costume()).isEqualTo(costume());
            assertThat(other.situation().wearer().sets())
                    .isEqualTo(studio.situation().wearer().sets());
            assertThat(other.situation().judgement().works().get("Blouse").pattern())
                    .isEqualTo(
                            studio.situation().judgement().works().get("Blouse").pattern());
            assertThat(Bundle.named(costume()))
                    .isNotEmpty()
                    .allMatch(hash -> other.keeper().attachment(hash).isPresent());
            String again = taken(other, zip);
            assertThat(again).isNotEqualTo(id);
            assertThat(other.histories().wearers().values())
                    .as("one wearer, not two")
                    .hasSize(1);
        } finally {
            other.keeper().close();
        }
    }

    @Test
    void whatIsLeftOut_isInNoPartOfTheBundle() {
        Bundle bare = Bundle.read(desk.bundle(EnumSet.allOf(LeftOut.class)));
        assertThat(bare.pictures()).isEmpty();
        assertThat(bare.shared().wearer().sets()).isEmpty();
        assertThat(bare.shared().wearer().name()).doesNotContain("Ada");
        assertThat(bare.shared().costume().garment("Blouse").orElseThrow().versions())
                .isNotEmpty()
                .allMatch(version -> version.measures().isEmpty())
                .allMatch(version -> version.finished().isPresent());
        assertThat(bare.shared().costume().fittings())
                .isNotEmpty()
                .allMatch(fitting ->
                        fitting.readings().isEmpty() && fitting.pictures().isEmpty());
    }

    @Test
    void picturesStayAtHome_untilTheWearerAllowsThem() {
        assertThat(desk.usuallyLeft()).containsExactly(LeftOut.PICTURES);
        desk.consent(true, "asked in May");
        assertThat(desk.usuallyLeft()).isEmpty();
        assertThat(studio.situation().wearer().consent()).isEqualTo(new Wearer.Consent(true, "asked in May"));
    }

    @Test
    void aDamagedBundle_saysWhatIsWrong_andChangesNothing() throws IOException {
        byte[] zip = desk.bundle(Set.of());
        assertThatThrownBy(() -> Bundle.read("no zip".getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining("not a zip");
        assertThatThrownBy(() -> Bundle.read(changed(zip, "../evil", "x")))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining("../evil");
        assertThatThrownBy(() -> Bundle.read(changed(zip, "manifest.json", "{\"sober-hem-bundle\": 9}")))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining("newer Sober Hem");
        assertThatThrownBy(() -> Bundle.read(changed(zip, "manifest.json", "{}")))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining("not a costume");
        assertThatThrownBy(() -> Bundle.read(changed(zip, "costume.json", "{\"id\": 3}")))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining("costume.json cannot be read");
        String picture = "pictures/" + Bundle.named(costume()).get(0);
        assertThatThrownBy(() -> Bundle.read(changed(zip, picture, "another")))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining("damaged");
        assertThatThrownBy(() -> Bundle.read(Arrays.copyOf(zip, zip.length / 2)))
                .isInstanceOf(FormatException.class);
    }

    private static byte[] changed(byte[] zip, String name, String content) throws IOException {
        Map<String, byte[]> entries = new TreeMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                entries.put(entry.getName(), in.readAllBytes());
            }
        }
        entries.put(name, content.getBytes(StandardCharsets.UTF_8));
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                out.putNextEntry(new ZipEntry(entry.getKey()));
                out.write(entry.getValue());
                out.closeEntry();
            }
        }
        return bytes.toByteArray();
    }

    @Test
    void theDossier_tellsEveryChapter_andLeavesOutWhatItShould() throws IOException {
        String all = text(desk.dossierPdf(Set.of()));
        assertThat(all)
                .contains(
                        "Harbour office secretary",
                        "Sources",
                        "Measurements",
                        "Full bust: 38½ in",
                        "Layers, inside out")
                .contains("Draft and scale", "version 1", "Alterations", "Fitting 2", "Departures from the model")
                .contains("Cloth and cost", "White cotton lawn", "Ada Thorn");
        String bare = text(desk.dossierPdf(EnumSet.allOf(LeftOut.class)));
        assertThat(bare)
                .doesNotContain("Ada Thorn")
                .doesNotContain("Full bust: 38½ in")
                .contains("Fitting 2");
        assertThat(new String(desk.csv(Set.of()), StandardCharsets.UTF_8))
                .startsWith("chapter,line")
                .contains("Measurements,Full bust: 38½ in");
    }

    @Test
    void labelsAndTheCardForTheDay_nameClothCareAndOrder() throws IOException {
        assertThat(text(desk.labels()))
                .contains("Harbour office secretary: Blouse", "White cotton lawn, Cotton", "Never hotter than 30 °C.");
        String card = text(desk.card());
        assertThat(card).contains("Into the bag", "Put on in this order", "local rules and licensed practice decide");
        assertThat(card.indexOf("Chemise")).isLessThan(card.lastIndexOf("Blouse"));
    }

    @Test
    void anotherWearersCostume_beginsWithoutWhatWasDecidedForThisBody() {
        Wearer other = studio.histories().wearers().values().stream()
                .filter(wearer -> wearer.id().equals("wiebke"))
                .findFirst()
                .orElseThrow();
        String id = desk.duplicate(other);
        studio.open(id);
        assertThat(costume().wearer()).isEqualTo("wiebke");
        assertThat(costume().set()).isEqualTo("alone");
        assertThat(costume().fittings()).isEmpty();
        assertThat(costume().underway().bench().spells()).isEmpty();
        assertThat(costume().look().departures()).isEmpty();
        assertThat(costume().garment("Blouse").orElseThrow().alterations()).isEmpty();
        assertThat(costume().garment("Blouse").orElseThrow().versions())
                .extracting(Version::number)
                .isEmpty();
        assertThat(costume().papers().references()).isNotEmpty();
    }

    @Test
    void erasing_leavesNothingOfTheWearer_andTheCostumeStays() {
        String picture = Bundle.named(costume()).get(0);
        List<String> said = new ArrayList<>();
        desk.erase(backups -> said.add("erased"), said::add);
        assertThat(said).containsExactly("erased");
        assertThat(studio.histories().wearers().values())
                .noneMatch(wearer -> wearer.name().contains("Ada"));
        assertThat(studio.situation().set()).isEmpty();
        assertThat(costume().fittings())
                .hasSize(2)
                .allMatch(fitting -> fitting.pictures().isEmpty());
        assertThat(studio.keeper().attachment(picture)).isEmpty();
        studio.keeper().close();
        studio = Studios.open(folder.resolve("one"));
        assertThat(studio.histories().wearers().values())
                .noneMatch(wearer -> wearer.name().contains("Ada"));
        studio.open("secretary-1906");
        assertThat(studio.situation().wearer().name()).isEqualTo("The wearer");
        assertThat(studio.situation().inTheWay().get(0).sentence().template()).contains("has not been measured");
    }

    @Test
    void search_findsWhatWasWrittenAnywhere() {
        assertThat(studio.histories().search("corset laced harder")).containsExactly("secretary-1906");
        assertThat(studio.histories().search("pockets hand finds")).containsExactly("wife-1778");
        assertThat(studio.histories().search("ADA")).isNotEmpty();
        assertThat(studio.histories().search("nowhere at all")).isEmpty();
        assertThat(studio.histories().search(""))
                .hasSize(studio.histories().allCostumes().size());
        desk.otherwise("Mother-of-pearl next time");
        assertThat(studio.histories().search("mother-of-pearl")).containsExactly("secretary-1906");
    }

    @Test
    void putAway_andLessons_areKept() {
        desk.archive(true);
        assertThat(costume().underway().archived()).isTrue();
        desk.worn("On the quay, in the wind");
        desk.otherwise("A deeper hem");
        assertThat(costume().papers().wearings()).hasSize(1);
        assertThat(costume().papers().otherwise()).isEqualTo("A deeper hem");
    }
}
