package ironpin.web.page;

import ironpin.amount.UnreadableAmount;

/**
 * A typed text with the place where it stops making sense.
 *
 * @param before what comes before it
 * @param place the trouble itself; an empty place shows where something is missing
 * @param after what comes after it
 */
public record Marked(String before, String place, String after) {
    public static Marked of(UnreadableAmount refused) {
        String text = refused.text();
        return new Marked(
                text.substring(0, refused.from()),
                refused.from() == refused.to() ? "…" : text.substring(refused.from(), refused.to()),
                text.substring(refused.to()));
    }
}
