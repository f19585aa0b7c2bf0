package org.soberhem.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** {@code skirt} and {@code sums}. */
class SumsCommandTest extends CommandTest {

    /** The worked skirt of common practice, with more options. */
    private int skirt(String panel, String... more) {
        List<String> args = new ArrayList<>(List.of(
                "skirt",
                "--panel",
                panel,
                "--hem",
                "1/2 in",
                "--front",
                "39 in",
                "--side",
                "39 1/2 in",
                "--back",
                "40 in"));
        args.addAll(List.of(more));
        return run(args.toArray(String[]::new));
    }

    private String hood(String... lines) throws IOException {
        List<String> all = new ArrayList<>(List.of(
                "measure,value",
                "crown-arc,30 in",
                "shoulder-length,5 in",
                "shoulder-slope,1 3/4 in",
                "head,22 1/2 in"));
        all.addAll(List.of(lines));
        return Files.write(folder.resolve("hood.csv"), all).toString();
    }

    /** What is given is used, and what is nonsense is refused: never ignored. */
    @Test
    void alter_changesTheSums_andNonsenseIsRefused() throws IOException {
        String body = Files.write(
                        folder.resolve("body.csv"),
                        List.of(
                                "measure,value",
                                "full-bust,36 in",
                                "under-bust,31 in",
                                "waist,27 in",
                                "full-hip,38 in",
                                "waist-to-full-hip,8 in",
                                "torso-length-seated,11 in"))
                .toString();
        String[] corset = {"sums", "corset-1900", "--measures", body, "--json"};
        assertThat(run(corset)).isBetween(0, 1);
        String before = out.toString();
        List<String> altered = new ArrayList<>(List.of(corset));
        altered.addAll(List.of("--alter", "lengthen-at-level: level=waist, atFront=2 in, atSide=2 in, atBack=2 in"));
        assertThat(run(altered.toArray(String[]::new))).as(err.toString()).isBetween(0, 1);
        assertThat(out.toString()).isNotEqualTo(before);
        altered.set(altered.size() - 1, "make-it-better: a=b");
        assertThat(run(altered.toArray(String[]::new))).isEqualTo(2);
        assertThat(err.toString()).contains("there is no alteration \"make-it-better\"");
        assertThat(run("walk", "corset-1900", "--measures", body, "--alter", "lengthen-at-level: level=waist"))
                .isEqualTo(2);
        assertThat(err.toString()).contains("--alter: walk tells of the sheet as it is drawn");
    }

    @Test
    void skirt_saysTheTurnUnder_andTheMakersSlip() {
        assertThat(skirt("45 in", "--i-make", "front=4 1/2 in")).isZero();
        assertThat(out.toString())
                .contains(
                        "Turn under 5½ in at the front", "turn-under at the centre back = 4½ in   45 in − ½ in − 40 in")
                .contains("You make it 4½ in, it is 5½ in: 45 in − ½ in − 39 in. A whole inch slipped");
    }

    @Test
    void skirt_withAPoint_dips() {
        assertThat(skirt("45 in", "--point", "1 3/4 in", "--cm")).isZero();
        assertThat(out.toString()).contains("Turn under 18.4 cm at the front");
    }

    @Test
    void skirt_tooShort_exitsWith1_andNamesPlaceAndAmount() {
        assertThat(skirt("40 in")).isEqualTo(1);
        assertThat(out.toString()).contains("FAILS The panel is 1½ in too short at the centre back");
        assertThat(err.toString()).isEmpty();
    }

    @Test
    void skirt_asJson_hasMillimetres() {
        assertThat(skirt("45 in", "--json", "--i-make", "front=5 1/2 in")).isZero();
        JsonNode answer = JsonMapper.builder().build().readTree(out.toString());
        JsonNode front = answer.get("sums").get(0).get("figures").get(0);
        assertThat(front.get("name").asString()).isEqualTo("turn-under at the centre front");
        assertThat(front.get("mm").asDouble()).isEqualTo(139.7);
        assertThat(answer.get("slips").get(0).get("agrees").asBoolean()).isTrue();
    }

    @Test
    void skirt_withoutAPanel_proposesOne_andTheCutSchoolIsTheOtherChoice() {
        assertThat(run("skirt", "--front", "39 in", "--left", "39 in", "--right", "39 1/2 in", "--back", "40 in"))
                .isZero();
        assertThat(out.toString()).contains("panel to cut = 45 in", "45 in − 0 in − 39½ in");
        assertThat(skirt("41 in", "--cut", "--year", "1870")).isZero();
        assertThat(out.toString()).contains("Cut away above the waist 1 in at the front");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "--panel=45 in --front=39 in --back=40 in|say how long the skirt is at the sides",
                "--panel=wide --front=39 in --side=39 in --back=40 in|--panel: \"wide\" cannot be read as a length",
                "--panel=0 in --front=39 in --side=39 in --back=40 in|The skirt's panel must be more than nothing: 0.0 cm",
                "--panel=45 in --front=39 in --side=39 in --back=40 in --i-make=top=3 in|there is no such figure; figures are [turn-under at the centre front",
                "--panel=45 in --front=39 in --side=39 in --back=40 in --i-make=turn-under=3 in|several are called so",
                "--panel=45 in --front=39 in --side=39 in --back=40 in --i-make=front=some|--i-make turn-under at the centre front: \"some\"",
                "--front=39 in --side=39 in|Missing required option: '--back=LENGTH'"
            })
    void skirt_wrongInput_isOneLine(String options, String told) {
        List<String> args = new ArrayList<>(List.of("skirt"));
        for (String option : options.split(" (?=--)")) {
            args.add(option);
        }
        assertThat(run(args.toArray(String[]::new))).isEqualTo(2);
        assertThat(err.toString()).contains(told).doesNotContain("\tat ");
        assertThat(err.toString().lines()).hasSize(1);
    }

    @Test
    void sums_ofASheet_areWorkedOut_oneIsPrinted() throws IOException {
        assertThat(run("sums", "hood-1780", "--measures", hood())).isZero();
        assertThat(out.toString())
                .contains("The hood (hood): Strip", "Getting in and out (openings)", "NECK | 139° | yes");
        Path card = folder.resolve("hood.pdf");
        assertThat(run("sums", "hood-1780", "--measures", hood(), "--sum", "hood", "--out", card.toString()))
                .isZero();
        assertThat(card).isNotEmptyFile();
    }

    @Test
    void sums_whereTheHeadDoesNotPass_exitsWith1() throws IOException {
        assertThat(run("sums", "hood-1780", "--measures", hood(), "--set", "strip=10 in"))
                .isEqualTo(1);
        assertThat(out.toString()).contains("FAILS The closed hood opening (21 in) will not pass the head of 22½ in");
        assertThat(run("check", "hood-1780", "--measures", hood(), "--set", "strip=10 in"))
                .isEqualTo(1);
    }

    @Test
    void sums_wrongInput_isTold() throws IOException {
        assertThat(run("sums", "hood-1780", "--measures", hood(), "--sum", "cape"))
                .isEqualTo(2);
        assertThat(err.toString()).contains("--sum cape: the sheet has the sums [hood, openings]");
        assertThat(run("sums", "hood-1780", "--measures", hood(), "--out", "x.pdf"))
                .isEqualTo(2);
        assertThat(err.toString()).contains("--out prints one sum: choose it with --sum, from [hood, openings]");
    }

    @Test
    void sums_goByTheYear() throws IOException {
        String measures = Files.write(
                        folder.resolve("skirt.csv"),
                        List.of(
                                "measure,value",
                                "waist-crease,26 in",
                                "full-hip,40 in",
                                "waist-to-floor-front,40 in",
                                "waist-to-floor-left,40 in",
                                "waist-to-floor-back,41 in"))
                .toString();
        assertThat(run("sums", "skirt-1845", "--measures", measures, "--year", "1870", "--sum", "balance"))
                .isZero();
        assertThat(out.toString()).contains("about 1870 skirts are mostly gored");
    }

    @Test
    void s9_aSumOfOnesOwn_isWorkedOut_itsPlacesAreNamed_nonsenseIsRefused() {
        assertThat(run("sum", "band", "least=24 in", "most=27 in")).isZero();
        assertThat(out.toString()).contains("A band of 28½ in closes from 24 in to 27 in by 4 places");
        assertThat(run("sum", "trimming")).isZero();
        assertThat(out.toString())
                .contains("trimming needs edge, depth, cloth-width")
                .contains("grain (straight or bias)");
        assertThat(run("sum", "sail")).isEqualTo(2);
        assertThat(err.toString()).contains("\"sail\" is not a sum; there are ");
        assertThat(run("sum", "band", "least")).isEqualTo(2);
        assertThat(err.toString()).contains("write a place and its value");
    }
}
