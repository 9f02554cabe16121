package ironpin.store;

import static ironpin.store.db.Tables.REHEARSED;

import ironpin.rehearsal.Evening;
import ironpin.store.Cupboard.Question;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Evenings that were rehearsed: beside the Book, and never in it. */
public final class RehearsalStore {
    private final Cupboard cupboard;

    public RehearsalStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /**
     * One that was played to its end.
     *
     * @param evening with every decision
     * @param cost in pieces
     * @param at when it ended
     */
    public record Played(Evening evening, double cost, Instant at) {}

    /** Keeps one. */
    public void keep(Played played) {
        cupboard.write(dsl -> dsl.insertInto(REHEARSED)
                .set(REHEARSED.SEED, played.evening().seed())
                .set(REHEARSED.LEVEL, played.evening().level())
                .set(REHEARSED.WAYS, text(played.evening()))
                .set(REHEARSED.COST, played.cost())
                .set(REHEARSED.PLAYED_AT, Times.kept(played.at()))
                .execute());
    }

    /** The latest, the last one first. */
    public List<Played> latest(int most) {
        return cupboard.remembered(
                new Question(Set.of(REHEARSED), "latest rehearsals", (long) most),
                dsl -> List.copyOf(dsl.selectFrom(REHEARSED)
                        .orderBy(REHEARSED.ID.desc())
                        .limit(most)
                        .fetch(row -> new Played(
                                new Evening(row.getSeed(), row.getLevel(), ways(row.getWays())),
                                row.getCost(),
                                Times.read(row.getPlayedAt())))));
    }

    private static String text(Evening evening) {
        return evening.ways().stream().map(String::valueOf).collect(Collectors.joining("-"));
    }

    private static List<Integer> ways(String text) {
        return Arrays.stream(text.split("-")).map(Integer::valueOf).toList();
    }
}
