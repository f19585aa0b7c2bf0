package org.soberhem.studio;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.judging.Obstacle;
import org.soberhem.core.judging.Target;
import org.soberhem.core.length.Sentence;
import org.soberhem.studio.demo.Studios;

class NavigationTest {

    @TempDir
    private Path folder;

    private Studio studio;
    private Navigation navigation;

    @BeforeEach
    void open() {
        studio = Studios.demo(folder);
        studio.open("secretary-1906");
        navigation = studio.navigation();
    }

    @AfterEach
    void close() {
        studio.keeper().close();
    }

    @Test
    void settle_opensThePlaceOfTheGarment_andTellsTheTarget_alsoTheSameTwice() {
        List<Target> told = new ArrayList<>();
        navigation.target().listen(told::add);
        Target seam = new Target.Part("front", "side");
        Obstacle obstacle = new Obstacle(Stage.DRAFT, "Walking skirt", seam, Sentence.of("It is untrue"));
        navigation.settle(obstacle);
        assertThat(navigation.isAt(Stage.DRAFT)).isTrue();
        assertThat(studio.current().garment().get()).isEqualTo("Walking skirt");
        navigation.settle(obstacle);
        assertThat(told).containsExactly(seam, Target.PLACE, seam);
    }

    @Test
    void settle_ofTheWholeCostume_leavesTheGarment() {
        String garment = studio.current().garment().get();
        navigation.settle(new Obstacle(Stage.TAPE, "", Target.PLACE, Sentence.of("Measure")));
        assertThat(studio.current().garment().get()).isEqualTo(garment);
        assertThat(navigation.place().get()).contains(Stage.TAPE);
    }

    @Test
    void openTracing_showsTheShelf() {
        navigation.place().set(Optional.of(Stage.DRAFT));
        navigation.openTracing("plate");
        assertThat(navigation.place().get()).isEmpty();
        assertThat(navigation.shelf().get()).isTrue();
        assertThat(navigation.target().get()).isEqualTo(new Target.Tracing("plate"));
    }

    @Test
    void everyObstacleOfTheDemo_leadsSomewhere() {
        for (String id : studio.histories().costumeIds()) {
            studio.open(id);
            for (Obstacle obstacle : studio.situation().inTheWay()) {
                navigation.settle(obstacle);
                assertThat(navigation.isAt(obstacle.stage())).isTrue();
                assertThat(navigation.target().get()).isEqualTo(obstacle.target());
            }
        }
    }
}
