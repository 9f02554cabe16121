package ironpin.store;

import java.util.Collection;

/**
 * Reads what has just been written the way pages read it: a row can be well written and still say what no batch can (a verdict nobody
 * gives, a piece of no weight), and whoever reads it next must not be the one to find out.
 */
final class ArchiveTrial {
    private final Cupboard cupboard;
    private final BatchStore batches;

    ArchiveTrial(Cupboard cupboard, BatchStore batches) {
        this.cupboard = cupboard;
        this.batches = batches;
    }

    /** @throws UnreadableArchive if anything of it cannot be read again */
    void demandReadable(Collection<Long> written) {
        String now = "the house's own facts";
        try {
            house();
            for (long id : written) {
                now = "batch " + id;
                StoredBatch stored = batches.load(id);
                now = "\"" + stored.batch().title() + "\"";
                batch(stored);
            }
        } catch (RuntimeException odd) {
            if (NotWritten.is(odd)) {
                throw odd;
            }
            throw new UnreadableArchive("what the archive says of " + now + " cannot be so; nothing was brought in");
        }
    }

    private void house() {
        new KitStore(cupboard, batches).load();
        new StoveStore(cupboard).load();
        new DipStore(cupboard).all();
        new ShoppingStore(cupboard).prices();
        new FreezerStore(cupboard).stock();
        new StartStore(cupboard).all();
        new RehearsalStore(cupboard).latest(Integer.MAX_VALUE);
        new CardStore(cupboard).all();
        new KnownStore(cupboard).all();
    }

    private void batch(StoredBatch stored) {
        long id = stored.id();
        new HappenedStore(cupboard).story(stored, key -> key);
        new BookStore(cupboard).entries(id);
        new LaidStore(cupboard).of(id);
        new RunStore(cupboard).done(id);
        new RunStore(cupboard).timers(id);
        new ShoppingStore(cupboard).of(id);
        new ExperimentStore(cupboard).in(id);
        new CorrectionStore(cupboard, batches).standing(id);
        new HandStore(cupboard, batches).standing(id);
        WorkStore work = new WorkStore(cupboard);
        stored.batch().lots().forEach(lot -> {
            WorkStore.Of of = new WorkStore.Of(id, lot.no());
            work.taps(of);
            work.faults(of);
            for (WorkStore.What what : WorkStore.What.values()) {
                work.weights(of, what);
            }
            new FireStore(cupboard).rounds(of);
        });
    }
}
