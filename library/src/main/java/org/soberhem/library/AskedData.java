package org.soberhem.library;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Asked;
import org.soberhem.library.input.YamlNode;

/** Reads what a wearer is asked for beside what a draft needs. */
final class AskedData {

    private AskedData() {}

    static Asked read(String yaml) {
        YamlNode root = YamlNode.parse(yaml).only("least", "telling", "seated", "weighed");
        Map<Age, List<String>> least = new EnumMap<>(Age.class);
        root.get("least").entries().forEach((age, ids) -> least.put(age(age), ids.texts()));
        return new Asked(
                least,
                root.get("telling").texts(),
                root.get("seated").texts(),
                root.get("weighed").texts().stream().map(AskedData::age).toList());
    }

    private static Age age(String word) {
        return Age.valueOf(word.toUpperCase(Locale.ROOT));
    }
}
