package ironpin.book;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.kit.Kit;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.quantity.UnitSystem;
import ironpin.style.Style;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.Test;

public class BesideTest {
    private static Batch start(Style style) {
        return Styles.start(style, "Supper", LocalDateTime.of(2026, 11, 30, 19, 0), 4, Appetite.USUAL);
    }

    /** Every start beside itself differs in nothing; beside every other it can be laid. */
    @Test
    public void onlyWhatDiffersIsSaid() {
        for (Style one : Styles.all()) {
            assertEquals(Beside.plans(start(one), start(one)), List.of(), one.key());
            for (Style other : Styles.all()) {
                assertTrue(
                        one == other || !Beside.plans(start(one), start(other)).isEmpty());
            }
        }
        Batch full = start(Styles.get("boiled-crescent"));
        Batch less = CountField.FILLING_EACH.at(Address.lot(1)).write(full, 16.2);
        List<Beside> rows = Beside.plans(full, less);
        Beside each = rows.stream()
                .filter(row -> row.what().equals("filling in a piece"))
                .findFirst()
                .orElseThrow();
        assertEquals(each.left().render(UnitSystem.METRIC), "18 g");
        assertEquals(each.right().render(UnitSystem.METRIC), "16.2 g");
        List<String> kinds = Beside.plans(full, start(Styles.get("griddle-bread"))).stream()
                .map(row -> row.what() + ": " + row.left().render(UnitSystem.METRIC) + " / "
                        + row.right().render(UnitSystem.METRIC))
                .toList();
        assertTrue(
                kinds.stream().anyMatch(row -> row.matches("fold: crescent pleated on one side / gathered ball")),
                kinds.toString());
        assertTrue(
                kinds.stream().anyMatch(row -> row.matches("way of cooking: boiled, .* / griddled, .*")),
                kinds.toString());
        assertTrue(kinds.stream().anyMatch(row -> row.startsWith("dough: ")), kinds.toString());
        assertTrue(kinds.stream().anyMatch(row -> row.matches("lamb mince.*: 55.2 % / –")), kinds.toString());
        assertTrue(kinds.stream().anyMatch(row -> row.matches("feta.*: – / 31 %")), kinds.toString());
        // Of two suppers those of a kind are laid beside one another, wherever they stand.
        Batch both = Styles.start(
                List.of(Styles.get("griddle-bread"), Styles.get("boiled-crescent")),
                "Supper",
                LocalDateTime.of(2026, 11, 30, 19, 0),
                4,
                Appetite.USUAL,
                Kit.usual());
        assertEquals(Beside.match(full, full.lot(1), both).orElseThrow().no(), 2);
        // Whose skins they are is said, and of two out of packs nothing.
        Batch pack = start(Styles.get("pack-moon"));
        assertTrue(Beside.plans(full, pack).stream()
                .anyMatch(row -> row.what().equals("skins")
                        && row.left().render(UnitSystem.METRIC).equals("made here")
                        && row.right().render(UnitSystem.METRIC).startsWith("from a pack, ")));
        assertTrue(Beside.plans(pack, pack).isEmpty());
        // What follows from it differs too, and nothing that does not.
        assertTrue(rows.stream().anyMatch(row -> row.what().equals("filling")));
        assertTrue(rows.stream().noneMatch(row -> row.what().equals("dough in a piece")));
    }

    @Test
    public void whatCameOfThemIsLaidBeside() {
        Outcome one = new Outcome(
                40, 4, 0, 0, Mass.ZERO, Mass.ofGrams(60), SkinVerdict.RIGHT, FillingVerdict.DRY, Optional.empty(), "");
        Outcome other = new Outcome(
                40,
                1,
                0,
                0,
                Mass.ZERO,
                Mass.ZERO,
                SkinVerdict.RIGHT,
                FillingVerdict.RIGHT,
                Optional.empty(),
                "",
                Set.of(Seen.RAW),
                Optional.of(38));
        assertEquals(
                Beside.outcomes("Crescents", one, other).stream()
                        .map(row -> row.what() + " " + row.left().render(UnitSystem.METRIC) + " "
                                + row.right().render(UnitSystem.METRIC))
                        .toList(),
                List.of("burst 4 1", "filling dry right", "also – raw in the middle", "filling left 60 g 0.0 g"));
    }

    @Test
    public void everythingThatCameOfThemIsLaidBeside() {
        Outcome one = new Outcome(
                40,
                0,
                2,
                1,
                Mass.ofGrams(30),
                Mass.ZERO,
                SkinVerdict.TOUGH,
                FillingVerdict.RIGHT,
                Optional.of(Temperature.ofCelsius(74)),
                "thick");
        Outcome other = new Outcome(
                36, 0, 0, 0, Mass.ZERO, Mass.ZERO, SkinVerdict.RIGHT, FillingVerdict.RIGHT, Optional.empty(), "thin");
        assertEquals(
                Beside.outcomes("Crescents", one, other).stream()
                        .map(row -> row.what() + " " + row.left().render(UnitSystem.METRIC) + " "
                                + row.right().render(UnitSystem.METRIC))
                        .toList(),
                List.of(
                        "pieces made 40 36",
                        "leaked 2 0",
                        "stuck 1 0",
                        "skin tough right",
                        "core 74 °C –",
                        "dough left 30.0 g 0.0 g",
                        "note thick thin"));
    }

    @Test
    public void aBatchIsFoundByItsWords() {
        Batch batch = start(Styles.get("griddle-bread"));
        Outcome outcome = new Outcome(
                8,
                0,
                0,
                0,
                Mass.ZERO,
                Mass.ZERO,
                SkinVerdict.TOUGH,
                FillingVerdict.RIGHT,
                Optional.empty(),
                "Crème too thin");
        Set<String> words = Told.words(batch, List.of(outcome));
        assertTrue(
                words.containsAll(List.of("pumpkin", "feta", "tough", "creme", "2026", "november", "griddled")),
                words.toString());
        assertTrue(
                words.containsAll(List.of(
                        "supper",
                        "30",
                        "wholemeal",
                        "flour",
                        "gathered",
                        "breads",
                        "thin",
                        "mint",
                        "chilli",
                        "yoghurt",
                        "you")),
                words.toString());
        assertTrue(words.stream().noneMatch(String::isEmpty));
        assertTrue(!words.contains("faultless") && !words.contains("burst") && !words.contains("right"));
        Outcome bad = new Outcome(
                8,
                1,
                1,
                1,
                Mass.ZERO,
                Mass.ZERO,
                SkinVerdict.RIGHT,
                FillingVerdict.DRY,
                Optional.empty(),
                "",
                Set.of(Seen.RAW),
                Optional.empty());
        assertTrue(Told.words(batch, List.of(bad)).containsAll(List.of("burst", "leaked", "stuck", "dry", "raw")));
        Outcome good = new Outcome(
                8, 0, 0, 0, Mass.ZERO, Mass.ZERO, SkinVerdict.RIGHT, FillingVerdict.RIGHT, Optional.empty(), "");
        Set<String> fine = Told.words(batch, List.of(good));
        assertTrue(fine.contains("faultless") && !fine.contains("leaked") && !fine.contains("stuck"));
        assertEquals(Told.split("x".repeat(50)), List.of("x".repeat(40)));
        assertEquals(Told.split("Crème-brûlée 2026-11"), List.of("creme", "brulee", "2026", "11"));
    }
}
