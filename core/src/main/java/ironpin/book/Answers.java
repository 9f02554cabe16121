package ironpin.book;

import ironpin.book.BookAnswer.Bar;
import ironpin.quantity.Decimal;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.wording.Count;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** What the judged lots of the Book say, taken together. */
public final class Answers {
    /** Of fewer pieces a share says nothing. */
    private static final int FEWEST_PIECES = 20;

    /** Groups on one picture. */
    private static final int MOST_BARS = 10;

    /** Standard deviations that hold nine tenths. */
    private static final double NINE_TENTHS = 1.6449;

    private Answers() {}

    /**
     * A judged lot as far as it is counted here.
     *
     * @param fold how it was closed
     * @param filling what was in it
     * @param cooked how
     * @param made pieces
     * @param burst of them
     * @param doughLeft g
     * @param fillingLeft g
     * @param seconds a piece took, if it was counted
     */
    public record Judged(
            String fold,
            String filling,
            String cooked,
            int made,
            int burst,
            double doughLeft,
            double fillingLeft,
            Optional<Double> seconds) {}

    /** Those that these lots say anything to. */
    public static List<BookAnswer> of(List<Judged> lots) {
        List<BookAnswer> all = new ArrayList<>();
        burst("Which fold bursts least?", lots, Judged::fold).ifPresent(all::add);
        burst("Which filling bursts least?", lots, Judged::filling).ifPresent(all::add);
        burst("Which pot bursts least?", lots, Judged::cooked).ifPresent(all::add);
        time(lots).ifPresent(all::add);
        left("How much filling is left over?", "filling", lots, Judged::fillingLeft)
                .ifPresent(all::add);
        left("How much dough is left over?", "dough", lots, Judged::doughLeft).ifPresent(all::add);
        return all;
    }

    /** What a piece costs, in the house's own money. @param costs of a piece, by the batch's title; nothing of none */
    public static Optional<BookAnswer> cost(Map<String, Double> costs) {
        List<Bar> bars = new ArrayList<>();
        costs.forEach((title, each) ->
                bars.add(new Bar(title, each, each, each, Sentence.of(Decimal.fixed(each, 2)), "a piece")));
        if (bars.isEmpty()) {
            return Optional.empty();
        }
        List<Bar> order = ordered(bars);
        Bar least = order.get(0);
        Bar most = order.get(order.size() - 1);
        String answer = order.size() == 1
                ? Decimal.fixed(least.value(), 2) + " a piece of " + least.label() + "."
                : Decimal.fixed(least.value(), 2) + " a piece of " + least.label() + "; "
                        + Decimal.fixed(most.value(), 2) + " of " + most.label() + ".";
        return Optional.of(new BookAnswer("What does a piece cost?", Sentence.of(answer), "by today's prices", order));
    }

    private static <T> Map<T, List<Judged>> by(List<Judged> lots, Function<Judged, T> group) {
        Map<T, List<Judged>> by = new LinkedHashMap<>();
        lots.forEach(lot ->
                by.computeIfAbsent(group.apply(lot), one -> new ArrayList<>()).add(lot));
        return by;
    }

    private static Optional<BookAnswer> burst(String question, List<Judged> lots, Function<Judged, String> group) {
        List<Bar> bars = new ArrayList<>();
        by(lots, group).forEach((label, of) -> {
            int made = of.stream().mapToInt(Judged::made).sum();
            int burst = of.stream().mapToInt(Judged::burst).sum();
            if (made >= FEWEST_PIECES) {
                bars.add(share(label, burst, made));
            }
        });
        return bars.isEmpty() ? Optional.empty() : Optional.of(told(question, bars));
    }

    /** Wilson's interval of a share, which holds for small counts and for none as well. */
    static Bar share(String label, int count, int of) {
        double share = (double) count / of;
        double square = NINE_TENTHS * NINE_TENTHS / of;
        double middle = (share + square / 2) / (1 + square);
        double half = NINE_TENTHS / (1 + square) * Math.sqrt(share * (1 - share) / of + square / (4 * of));
        return new Bar(
                label,
                100 * share,
                100 * Math.max(0, middle - half),
                100 * Math.min(1, middle + half),
                Sentence.of(Decimal.trimmed(100 * share, 1)),
                Count.of(of, "piece"));
    }

    private static BookAnswer told(String question, List<Bar> bars) {
        List<Bar> order = ordered(bars);
        Bar least = order.get(0);
        Bar most = order.get(order.size() - 1);
        String answer;
        if (order.size() == 1) {
            answer = "Only " + lower(least.label()) + " so far: " + of(least) + " in a hundred.";
        } else if (least.high() < most.low()) {
            answer = least.label() + ": " + of(least) + " in a hundred; most of all " + lower(most.label()) + ", "
                    + of(most) + ".";
        } else {
            answer = "Too few to tell them apart: " + of(least) + " to " + of(most) + " in a hundred.";
        }
        return new BookAnswer(question, Sentence.of(answer), "burst in a hundred", order);
    }

    private static String of(Bar bar) {
        return Decimal.trimmed(bar.value(), 1);
    }

    private static Optional<BookAnswer> time(List<Judged> lots) {
        List<Bar> bars = new ArrayList<>();
        by(lots.stream().filter(lot -> lot.seconds().isPresent()).toList(), Judged::fold)
                .forEach((label, of) -> {
                    double minutes = of.stream()
                            .mapToDouble(lot -> lot.seconds().orElseThrow() / 60)
                            .average()
                            .orElseThrow();
                    bars.add(new Bar(
                            label,
                            minutes,
                            minutes,
                            minutes,
                            Sentence.of(Decimal.trimmed(minutes, 2) + " min"),
                            Count.of(of.size(), "batch", "batches")));
                });
        if (bars.isEmpty()) {
            return Optional.empty();
        }
        List<Bar> order = ordered(bars);
        Bar least = order.get(0);
        Bar most = order.get(order.size() - 1);
        String answer = order.size() == 1
                ? least.label() + ": " + Decimal.trimmed(least.value(), 2) + " min."
                : least.label() + " is quickest, " + Decimal.trimmed(least.value(), 2) + " min; " + lower(most.label())
                        + " takes " + Decimal.trimmed(most.value(), 2) + ".";
        return Optional.of(new BookAnswer("How long does a piece take me?", Sentence.of(answer), "", order));
    }

    private static Optional<BookAnswer> left(
            String question, String what, List<Judged> lots, Function<Judged, Double> left) {
        List<Bar> bars = new ArrayList<>();
        by(lots, Judged::filling).forEach((label, of) -> {
            double mean = of.stream().mapToDouble(left::apply).average().orElseThrow();
            bars.add(new Bar(label, mean, mean, mean, Quantity.mass(mean, 0), Count.of(of.size(), "batch", "batches")));
        });
        double mean = lots.stream().mapToDouble(left::apply).average().orElse(0);
        if (bars.isEmpty() || mean < 1) {
            return Optional.empty();
        }
        long none = lots.stream().filter(lot -> left.apply(lot) < 1).count();
        Sentence answer = Sentence.of(
                Quantity.mass(mean, 0),
                " of " + what + " a batch on the whole; none after " + none + " of " + lots.size() + ".");
        return Optional.of(new BookAnswer(question, answer, "", ordered(bars)));
    }

    private static List<Bar> ordered(List<Bar> bars) {
        List<Bar> order = bars.stream()
                .sorted(Comparator.comparingDouble(Bar::value).thenComparing(Bar::label))
                .toList();
        if (order.size() <= MOST_BARS) {
            return order;
        }
        // The best and the worst are what is asked for.
        List<Bar> ends = new ArrayList<>(order.subList(0, MOST_BARS / 2));
        ends.addAll(order.subList(order.size() - MOST_BARS / 2, order.size()));
        return ends;
    }

    private static String lower(String label) {
        return label.isEmpty() ? label : Character.toLowerCase(label.charAt(0)) + label.substring(1);
    }
}
