package org.soberhem.files.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.StringReader;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.commons.csv.CSVFormat;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.draft.Checks;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.pattern.PieceLayout;
import org.soberhem.library.Library;
import org.soberhem.library.input.FormatException;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class ExchangeTest {

    private static final Library LIBRARY = Library.shipped();
    private static final CompiledSheet BLOUSE = LIBRARY.sheet("blouse-1906").orElseThrow();
    private static final Draft DRAFT = Drafter.draft(BLOUSE, BLOUSE.middle());

    @Test
    void svg_isTrueToSize_andItsLayersAreNamed() throws Exception {
        String svg = PatternSvg.write(DRAFT.pattern());
        Document document =
                DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
        Element root = document.getDocumentElement();
        double width = PieceLayout.of(DRAFT.pattern()).box().width() + 40;
        assertThat(Double.parseDouble(root.getAttribute("width").replace("mm", "")))
                .isCloseTo(width, within(1e-3));
        assertThat(root.getAttribute("viewBox").split(" ")[2] + "mm").isEqualTo(root.getAttribute("width"));
        NodeList groups = root.getElementsByTagName("g");
        assertThat(groups.getLength()).isEqualTo(6);
        Element cut = (Element) groups.item(0);
        assertThat(cut.getAttribute("id")).isEqualTo("cut");
        assertThat(cut.getElementsByTagName("path").getLength()).isEqualTo(5);
    }

    @Test
    void csv_hasEveryPoint_convertedAndRounded() throws Exception {
        var rows = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(NumbersCsv.write(DRAFT)))
                .getRecords();
        int points =
                DRAFT.plates().stream().mapToInt(plate -> plate.points().size()).sum();
        assertThat(rows).hasSize(points);
        // Point C of the front: 2 1/8 along, 7 5/8 out; at a 36 in bust one unit is an inch.
        assertThat(rows)
                .filteredOn(row ->
                        row.get("piece").equals("front") && row.get("point").equals("C"))
                .singleElement()
                .satisfies(row -> {
                    assertThat(row.get("along in")).isEqualTo("2⅛");
                    assertThat(row.get("out in")).isEqualTo("7⅝");
                    assertThat(row.get("out cm")).isEqualTo("19.4");
                    assertThat(row.get("out mm")).isEqualTo("193.675");
                });
    }

    @Test
    void json_seamLinesAreClockwise_andFoldsLieOnZero() {
        JsonNode root = JsonMapper.builder()
                .build()
                .readTree(PatternJson.write(
                        BLOUSE, DRAFT, DRAFT.pattern(), Checks.of(BLOUSE, BLOUSE.middle(), DRAFT.pattern())));
        assertThat(root.get("scale").get("unit_mm").asDouble()).isEqualTo(25.4);
        assertThat(root.get("pieces")).hasSize(5);
        for (JsonNode piece : root.get("pieces")) {
            double twiceArea = 0;
            double least = Double.MAX_VALUE;
            JsonNode line = piece.get("seam_line");
            for (int i = 0; i < line.size(); i++) {
                JsonNode a = line.get(i);
                JsonNode b = line.get((i + 1) % line.size());
                twiceArea += a.get(0).asDouble() * b.get(1).asDouble()
                        - b.get(0).asDouble() * a.get(1).asDouble();
                least = Math.min(least, a.get(0).asDouble());
            }
            assertThat(twiceArea).as(piece.get("name").asString()).isPositive();
            if (piece.get("kind").asString().equals("fold")) {
                assertThat(least).isCloseTo(0, within(1e-6));
            }
        }
        root.get("seams")
                .forEach(seam -> assertThat(seam.get("true").asBoolean()).isTrue());
        root.get("checks")
                .forEach(check -> assertThat(check.get("passes").asBoolean()).isTrue());
    }

    @Test
    void measures_csvAndJsonAgree_sidesApart() {
        Inputs csv = MeasureFile.read(
                "measure,value\n# taken in May\nbust,38 1/2 in\narmscye@left,\"40,5 cm\"\narmscye@right,41 cm\n",
                LIBRARY.measures());
        Inputs json = MeasureFile.read(
                "{\"full-bust\": \"38.5 in\", \"armscye@left\": \"405 mm\", \"armscye@right\": \"41 cm\"}",
                LIBRARY.measures());
        assertThat(csv).isEqualTo(json);
        assertThat(csv.find("full-bust").orElseThrow().left()).isCloseTo(977.9, within(1e-9));
        assertThat(csv.find("armscye").orElseThrow()).isEqualTo(new Inputs.Measured(405, 410));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "bost,38 in | line 1: \"bost\" is not a known measurement",
                "full-bust | line 1: write measure,value",
                "full-bust,38 3/0 in | nothing under its stroke",
                "full-bust,-2 in | must be more than nothing",
                "armscye@up,16 in | \"@up\" must be @left, @right or @seated",
                "{\"full-bust\": | is not as JSON should be"
            })
    void measures_badInput_saysWhatAndWhere(String text, String message) {
        assertThatThrownBy(() -> MeasureFile.read(text, LIBRARY.measures()))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining(message);
    }
}
