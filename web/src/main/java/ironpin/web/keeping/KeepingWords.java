package ironpin.web.keeping;

import ironpin.store.KitchenArchive.Brought;
import ironpin.wording.Count;
import java.util.ArrayList;
import java.util.List;

/** What is said after something was kept, brought in or gone back to. */
final class KeepingWords {
    private KeepingWords() {}

    static String done(String what) {
        return switch (what) {
            case "kept" -> "Kept, as everything is now.";
            case "back" ->
                "The kitchen is as it was then. What stood here is kept as the newest backup: going back to it undoes this.";
            default -> "";
        };
    }

    static String of(Brought brought) {
        if (brought.added() + brought.renewed() == 0 && brought.parted().isEmpty()) {
            return "Nothing new is in it: " + Count.of(brought.here(), "batch was", "batches were") + " here already.";
        }
        List<String> parts = new ArrayList<>();
        parts.add(Count.of(brought.added(), "batch", "batches") + " came in");
        if (brought.renewed() > 0) {
            parts.add(Count.of(brought.renewed(), "batch", "batches") + " had gone on there and went on here");
        }
        if (brought.here() > 0) {
            parts.add(Count.of(brought.here(), "batch was", "batches were") + " here already");
        }
        String said = String.join("; ", parts) + ".";
        if (!brought.parted().isEmpty()) {
            said += " Changed in both kitchens, and left as they are here: " + String.join(", ", brought.parted())
                    + ".";
        }
        return said;
    }
}
