package ironpin.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.edit.BenchCorrection;
import ironpin.book.FlourLesson;
import ironpin.dough.BenchFeel;
import ironpin.filling.PattyVerdict;
import ironpin.filling.Treatment;
import ironpin.hands.Drill;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Sentence;
import ironpin.quantity.Temperature;
import ironpin.refusal.Refused;
import ironpin.store.ExperimentStore.Begun;
import ironpin.store.KitchenArchive.Brought;
import ironpin.store.db.DefaultSchema;
import ironpin.store.db.Tables;
import ironpin.style.Styles;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.jooq.Table;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** A kitchen goes out as one file and comes in again: everything once, nothing lost, and nothing that no kitchen holds. */
public class KitchenArchiveTest {
    private static final Instant NOW = Instant.parse("2026-11-25T12:00:00Z");
    private static final byte[] PICTURE = {1, 2, 3, 4};

    /** Wrong values that a row may be given. */
    private static final List<String> WRONG = List.of(
            "-1", "0", "999999999999999", "\"x\"", "\"\"", "null", "{}", "true", "1e300", "\"2026-11-25T12:00:00Z\"");

    private Path folder;
    private Cupboard here;
    private Cupboard there;

    @BeforeMethod
    public void open() throws IOException {
        folder = TestFolder.fresh("archive");
        here = Cupboard.open(folder.resolve("here"), Clock.fixed(NOW, ZoneOffset.UTC));
        there = Cupboard.open(folder.resolve("there"), Clock.fixed(NOW, ZoneOffset.UTC));
    }

    @AfterMethod
    public void close() {
        here.close();
        there.close();
    }

    private static Instant minute(int minute) {
        return NOW.plus(Duration.ofMinutes(minute));
    }

    /** A batch to which one thing of each kind has happened. */
    private static long cook(Cupboard kitchen, String title, Optional<Long> before) {
        BatchStore batches = new BatchStore(kitchen);
        KitStore kits = new KitStore(kitchen, batches);
        long id = batches.create(
                Styles.start(
                        Styles.get("boiled-crescent"),
                        title,
                        LocalDateTime.of(2026, 11, 28, 19, 0),
                        6,
                        Appetite.USUAL,
                        kits.load()),
                "new",
                NOW);
        BenchCorrection step = BenchCorrection.of(batches.load(id).batch(), 1, BenchFeel.CRUMBLY);
        new CorrectionStore(kitchen, batches)
                .make(
                        id,
                        "felt crumbly",
                        plan -> step.batch(),
                        new LoggedCorrection(1, step.correction(), step.before(), step.hydration(), minute(10)));
        HandStore hands = new HandStore(kitchen, batches);
        hands.taste(id, 1, PattyVerdict.BLAND, minute(20));
        hands.weigh(id, 1, "carrot", Treatment.SALT, Mass.ofGrams(300), Mass.ofGrams(180), minute(25));
        batches.start(id, minute(26));
        new RunStore(kitchen).tick(id, "dough-1.mix", minute(30));
        new RunStore(kitchen).startTimer(id, "dough-1.rest", "rest", Duration.ofMinutes(30), minute(31));
        WorkStore work = new WorkStore(kitchen);
        WorkStore.Of lot = new WorkStore.Of(id, 1);
        work.weigh(lot, WorkStore.What.DOUGH, Mass.ofGrams(15), Mass.ofGrams(15), 100, minute(40));
        work.learn(
                lot,
                batches.load(id).batch().lot(1).fold(),
                40,
                Optional.of(Percentage.of(66)),
                Optional.of(21.0),
                minute(50));
        kits.learn(id, 1, List.of(new FlourLesson("all-round", Percentage.of(1.5), Percentage.of(100))), minute(55));
        FireStore fires = new FireStore(kitchen);
        FireStore.Cooked round = fires.in(lot, 12, minute(60));
        fires.probe(
                round.id(),
                "boil",
                new FireStore.Probed(Duration.ofMinutes(5), Temperature.ofCelsius(60), Temperature.ofCelsius(64)),
                Optional.of(1.1),
                minute(65));
        fires.out(lot, minute(68));
        new PaceStore(kitchen).took(id, "dough-1.mix", "Mina", 1.2, minute(70));
        new PhotoStore(kitchen).keep(id, PICTURE, minute(80));
        new FreezerStore(kitchen)
                .put(new FreezerStore.Bag(
                        0,
                        title,
                        Optional.of(id),
                        1,
                        12,
                        12,
                        Mass.ofGrams(30),
                        Sentence.of("boiled"),
                        "gluten",
                        LocalDate.of(2026, 11, 28)));
        before.ifPresent(from -> new ExperimentStore(kitchen)
                .begin(new Begun(id, 1, from, 1, "boiled-crescent", "THICK_RIM", Sentence.of("thinner")), minute(1)));
        new BookStore(kitchen).record(id, 1, "boiled-crescent", WritingKitchen.outcome(), minute(120));
        return id;
    }

    private static void house(Cupboard kitchen) {
        new MinuteStore(kitchen).took("knead", Duration.ofMinutes(10), Duration.ofMinutes(14), minute(3));
        new WorkStore(kitchen).guess("BALL", new Drill.Guess(Mass.ofGrams(14), Mass.ofGrams(15)), minute(4));
    }

    private Path written(Cupboard kitchen, String name) throws IOException {
        Path file = folder.resolve(name);
        try (var out = Files.newOutputStream(file)) {
            new KitchenArchive(kitchen, new BatchStore(kitchen)).write(out, NOW);
        }
        return file;
    }

    private static Brought bring(Cupboard kitchen, Path file) throws IOException {
        return new KitchenArchive(kitchen, new BatchStore(kitchen)).bring(file, picture -> picture, NOW);
    }

    /** Every row, by what it says in whatever kitchen it stands, with how often it stands there. */
    private static Map<String, Integer> rows(Cupboard kitchen) {
        Map<String, Integer> all = new TreeMap<>();
        kitchen.read(dsl -> {
            for (Table<?> table : tables()) {
                dsl.selectFrom(table)
                        .forEach(row ->
                                all.merge(table.getName() + ArchivedRow.sameAnywhere(row, table), 1, Integer::sum));
            }
            return null;
        });
        return all;
    }

    private static List<Table<?>> tables() {
        List<Table<?>> all = new ArrayList<>();
        all.add(Tables.BATCH);
        Archived.HOUSE.forEach(one -> all.add(one.table()));
        Archived.ofBatches().forEach(one -> all.add(one.table()));
        all.add(Archived.OF_ROUNDS);
        all.add(Archived.BAGS);
        return all;
    }

    /** What the database works out of other rows again, and who may come into this kitchen and no other. */
    private static final List<String> NOT_ARCHIVED = List.of("TOLD", "TOLD_WORD", "TOLD_LOT", "DEVICE", "MEANWHILE");

    @Test
    public void everyTableIsInItOrWorkedOutAgain() {
        List<String> known = tables().stream().map(Table::getName).toList();
        for (Table<?> table : DefaultSchema.DEFAULT_SCHEMA.getTables()) {
            assertTrue(
                    known.contains(table.getName()) != NOT_ARCHIVED.contains(table.getName()),
                    table.getName() + " is either archived or worked out again");
        }
    }

    @Test
    public void whatGoesOutComesInOnce() throws IOException {
        cook(here, "In the way of the numbers", Optional.empty());
        house(there);
        long first = cook(there, "First", Optional.empty());
        long second = cook(there, "Second", Optional.of(first));
        new KitStore(there, new BatchStore(there))
                .forget(
                        Set.of(
                                "tasting:" + first + ":3",
                                new KnownStore(there)
                                        .all().stream()
                                                .flatMap(known -> known.lessons().stream())
                                                .map(lesson -> lesson.of().key())
                                                .filter(key -> key.startsWith("round:"))
                                                .findFirst()
                                                .orElseThrow()),
                        true,
                        NOW);
        Path file = written(there, "there.zip");
        Cupboard empty = Cupboard.open(folder.resolve("empty"), Clock.fixed(NOW, ZoneOffset.UTC));
        assertEquals(bring(empty, file), new Brought(2, 0, 0, List.of()));
        Map<String, Integer> whole = rows(there);
        whole.keySet().removeIf(row -> row.startsWith("FORGOTTEN"));
        Map<String, Integer> came = rows(empty);
        came.keySet().removeIf(row -> row.startsWith("FORGOTTEN"));
        assertEquals(came, whole);
        assertEquals(known(empty), known(there), "what was learned and what is left out of account");

        assertEquals(bring(here, file), new Brought(2, 0, 0, List.of()));
        Map<String, Integer> once = rows(here);
        assertEquals(bring(here, file), new Brought(0, 0, 2, List.of()), "nothing of it a second time");
        assertEquals(rows(here), once);
        long moved = new BatchStore(here).called("Second", 5).get(0).id();
        assertTrue(moved != second, "it got a number of its own");
        Begun experiment = new ExperimentStore(here).in(moved).get(0);
        assertEquals(
                new BatchStore(here).load(experiment.fromBatch()).batch().title(),
                "First",
                "an experiment follows its batch under the new number");
        empty.close();
    }

    private static List<String> known(Cupboard kitchen) {
        return new KnownStore(kitchen)
                .all().stream()
                        .flatMap(one -> one.lessons().stream()
                                .map(lesson -> one.kind() + " " + one.of() + " "
                                        + lesson.of().seen() + " " + lesson.forgotten() + " " + lesson.after()))
                        .toList();
    }

    @Test
    public void whatWentOnThereIsBroughtAndWhatWentOnInBothStays() throws IOException {
        long first = cook(there, "First", Optional.empty());
        long second = cook(there, "Second", Optional.empty());
        bring(here, written(there, "one.zip"));
        StoryStore told = new StoryStore(here);
        assertEquals(told.find("lanterns", 0, 5, NOW).count(), 0);
        new BatchStore(there).change(first, "title", batch -> batch.withTitle("First with lanterns"), minute(190));
        new WorkStore(there)
                .weigh(
                        new WorkStore.Of(first, 1),
                        WorkStore.What.DOUGH,
                        Mass.ofGrams(16),
                        Mass.ofGrams(15),
                        100,
                        minute(200));
        BatchStore batches = new BatchStore(here);
        long mine = batches.called("Second", 5).get(0).id();
        batches.change(mine, "title", batch -> batch.withTitle("Second, as it is here"), minute(210));
        new BatchStore(there).change(second, "title", batch -> batch.withTitle("Second, as it is there"), minute(211));
        assertEquals(bring(here, written(there, "two.zip")), new Brought(0, 1, 0, List.of("Second, as it is here")));
        assertEquals(batches.load(mine).batch().title(), "Second, as it is here");
        assertEquals(told.find("lanterns", 0, 5, NOW).count(), 1, "it is found by the words that it has now");
        long renewed = new BatchStore(here).called("First", 5).get(0).id();
        assertEquals(
                new WorkStore(here)
                        .weights(new WorkStore.Of(renewed, 1), WorkStore.What.DOUGH)
                        .size(),
                2);
        Brought back = bring(there, written(here, "back.zip"));
        assertEquals(back.here(), 1, "what is the same in both is the same from either side");
        assertEquals(back.parted(), List.of("Second, as it is there"));
    }

    /** Whatever stands in a row, it is refused whole or can be read again; it never throws anything else. */
    @Test
    public void nothingWrongComesIn() throws IOException {
        house(there);
        cook(there, "First", Optional.empty());
        Map<String, byte[]> sound = entries(written(there, "sound.zip"));
        Random random = new Random(20261130);
        Map<String, Integer> before = rows(here);
        int refused = 0;
        for (int trial = 0; trial < 120; trial++) {
            Path file = folder.resolve("wrong.zip");
            String what = spoil(sound, random, file);
            try {
                bring(here, file);
                new ArchiveTrial(here, new BatchStore(here))
                        .demandReadable(new BatchStore(here)
                                .called("", 50).stream()
                                        .map(BatchStore.Listed::id)
                                        .toList());
                new BatchStore(here).called("", 50).forEach(one -> new BatchStore(here).delete(one.id()));
                before = rows(here);
            } catch (UnreadableArchive said) {
                refused++;
                assertEquals(rows(here), before, what + ": nothing of it stays");
            } catch (Refused odd) {
                throw new AssertionError(what, odd);
            }
        }
        assertTrue(refused > 50, "most of it is refused: " + refused);
    }

    private static String spoil(Map<String, byte[]> sound, Random random, Path file) throws IOException {
        Map<String, byte[]> wrong = new TreeMap<>(sound);
        List<String> names = wrong.keySet().stream()
                .filter(name -> name.startsWith("tables/") && wrong.get(name).length > 0)
                .toList();
        String name = names.get(random.nextInt(names.size()));
        String text = new String(wrong.get(name), StandardCharsets.UTF_8);
        List<int[]> values = new ArrayList<>();
        Matcher value = Pattern.compile(":(-?[\\d.]+|\"[^\"]*\")").matcher(text);
        while (value.find()) {
            values.add(new int[] {value.start(1), value.end(1)});
        }
        int[] at = values.get(random.nextInt(values.size()));
        String other = WRONG.get(random.nextInt(WRONG.size()));
        wrong.put(name, (text.substring(0, at[0]) + other + text.substring(at[1])).getBytes(StandardCharsets.UTF_8));
        zip(wrong, file);
        return name + ": " + text.substring(Math.max(0, at[0] - 20), at[1]) + " made " + other;
    }

    @Test
    public void whatIsNoArchiveIsToldSo() throws IOException {
        cook(there, "First", Optional.empty());
        Map<String, byte[]> sound = entries(written(there, "sound.zip"));
        Path file = folder.resolve("wrong.zip");
        Files.writeString(file, "no zip at all");
        assertRefused(file, "not a whole zip");
        zip(Map.of("x", new byte[3]), file);
        assertRefused(file, "holds no kitchen.json");
        Map<String, byte[]> later = new TreeMap<>(sound);
        later.put("kitchen.json", "{\"format\":\"ironpin-kitchen\",\"version\":99}".getBytes(StandardCharsets.UTF_8));
        zip(later, file);
        assertRefused(file, "version 99");
        Map<String, byte[]> noPhoto = new TreeMap<>(sound);
        noPhoto.keySet().removeIf(name -> name.startsWith("photos/"));
        zip(noPhoto, file);
        assertRefused(file, "photo");
        byte[] whole = Files.readAllBytes(written(there, "half.zip"));
        Files.write(file, Arrays.copyOf(whole, whole.length / 2));
        assertRefused(file, "not a whole zip");
        assertFalse(new BatchStore(here).called("First", 5).size() > 0);
    }

    private void assertRefused(Path file, String why) throws IOException {
        try {
            bring(here, file);
            throw new AssertionError("it came in");
        } catch (UnreadableArchive said) {
            assertTrue(said.getMessage().contains(why), said.getMessage());
        }
    }

    private static Map<String, byte[]> entries(Path file) throws IOException {
        Map<String, byte[]> all = new TreeMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(Files.readAllBytes(file)))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                all.put(entry.getName(), zip.readAllBytes());
            }
        }
        return all;
    }

    private static void zip(Map<String, byte[]> entries, Path file) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> one : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(one.getKey()));
                zip.write(one.getValue());
                zip.closeEntry();
            }
        }
        Files.write(file, bytes.toByteArray());
    }
}
