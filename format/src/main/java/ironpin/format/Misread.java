package ironpin.format;

import java.time.temporal.Temporal;
import java.util.Arrays;
import java.util.Collection;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/**
 * What is wrong with a body that could not be taken, in words that name no class of ours.
 *
 * @param field where, as in {@code sources[1].fatPercent}; empty if the body is no JSON at all
 * @param allowed what is asked for there
 */
public record Misread(String field, String allowed) {
    public static Misread of(Throwable cause) {
        if (cause instanceof UnrecognizedPropertyException unknown) {
            return new Misread(field(unknown), "one of " + unknown.getKnownPropertyIds());
        }
        if (cause instanceof MismatchedInputException mismatch && mismatch.getTargetType() != null) {
            return new Misread(field(mismatch), allowed(mismatch.getTargetType()));
        }
        if (cause instanceof DatabindException other) {
            return new Misread(
                    field(other), "something other than null, and of the kind that stands in the description");
        }
        if (cause instanceof StreamConstraintsException) {
            return new Misread("", "of a plan's size: fewer values, less deep, or shorter");
        }
        return new Misread("", cause instanceof JacksonException broken ? "JSON" + place(broken) : "JSON");
    }

    private static String place(JacksonException broken) {
        TokenStreamLocation at = broken.getLocation();
        return at == null || at.getLineNr() < 1
                ? ""
                : "; it breaks off in line " + at.getLineNr() + ", column " + at.getColumnNr();
    }

    private static String field(DatabindException problem) {
        StringBuilder path = new StringBuilder();
        for (JacksonException.Reference step : problem.getPath()) {
            if (step.getPropertyName() == null) {
                path.append('[').append(step.getIndex()).append(']');
            } else {
                path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
            }
        }
        return path.toString();
    }

    private static String allowed(Class<?> type) {
        if (type.isEnum()) {
            return Arrays.stream(type.getEnumConstants())
                    .map(Object::toString)
                    .collect(Collectors.joining(", ", "one of [", "]"));
        }
        if (type == int.class || type == Integer.class || type == long.class || type == Long.class) {
            return "a whole number";
        }
        if (type == double.class || type == Double.class) {
            return "a number";
        }
        if (type == boolean.class || type == Boolean.class) {
            return "true or false";
        }
        if (Temporal.class.isAssignableFrom(type)) {
            return "a local date and time such as 2026-11-28T19:00";
        }
        if (CharSequence.class.isAssignableFrom(type)) {
            return "text";
        }
        return type.isArray() || Collection.class.isAssignableFrom(type) ? "a list" : "an object";
    }
}
