package org.soberhem.core.fitting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;

class RankingTest {

    private static final Fact SHORT = Fact.parse("girth-short bust");
    private static final Fact WORN = Fact.parse("layer-present cover");

    private static Cause cause(String id, double prior, Cause.Test.By by, List<Fact> supports, List<Fact> against) {
        return new Cause(
                id,
                "why " + id,
                prior,
                supports,
                against,
                new Cause.Test(by, "do " + id, "it is " + id),
                new Remedy(Decision.Kind.ALTER, "mend", Length.ZERO, Length.ZERO, "", Map.of(), List.of()),
                List.of());
    }

    private static final Cause NARROW = cause("narrow", 0.4, Cause.Test.By.RELEASE, List.of(SHORT), List.of(WORN));
    private static final Cause LAYER = cause("layer", 0.3, Cause.Test.By.REMOVE_LAYER, List.of(WORN), List.of());
    private static final Symptom SYMPTOM = new Symptom(
            "drags",
            "drags",
            "It drags.",
            List.of("bust"),
            List.of("blouse"),
            Severity.FIT,
            true,
            List.of(NARROW, LAYER));
    private static final Symptoms LIBRARY = new Symptoms(
            List.of(SYMPTOM),
            Map.of(
                    "girth-short", new Symptoms.FactKind(3, "too small at {at}"),
                    "layer-present", new Symptoms.FactKind(2, "worn: {at}")),
            Map.of("bust", new Symptoms.Place("the bust", true, List.of(), List.of(), List.of())),
            Map.of("cover", new Symptoms.LayerWords("corset cover", List.of("cover"), List.of())));

    private static Ranking rank(Set<Fact> known, Map<String, Boolean> tested, Cause... own) {
        return Ranking.of(SYMPTOM, LIBRARY, known, tested, List.of(own));
    }

    private static double share(Ranking ranking, String cause) {
        return ranking.causes().stream()
                .filter(each -> each.cause().id().equals(cause))
                .findFirst()
                .orElseThrow()
                .share();
    }

    @Test
    void nothingKnown_leavesTheWeights_andSharesAddUp() {
        Ranking ranking = rank(Set.of(), Map.of());
        assertThat(share(ranking, "narrow")).isCloseTo(0.4, within(1e-12));
        assertThat(ranking.other()).isCloseTo(0.3, within(1e-12));
        assertThat(share(ranking, "narrow") + share(ranking, "layer") + ranking.other())
                .isCloseTo(1, within(1e-12));
    }

    @Test
    void facts_multiplyAndDivideTheOdds_andSayWhy() {
        // By hand: narrow 0.4 × 3 ÷ 2 = 0.6, layer 0.3 × 2 = 0.6, other 0.3.
        Ranking ranking = rank(Set.of(SHORT, WORN), Map.of());
        assertThat(share(ranking, "narrow")).isCloseTo(0.6 / 1.5, within(1e-12));
        assertThat(share(ranking, "layer")).isCloseTo(0.6 / 1.5, within(1e-12));
        assertThat(ranking.causes().get(0).reasons())
                .extracting(each -> each.in(LengthFormat.CENTIMETRES))
                .containsAnyOf("+ too small at the bust", "+ worn: corset cover");
        assertThat(rank(Set.of(Fact.parse("unheard of")), Map.of())).isEqualTo(rank(Set.of(), Map.of()));
    }

    @Test
    void twoThatRemain_areToldApartByTheLesserTrouble_once() {
        Ranking ranking = rank(Set.of(), Map.of());
        assertThat(ranking.proposed().orElseThrow().cause()).isEqualTo(NARROW);
        Ranking after = rank(Set.of(), Map.of("narrow", false));
        assertThat(after.causes().get(0).cause()).isEqualTo(LAYER);
        assertThat(after.causes().get(1).reasons())
                .extracting(each -> each.in(LengthFormat.CENTIMETRES))
                .contains("− Tested: not so that it is narrow");
        assertThat(after.proposed()).isEmpty();
    }

    @Test
    void oneThatIsFarAhead_needsNoTest() {
        assertThat(rank(Set.of(SHORT), Map.of()).proposed()).isEmpty();
        Ranking tested = rank(Set.of(), Map.of("layer", true));
        assertThat(share(tested, "layer")).isGreaterThan(0.8);
        assertThat(tested.proposed()).isEmpty();
    }

    @Test
    void ownCause_takesItsShareOfTheUnknown() {
        Cause own = cause("own", 0.2, Cause.Test.By.PIN, List.of(), List.of());
        Ranking ranking = rank(Set.of(), Map.of(), own);
        assertThat(ranking.causes()).hasSize(3);
        assertThat(ranking.other()).isCloseTo(0.1, within(1e-12));
        // However many causes are added, something else stays possible.
        Ranking full = rank(Set.of(), Map.of(), own, cause("more", 0.5, Cause.Test.By.PIN, List.of(), List.of()));
        assertThat(full.other()).isPositive();
    }

    @Test
    void words_areFoundById_orAsOlderWorkspacesHaveThem() {
        assertThat(LIBRARY.find("drags")).contains(SYMPTOM);
        assertThat(LIBRARY.words("a fan of creases")).isEqualTo("a fan of creases");
        Remark remark =
                Remark.at("1-1", "Blouse", "bust", Sides.BOTH).withSeen("drags").because("layer");
        assertThat(LIBRARY.causeWords(remark)).isEqualTo("why layer");
        assertThat(LIBRARY.causeWords(remark.because("the chair"))).isEqualTo("the chair");
        assertThat(LIBRARY.at("bust", "skirt")).isEmpty();
    }

    @Test
    void remedy_usualAmountIsTheMiddle_toAnEighth() {
        Remedy remedy = new Remedy(
                Decision.Kind.ALTER,
                "mend",
                Length.ofInches(0, 2, 8),
                Length.ofInches(0, 6, 8),
                "",
                Map.of(),
                List.of());
        assertThat(remedy.usual()).contains(Length.ofInches(0, 4, 8));
        assertThat(NARROW.remedy().usual()).isEmpty();
    }
}
