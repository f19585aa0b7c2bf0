package org.soberhem.files.store.stored;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.lang.reflect.WildcardType;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.cloth.Stash;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.length.Length;
import org.soberhem.core.maker.Maker;
import org.soberhem.core.plan.LastSeen;
import org.soberhem.core.report.Overview;

class StoredFormTest {

    private final StoredForm form = new StoredForm();

    /** Returns every record, enum and variant that is written with the lines of a workspace. */
    private static Set<Class<?>> written() {
        Set<Class<?>> found = new LinkedHashSet<>();
        List.of(Costume.class, Wearer.class, Maker.class, Stash.class, Overview.class, LastSeen.class)
                .forEach(root -> follow(root, found));
        // It is written as a number.
        found.remove(Length.class);
        return found;
    }

    private static void follow(Type type, Set<Class<?>> found) {
        if (type instanceof ParameterizedType of) {
            follow(of.getRawType(), found);
            Arrays.stream(of.getActualTypeArguments()).forEach(each -> follow(each, found));
        } else if (type instanceof WildcardType some) {
            follow(some.getUpperBounds()[0], found);
        } else if (type instanceof Class<?> each && each.getName().startsWith("org.soberhem") && found.add(each)) {
            if (each.isRecord()) {
                Arrays.stream(each.getRecordComponents()).forEach(part -> follow(part.getGenericType(), found));
            }
            if (each.isSealed()) {
                Arrays.stream(each.getPermittedSubclasses()).forEach(variant -> follow(variant, found));
            }
        }
    }

    @Test
    void table_namesEveryTypeThatIsWritten_andNoOther() {
        assertThat(form.types())
                .isEqualTo(written().stream()
                        .filter(type -> type.isRecord() || type.isEnum())
                        .map(StoredForm::key)
                        .collect(Collectors.toSet()));
    }

    @Test
    void table_namesEveryPartOfEveryRecord_andNoOther() {
        for (Class<?> type : written()) {
            if (type.isRecord()) {
                assertThat(form.parts(type))
                        .as(type.getName())
                        .isEqualTo(Arrays.stream(type.getRecordComponents())
                                .map(RecordComponent::getName)
                                .collect(Collectors.toSet()));
            }
        }
    }

    record Stranger(String name) {}

    @Test
    void typeThatTheTableLacks_isNotWrittenByItsNamesInJava() {
        assertThatThrownBy(() -> form.kind(Stranger.class))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("must name the kind");
    }
}
