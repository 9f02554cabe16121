package ironpin.web.demo;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.DoughField;
import ironpin.crew.Crew;
import ironpin.crew.Person;
import ironpin.crew.Plates;
import ironpin.kit.Kit;
import ironpin.style.Styles;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;

/** The shared house's supper for twelve: three lots and a freezer stash, cooked by two. */
public final class LanternNight {
    private LanternNight() {}

    /** @param serving when the first plates are to be on the table @param kit of the house */
    public static Batch supper(LocalDateTime serving, Kit kit) {
        Batch batch = Styles.start(
                List.of(Styles.get("boiled-crescent"), Styles.get("steamed-leaf"), Styles.get("griddle-bread")),
                "Lantern-night supper",
                serving,
                12,
                Appetite.USUAL,
                kit);
        batch = CountField.EACH.write(batch, Address.lot(1), 4);
        batch = CountField.EACH.write(batch, Address.lot(2), 4);
        batch = CountField.EACH.write(batch, Address.lot(3), 1);
        batch = CountField.TO_FREEZER.write(batch, Address.lot(1), 20);
        // The one thing on this supper's pages that wants a press: the leaves' dough was written down too dry.
        batch = DoughField.HYDRATION.write(batch, Address.dough(2), 57);
        return batch.withCrew(crew());
    }

    /** Two of the house; plates go out as they are ready. */
    private static Crew crew() {
        Plates plates = new Plates(Plates.Way.AS_READY, Duration.ofMinutes(45), Duration.ofMinutes(60));
        return Crew.USUAL
                .withPeople(List.of(Person.cook("Juniper"), Person.cook("Moss").withPace(120)))
                .withTrays(8)
                .withPlates(plates);
    }
}
