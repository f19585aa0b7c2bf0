package org.soberhem.cli.given;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.alter.AlterationKind.As;
import org.soberhem.core.alter.AlterationKind.Ask;
import org.soberhem.core.alter.AmountsEntry;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.AmountsAlong;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.Outcome;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.library.Library;

/**
 * Reads alterations as typed: {@code take-in-seam: edge=back.side, atTop=1/2 in, sides=left}. A place that is not given
 * is the usual one, a length that is not given is nothing.
 */
final class GivenAlterations {

    private GivenAlterations() {}

    /** A pattern with what was done to it. */
    public record Made(Pattern pattern, List<Alteration> alterations) {}

    /**
     * Makes alterations one after another.
     *
     * @throws WrongInput if one cannot be read or made; the message says which and why
     */
    public static Made made(Pattern pattern, List<String> typed) {
        Pattern made = pattern;
        List<Alteration> done = new ArrayList<>();
        for (String each : typed) {
            Alteration alteration = read(each, made);
            Outcome outcome = alteration.apply(made);
            if (outcome.refusal().isPresent() && outcome.completed().isPresent() && each.contains("true=yes")) {
                alteration = outcome.completed().get();
                outcome = alteration.apply(made);
            }
            if (outcome.refusal().isPresent()) {
                throw new WrongInput("--alter " + each + ": "
                        + outcome.refusal().get().in(LengthFormat.INCH_EIGHTHS)
                        + (outcome.completed().isPresent() ? " (true=yes does that)" : largest(alteration, made)));
            }
            made = outcome.pattern();
            done.add(alteration);
        }
        return new Made(made, done);
    }

    /** Returns the largest amounts that can be made, to be put behind a refusal. */
    private static String largest(Alteration refused, Pattern pattern) {
        for (AlterationKind kind : Library.shipped().alterations()) {
            Optional<Map<String, Object>> largest =
                    kind.answers(refused).flatMap(answers -> kind.largest(answers, refused.sides(), pattern));
            if (largest.isPresent()) {
                return "; the largest that works here is "
                        + kind.asks().stream()
                                .filter(ask -> ask.as() == As.LENGTH)
                                .map(ask -> ask.name() + "="
                                        + LengthFormat.INCH_SIXTEENTHS.format(
                                                ((Number) largest.get().get(ask.name())).doubleValue()))
                                .collect(Collectors.joining(", "));
            }
        }
        return "";
    }

    private static Alteration read(String typed, Pattern pattern) {
        int colon = typed.indexOf(':');
        String id = (colon < 0 ? typed : typed.substring(0, colon)).strip();
        AlterationKind kind = Library.shipped().alterations().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new WrongInput("--alter " + typed + ": there is no alteration \"" + id
                        + "\"; sober-hem alterations lists them"));
        Map<String, String> values = new LinkedHashMap<>();
        if (colon >= 0) {
            for (String pair : typed.substring(colon + 1).split(",")) {
                int equals = pair.indexOf('=');
                if (equals <= 0) {
                    throw new WrongInput(
                            "--alter " + typed + ": write name=value, with commas between: \"" + pair.strip() + "\"");
                }
                values.put(
                        pair.substring(0, equals).strip(),
                        pair.substring(equals + 1).strip());
            }
        }
        values.remove("true");
        Sides sides = sides(typed, Optional.ofNullable(values.remove("sides")).orElse("both"));
        Map<String, Object> answers = new LinkedHashMap<>();
        Map<String, Object> usual = kind.usual(pattern).orElse(Map.of());
        for (Ask ask : kind.asks()) {
            String given = values.remove(ask.name());
            answers.put(ask.name(), given == null ? usual(ask, usual) : value(typed, ask, given));
        }
        if (!values.isEmpty()) {
            throw new WrongInput("--alter " + typed + ": " + id + " does not ask for " + values.keySet() + " but for "
                    + kind.asks().stream().map(Ask::name).toList());
        }
        answers.values().removeIf(value -> value instanceof String text && text.isEmpty());
        try {
            return kind.make(answers, sides);
        } catch (AlterationRefusal beyond) {
            throw new WrongInput("--alter " + typed + ": " + beyond.sentence().in(LengthFormat.INCH_EIGHTHS));
        } catch (IllegalArgumentException wrong) {
            throw new WrongInput("--alter " + typed + ": " + wrong.getMessage());
        }
    }

    private static Object usual(Ask ask, Map<String, Object> usual) {
        if (ask.as().isPlace()) {
            return usual.getOrDefault(ask.name(), "");
        }
        return ask.as() == As.LENGTH ? 0.0 : ask.usual();
    }

    private static Object value(String typed, Ask ask, String given) {
        return switch (ask.as()) {
            case LENGTH -> Typed.length("--alter " + ask.name(), given);
            case AMOUNTS -> amounts(typed, given);
            case SHARE, COUNT, DEGREES -> number(typed, ask, given);
            default -> given;
        };
    }

    private static AmountsAlong amounts(String typed, String given) {
        try {
            return AmountsEntry.parse(given, LengthUnit.INCH);
        } catch (IllegalArgumentException wrong) {
            throw new WrongInput("--alter " + typed + ": " + wrong.getMessage());
        }
    }

    private static double number(String typed, Ask ask, String given) {
        try {
            return Double.parseDouble(given);
        } catch (NumberFormatException wrong) {
            throw new WrongInput("--alter " + typed + ": " + ask.name() + " must be a number: \"" + given + "\"");
        }
    }

    private static Sides sides(String typed, String given) {
        try {
            return Sides.valueOf(given.toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException wrong) {
            throw new WrongInput("--alter " + typed + ": sides must be both, left or right: \"" + given + "\"");
        }
    }
}
