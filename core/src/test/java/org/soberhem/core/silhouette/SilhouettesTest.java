package org.soberhem.core.silhouette;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Build;

class SilhouettesTest {

    private static final Band BAND = new Band(0, 10, -5, 15);
    private static final Build WOMAN = new Build(Age.ADULT, true);
    private static final Build MAN = new Build(Age.ADULT, false);
    private static final Build CHILD = new Build(Age.CHILD, true);

    private static final Silhouette LONG = SomeRules.silhouette("long", 1850, 1950, Silhouette.Who.WOMAN, List.of());
    private static final Silhouette SHORT = SomeRules.silhouette(
            "short",
            1900,
            1908,
            Silhouette.Who.WOMAN,
            List.of("walking", "trailing"),
            inSchool("walk", "walking"),
            inSchool("trail", "trailing"),
            SomeRules.rule("both", "waist-dip-front", Rule.Kind.LIKENESS, BAND, 1));
    private static final Silhouette HIS = SomeRules.silhouette("his", 1890, 1910, Silhouette.Who.MAN, List.of());

    private static Rule inSchool(String id, String school) {
        Rule rule = SomeRules.rule(id, "waist-over-hip", Rule.Kind.LIKENESS, BAND, 1);
        return new Rule(
                id,
                rule.quantity(),
                rule.garments(),
                rule.kind(),
                rule.band(),
                rule.judged(),
                "",
                "",
                "",
                "",
                "",
                school,
                List.of(),
                Set.of(),
                1,
                "");
    }

    private static Silhouettes with(Rule... everywhere) {
        Silhouettes plain = SomeRules.silhouettes(LONG, SHORT, HIS);
        return new Silhouettes(
                plain.headers(),
                id -> plain.find(id).orElseThrow(),
                () -> List.of(everywhere),
                List.of(SomeRules.DIP, SomeRules.HIP));
    }

    @Test
    void usual_isOfTheYearAndTheWearer_theNarrowerYearsFirst() {
        Silhouettes all = with();
        assertThat(all.usual(WOMAN, 1905, Set.of())).contains(SHORT);
        assertThat(all.usual(WOMAN, 1870, Set.of())).contains(LONG);
        assertThat(all.usual(MAN, 1905, Set.of())).contains(HIS);
        assertThat(all.usual(WOMAN, 1500, Set.of())).isEmpty();
        // No grown-up's outline is put on a child unasked.
        assertThat(all.usual(CHILD, 1905, Set.of())).isEmpty();
        assertThat(all.usual(MAN, 1915, Set.of())).contains(HIS);
        assertThat(all.usual(MAN, 1930, Set.of())).isEmpty();
    }

    @Test
    void nearest_offersAll_theWearersKindFirst() {
        assertThat(with().nearest(MAN, 1905)).extracting(Silhouette.Header::id).containsExactly("his", "short", "long");
    }

    @Test
    void rules_areOfOneSchool_theFirstUnlessAnotherIsChosen() {
        assertThat(with().rules(Optional.of(SHORT), "")).extracting(Rule::id).containsExactly("walk", "both");
        assertThat(with().rules(Optional.of(SHORT), "trailing"))
                .extracting(Rule::id)
                .containsExactly("trail", "both");
        assertThat(with().rules(Optional.of(SHORT), "no such school"))
                .extracting(Rule::id)
                .containsExactly("walk", "both");
    }

    @Test
    void everywhere_givesWayToLikeness_neverToComfortsSake() {
        Rule likeness = SomeRules.rule("any-like", "waist-dip-front", Rule.Kind.LIKENESS, BAND, 1);
        Rule comfort = SomeRules.rule("any-comfort", "waist-dip-front", Rule.Kind.COMFORT, BAND, 1);
        assertThat(with(likeness, comfort).rules(Optional.of(SHORT), ""))
                .extracting(Rule::id)
                .containsExactly("walk", "both", "any-comfort");
        assertThat(with(likeness, comfort).rules(Optional.empty(), ""))
                .extracting(Rule::id)
                .containsExactly("any-like", "any-comfort");
    }

    @Test
    void makersOwn_standForShippedOnesOfTheirId_andComeInTheirYears() {
        Silhouette mine = SomeRules.silhouette("mine", 1840, 1845, Silhouette.Who.WOMAN, List.of());
        Silhouette changed = SomeRules.silhouette("short", 1901, 1902, Silhouette.Who.WOMAN, List.of());
        Silhouettes all = with().with(Map.of("mine", mine, "short", changed));
        assertThat(all.headers()).extracting(Silhouette.Header::id).containsExactly("mine", "long", "his", "short");
        assertThat(all.find("short").orElseThrow().header().from()).isEqualTo(1901);
        assertThat(all.usual(WOMAN, 1842, Set.of())).contains(mine);
        assertThat(all.find("no such")).isEmpty();
    }

    @Test
    void usual_ofSeveralInTheYear_isTheOneThatSpeaksOfTheGarments() {
        Silhouette skirts = SomeRules.silhouette("skirts", 1899, 1912, Silhouette.Who.WOMAN, List.of());
        Silhouettes all = with().with(Map.of("skirts", skirts));
        assertThat(all.usual(WOMAN, 1905, Set.of("blouse"))).contains(SHORT);
        assertThat(all.usual(WOMAN, 1905, Set.of())).contains(SHORT);
        Silhouette blouses = SomeRules.silhouette(
                "blouses",
                1899,
                1912,
                Silhouette.Who.WOMAN,
                List.of(),
                SomeRules.rule("dip", "waist-dip-front", Rule.Kind.LIKENESS, BAND, 1));
        Silhouette plain = SomeRules.silhouette("short", 1900, 1908, Silhouette.Who.WOMAN, List.of());
        assertThat(with().with(Map.of("blouses", blouses, "short", plain)).usual(WOMAN, 1905, Set.of("blouse")))
                .contains(blouses);
    }
}
