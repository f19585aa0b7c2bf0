package org.soberhem.library.input;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.api.lowlevel.Compose;
import org.snakeyaml.engine.v2.common.FlowStyle;
import org.snakeyaml.engine.v2.exceptions.MarkedYamlEngineException;
import org.snakeyaml.engine.v2.exceptions.YamlEngineException;
import org.snakeyaml.engine.v2.nodes.CollectionNode;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.NodeTuple;
import org.snakeyaml.engine.v2.nodes.ScalarNode;
import org.snakeyaml.engine.v2.nodes.SequenceNode;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.formula.SourceText;

/** A place of a YAML document that knows its line and its path. */
public final class YamlNode {

    /** A sheet or library file is never longer; stops a hostile one. */
    private static final int MOST_CHARACTERS = 2_000_000;

    /** A document unfolds to no more parts than this, however often it refers to the same ones. */
    private static final int MOST_PARTS = 200_000;

    /** How many parts of a document were unfolded so far. */
    private static final class Unfolded {
        private int parts;
    }

    private final Node node;
    private final String path;
    private final Unfolded unfolded;
    private Map<String, YamlNode> entries;

    private YamlNode(Node node, String path, Unfolded unfolded) {
        this.node = node;
        this.path = path;
        this.unfolded = unfolded;
    }

    private YamlNode part(Node inner, String name) {
        if (++unfolded.parts > MOST_PARTS) {
            throw problem("the file unfolds to more than " + MOST_PARTS + " parts");
        }
        return new YamlNode(inner, path + "/" + name, unfolded);
    }

    /**
     * Reads a document.
     *
     * @throws SheetException if it is no YAML, empty or too long
     */
    public static YamlNode parse(String text) {
        if (text.length() > MOST_CHARACTERS) {
            throw new SheetException(0, "the file is longer than " + MOST_CHARACTERS + " characters");
        }
        LoadSettings settings = LoadSettings.builder()
                .setAllowDuplicateKeys(false)
                .setMaxAliasesForCollections(20)
                .build();
        try {
            Node root = new Compose(settings)
                    .composeString(text)
                    .orElseThrow(() -> new SheetException(0, "the file is empty"));
            return new YamlNode(root, "", new Unfolded());
        } catch (MarkedYamlEngineException broken) {
            int line = broken.getProblemMark().map(mark -> mark.getLine() + 1).orElse(0);
            throw new SheetException(line, "this is not YAML: " + broken.getProblem());
        } catch (YamlEngineException broken) {
            throw new SheetException(0, "this is not YAML: " + broken.getMessage());
        }
    }

    public int line() {
        return node.getStartMark().map(mark -> mark.getLine() + 1).orElse(0);
    }

    public boolean isText() {
        return node instanceof ScalarNode;
    }

    public boolean isMap() {
        return node instanceof MappingNode;
    }

    /** Says whether a map or list is written in brackets, not in lines. */
    public boolean isFlow() {
        return node instanceof CollectionNode<?> collection && collection.getFlowStyle() == FlowStyle.FLOW;
    }

    /** Returns where the node begins in the text of its document. */
    public int from(String text) {
        return text.offsetByCodePoints(0, node.getStartMark().orElseThrow().getIndex());
    }

    /** Returns where the node ends in the text of its document. */
    public int to(String text) {
        return text.offsetByCodePoints(0, node.getEndMark().orElseThrow().getIndex());
    }

    /** Returns the text of a scalar. */
    public String text() {
        if (node instanceof ScalarNode scalar) {
            return scalar.getValue();
        }
        throw problem("a text or number must stand here");
    }

    public SourceText written() {
        return new SourceText(text().strip(), line());
    }

    public int number() {
        try {
            return Integer.parseInt(text().strip());
        } catch (NumberFormatException none) {
            throw problem("a whole number must stand here: \"" + text() + "\"");
        }
    }

    public double decimal() {
        try {
            return Double.parseDouble(text().strip());
        } catch (NumberFormatException none) {
            throw problem("a number must stand here: \"" + text() + "\"");
        }
    }

    /** Returns the constant that is named here in kebab-case. */
    public <E extends Enum<E>> E word(Class<E> type) {
        List<String> known = new ArrayList<>();
        for (E each : type.getEnumConstants()) {
            String name = each.name().toLowerCase(Locale.ROOT).replace('_', '-');
            if (name.equals(text())) {
                return each;
            }
            known.add(name);
        }
        throw problem("\"" + text() + "\" is not known here; known are " + known);
    }

    /** Returns the items of a list. */
    public List<YamlNode> items() {
        if (!(node instanceof SequenceNode sequence)) {
            throw problem("a list must stand here");
        }
        List<YamlNode> items = new ArrayList<>();
        for (Node item : sequence.getValue()) {
            items.add(part(item, String.valueOf(items.size())));
        }
        return items;
    }

    /** Returns the items of a list of texts. */
    public List<String> texts() {
        return items().stream().map(YamlNode::text).toList();
    }

    /** Returns the entries of a map in their order; none where the map is left empty. */
    public Map<String, YamlNode> entries() {
        if (node instanceof ScalarNode scalar && scalar.getValue().isBlank()) {
            return Map.of();
        }
        if (!(node instanceof MappingNode mapping)) {
            throw problem("names with values must stand here");
        }
        if (entries == null) {
            Map<String, YamlNode> read = new LinkedHashMap<>();
            for (NodeTuple tuple : mapping.getValue()) {
                String key = part(tuple.getKeyNode(), "").text();
                read.put(key, part(tuple.getValueNode(), key));
            }
            entries = Collections.unmodifiableMap(read);
        }
        return entries;
    }

    public Optional<YamlNode> find(String key) {
        return Optional.ofNullable(entries().get(key));
    }

    public YamlNode get(String key) {
        return find(key).orElseThrow(() -> problem("\"" + key + "\" is missing"));
    }

    /** Refuses names that are not in the format. */
    public YamlNode only(String... keys) {
        for (Map.Entry<String, YamlNode> entry : entries().entrySet()) {
            if (!List.of(keys).contains(entry.getKey())) {
                throw entry.getValue()
                        .problem("\"" + entry.getKey() + "\" is not known here; known are " + List.of(keys));
            }
        }
        return this;
    }

    /** Returns the problem, told with the place in the document. */
    public SheetException problem(String what) {
        return new SheetException(
                line(), (path.isEmpty() ? "" : path.substring(1).replace("/", " / ") + ": ") + what);
    }
}
