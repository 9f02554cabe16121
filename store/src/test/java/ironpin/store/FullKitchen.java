package ironpin.store;

import java.nio.file.Path;
import java.time.Clock;

/** A process that may write only so much: it writes until the disk says no, says what it was told, and looks what it holds. */
final class FullKitchen {
    private static final int MOST = 20_000;

    private FullKitchen() {}

    public static void main(String[] args) {
        Cupboard cupboard = Cupboard.open(Path.of(args[0]), Clock.systemUTC());
        BatchStore batches = new BatchStore(cupboard);
        long last = 0;
        int refused = 0;
        for (int n = 0; n < MOST && refused < 2; n++) {
            try {
                last = batches.create(
                        WritingKitchen.batch(), "new", Clock.systemUTC().instant());
            } catch (NotWritten full) {
                refused++;
                System.out.println("said" + refused + " " + full.getMessage());
                batches.load(last);
            }
        }
        System.out.println("acknowledged " + last);
        System.out.println("holds " + batches.count(Status.PLANNED) + " "
                + batches.load(last).batch().title());
        System.out.flush();
        Runtime.getRuntime().halt(0);
    }
}
