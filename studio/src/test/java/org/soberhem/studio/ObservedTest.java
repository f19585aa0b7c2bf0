package org.soberhem.studio;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class ObservedTest {

    @Test
    void set_tellsAChange_andNotTheSameAgain() {
        Observed<String> value = new Observed<>("one");
        List<String> heard = new ArrayList<>();
        value.listen(heard::add);
        value.set("two");
        value.set("two");
        assertThat(heard).containsExactly("two");
        assertThat(value.get()).isEqualTo("two");
    }

    @Test
    void publish_tellsTheSameAgain() {
        Observed<String> value = new Observed<>("one");
        List<String> heard = new ArrayList<>();
        value.listen(heard::add);
        value.publish("one");
        assertThat(heard).containsExactly("one");
    }

    @Test
    void follow_beginsWithWhatIs_andEnds() {
        Observed<Integer> value = new Observed<>(1);
        List<Integer> heard = new ArrayList<>();
        Subscription subscription = value.follow(heard::add);
        value.set(2);
        subscription.end();
        subscription.end();
        value.set(3);
        assertThat(heard).containsExactly(1, 2);
    }

    @Test
    void listener_mayEndItselfWhileItIsTold() {
        Observed<Integer> value = new Observed<>(0);
        List<Integer> heard = new ArrayList<>();
        Subscription[] own = new Subscription[1];
        own[0] = value.listen(now -> {
            heard.add(now);
            own[0].end();
        });
        value.listen(now -> heard.add(-now));
        value.set(1);
        value.set(2);
        assertThat(heard).containsExactly(1, -1, -2);
    }

    @Test
    void subscriptions_endTogether() {
        Observed<Integer> first = new Observed<>(0);
        Observed<String> second = new Observed<>("");
        List<Object> heard = new ArrayList<>();
        Subscriptions all = new Subscriptions();
        all.listen(first, heard::add);
        all.follow(second, heard::add);
        first.set(1);
        all.close();
        first.set(2);
        second.set("late");
        assertThat(heard).containsExactly("", 1);
    }
}
