package ironpin.store;

import static ironpin.store.db.Tables.OWN_START;

import ironpin.batch.Batch;
import ironpin.format.BatchFormat;
import ironpin.refusal.NotThere;
import ironpin.refusal.Refused;
import ironpin.store.Cupboard.Question;
import ironpin.store.db.tables.records.OwnStartRecord;
import ironpin.wording.Typed;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.jooq.DSLContext;
import org.jooq.JSON;
import org.jooq.impl.DSL;

/** Starts of the cook's own, in the order they are offered. */
public final class StartStore {
    /** More are not found again. */
    public static final int MOST = 60;

    private final Cupboard cupboard;

    public StartStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /**
     * A start.
     *
     * @param id of it
     * @param name as it is offered
     * @param batch what it begins from; its serving and eaters are those of the evening it was kept from
     */
    public record Kept(long id, String name, Batch batch) {}

    /** All of them. */
    public List<Kept> all() {
        return cupboard.remembered(
                new Question(Set.of(OWN_START), "all", 0L),
                dsl -> List.copyOf(dsl.selectFrom(OWN_START)
                        .orderBy(OWN_START.POSITION, OWN_START.ID)
                        .fetch(StartStore::kept)));
    }

    private static Kept kept(OwnStartRecord row) {
        return new Kept(
                row.getId(), row.getName(), BatchFormat.plan(row.getPlan().data()));
    }

    /** One of them. @throws NotThere if there is none */
    public Kept load(long id) {
        return all().stream()
                .filter(one -> one.id() == id)
                .findFirst()
                .orElseThrow(() -> NotThere.called("start", String.valueOf(id)));
    }

    /** Keeps a batch as a start, behind the others; one of the same name is replaced where it stands. @return its number */
    public long keep(String name, Batch batch, Instant now) {
        String said = named(name);
        return cupboard.write(dsl -> {
            JSON plan = JSON.valueOf(BatchFormat.write(batch.withTitle(said)));
            OwnStartRecord known = dsl.fetchOne(OWN_START, OWN_START.NAME.eq(said));
            if (known != null) {
                known.setPlan(plan);
                known.setKeptAt(Times.kept(now));
                known.store();
                return known.getId();
            }
            if (dsl.fetchCount(OWN_START) >= MOST) {
                throw new Refused("at most " + MOST + " starts are kept");
            }
            OwnStartRecord row = dsl.newRecord(OWN_START);
            row.setPosition(last(dsl) + 1);
            row.setName(said);
            row.setPlan(plan);
            row.setKeptAt(Times.kept(now));
            row.store();
            return row.getId();
        });
    }

    private static int last(DSLContext dsl) {
        Integer last = dsl.select(DSL.max(OWN_START.POSITION)).from(OWN_START).fetchOneInto(Integer.class);
        return last == null ? 0 : last;
    }

    private static String named(String name) {
        String said = Typed.name(name);
        if (said.isBlank() || said.length() > 80) {
            throw new Refused("a start's name has 1 to 80 characters");
        }
        return said;
    }

    /** It is called otherwise. */
    public void rename(long id, String name) {
        String said = named(name);
        cupboard.write(dsl -> {
            if (dsl.fetchExists(OWN_START, OWN_START.NAME.eq(said).and(OWN_START.ID.ne(id)))) {
                throw new Refused("another start is called " + said);
            }
            return dsl.update(OWN_START)
                    .set(OWN_START.NAME, said)
                    .where(OWN_START.ID.eq(id))
                    .execute();
        });
    }

    /** It is offered before the one that stood before it. */
    public void up(long id) {
        cupboard.write(dsl -> {
            List<Long> order = dsl.select(OWN_START.ID)
                    .from(OWN_START)
                    .orderBy(OWN_START.POSITION, OWN_START.ID)
                    .fetch(OWN_START.ID);
            int at = order.indexOf(id);
            if (at > 0) {
                order.set(at, order.set(at - 1, id));
            }
            for (int i = 0; i < order.size(); i++) {
                dsl.update(OWN_START)
                        .set(OWN_START.POSITION, i + 1)
                        .where(OWN_START.ID.eq(order.get(i)))
                        .execute();
            }
            return at;
        });
    }

    /** It is not offered any more. */
    public void drop(long id) {
        cupboard.write(
                dsl -> dsl.deleteFrom(OWN_START).where(OWN_START.ID.eq(id)).execute());
    }
}
