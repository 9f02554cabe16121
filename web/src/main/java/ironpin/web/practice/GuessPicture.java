package ironpin.web.practice;

import ironpin.hands.Drill;
import ironpin.quantity.Sentence;
import ironpin.web.picture.Svg;
import java.util.List;

/** Guesses one after another: how far each lay off. */
final class GuessPicture {
    private static final double WIDTH = 420;
    private static final double HEIGHT = 130;
    private static final double LEFT = 48;
    private static final double MIDDLE = 60;
    private static final double STEEP = 90;
    private static final double FURTHEST = 0.6;
    private static final int MOST = 40;

    private GuessPicture() {}

    static Sentence of(List<Drill.Guess> guesses) {
        List<Drill.Guess> shown = guesses.subList(Math.max(0, guesses.size() - MOST), guesses.size());
        Svg svg = Svg.picture(
                "guess-picture",
                WIDTH,
                HEIGHT,
                Sentence.of("The last " + shown.size() + " guesses, above the line too much, below too little."));
        svg.add("rect", "x", LEFT, "y", MIDDLE - 9, "width", WIDTH - LEFT, "height", 18, "class", "fill-dough-warm");
        svg.add("path", "d", "M" + LEFT + " " + MIDDLE + " H" + WIDTH, "class", "line-ink");
        svg.text("too much", "x", 0, "y", 14, "class", "quiet-small")
                .text("right", "x", 0, "y", MIDDLE + 4, "class", "quiet-small");
        svg.text("too little", "x", 0, "y", HEIGHT - 8, "class", "quiet-small");
        double pitch = (WIDTH - LEFT) / MOST;
        for (int i = 0; i < shown.size(); i++) {
            double off = Math.max(-FURTHEST, Math.min(FURTHEST, shown.get(i).off()));
            svg.add(
                    "circle",
                    "cx",
                    LEFT + (i + 0.5) * pitch,
                    "cy",
                    MIDDLE - STEEP * off,
                    "r",
                    3.4,
                    "class",
                    "fill-ink");
        }
        return svg.done();
    }
}
