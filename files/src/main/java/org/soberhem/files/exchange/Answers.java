package org.soberhem.files.exchange;

import tools.jackson.databind.json.JsonMapper;

/** Answers of the command line as JSON. */
public final class Answers {

    private Answers() {}

    /** Returns maps, lists, texts and numbers as JSON with line breaks. */
    public static String json(Object answer) {
        return JsonMapper.builder().build().writerWithDefaultPrettyPrinter().writeValueAsString(answer);
    }
}
