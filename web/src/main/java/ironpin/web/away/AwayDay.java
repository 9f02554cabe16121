package ironpin.web.away;

import ironpin.quantity.Sentence;
import ironpin.web.page.BenchView;
import ironpin.web.page.Screen;
import ironpin.web.picture.Drawings;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A day as a page has it that no longer reaches the kitchen.
 *
 * @param steps in the order of the day
 * @param pictures each once, however many steps show it
 */
public record AwayDay(List<AwayStep> steps, List<Sentence> pictures) {
    static AwayDay of(Screen screen, Drawings draw) {
        BenchView bench = BenchView.of(screen, -1, "");
        Map<Sentence, Integer> pictures = new LinkedHashMap<>();
        List<AwayStep> steps = screen.run().steps().stream()
                .map(step -> {
                    List<Integer> its = bench.pictures(draw, step).stream()
                            .map(one -> pictures.computeIfAbsent(one, next -> pictures.size()))
                            .toList();
                    return new AwayStep(step, its);
                })
                .toList();
        return new AwayDay(steps, List.copyOf(pictures.keySet()));
    }
}
