package ironpin.web.clock;

import ironpin.batch.Batch;
import ironpin.batch.Station;
import ironpin.clock.DayPlan;
import ironpin.clock.Put;
import ironpin.clock.Task;
import ironpin.clock.TaskKey;
import ironpin.clock.Timetable;
import ironpin.crew.Crew;
import ironpin.crew.Person;
import ironpin.crew.Plates;
import ironpin.crew.Skill;
import ironpin.plan.BatchPlan;
import ironpin.refusal.NotThere;
import ironpin.refusal.Refused;
import ironpin.store.BatchStore;
import ironpin.store.KitStore;
import ironpin.store.PaceStore;
import ironpin.store.StoredBatch;
import ironpin.web.kitchen.SolverDesk;
import ironpin.web.page.Changes;
import ironpin.web.page.Choice;
import ironpin.web.page.From;
import ironpin.web.page.Plans;
import ironpin.web.page.Screens;
import ironpin.web.page.Units;
import ironpin.wording.TimeOfDay;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;

/** Who is there, how plates go out, and where tasks are put. */
@Controller
@RequestMapping("/batches/{id}/clock")
class ClockController {
    /** What is done the day before is begun at this time. */
    private static final LocalTime EVENING = LocalTime.of(19, 0);

    private final BatchStore batches;
    private final KitStore kit;
    private final PaceStore paces;
    private final Plans plans;
    private final SolverDesk desk;
    private final Changes changes;
    private final Screens screens;
    private final Clock clock;

    ClockController(
            BatchStore batches,
            KitStore kit,
            PaceStore paces,
            Plans plans,
            SolverDesk desk,
            Changes changes,
            Screens screens,
            Clock clock) {
        this.batches = batches;
        this.kit = kit;
        this.paces = paces;
        this.plans = plans;
        this.desk = desk;
        this.changes = changes;
        this.screens = screens;
        this.clock = clock;
    }

    /** Somebody as they are now: their name, what they do, when they come and go. */
    @PostMapping("/person")
    String person(
            @PathVariable long id,
            @RequestParam int no,
            @RequestParam String name,
            @RequestParam(required = false) Set<Skill> does,
            @RequestParam(defaultValue = "") String comes,
            @RequestParam(defaultValue = "") String goes,
            @RequestParam(defaultValue = "") String pace,
            From from,
            Model model) {
        return people(id, from, model, "who is there: " + name.strip(), people -> {
            Person old = somebody(people, no);
            double percent = pace.isBlank() ? old.pace() : percent(pace);
            Person changed = new Person(name.strip(), Set.copyOf(Choice.said(does)), time(comes), time(goes), percent);
            people.set(no, changed);
            return people;
        });
    }

    /** Their times are counted with from now on. */
    @PostMapping("/person/learned")
    String learned(@PathVariable long id, @RequestParam int no, From from, Model model) {
        return people(id, from, model, "as fast as they were", people -> {
            Person old = somebody(people, no);
            people.set(
                    no,
                    old.withPace(Math.round(Person.within(paces.pace(old.name()).mean()))));
            return people;
        });
    }

    /** One more, who does everything, as fast as was learned of whoever was called so before. */
    @PostMapping("/person/add")
    String add(@PathVariable long id, From from, Model model) {
        return people(id, from, model, "one more in the kitchen", people -> {
            if (people.size() >= Crew.MOST_PEOPLE) {
                throw new Refused("at most " + Crew.MOST_PEOPLE + " people work");
            }
            String name = "Helper";
            for (int i = 2; taken(people, name); i++) {
                name = "Helper " + i;
            }
            double pace = Person.within(paces.pace(name).mean());
            people.add(Person.cook(name).withPace(Math.round(pace)));
            return people;
        });
    }

    private static boolean taken(List<Person> people, String name) {
        return people.stream().anyMatch(one -> one.name().equals(name));
    }

    @PostMapping("/person/drop")
    String drop(@PathVariable long id, @RequestParam int no, From from, Model model) {
        return people(id, from, model, "one less in the kitchen", people -> {
            somebody(people, no);
            people.remove(no);
            return people;
        });
    }

    /** Somebody has to go: from now on nothing is counted on them. */
    @PostMapping("/person/gone")
    String gone(@PathVariable long id, @RequestParam int no, From from, Model model) {
        LocalTime now = LocalTime.now(clock).truncatedTo(ChronoUnit.MINUTES);
        return people(id, from, model, "somebody has gone", people -> {
            if (people.stream().filter(one -> one.goes().isEmpty()).count() <= 1
                    && somebody(people, no).goes().isEmpty()) {
                throw new Refused("somebody has to stay");
            }
            people.set(no, somebody(people, no).withGoes(Optional.of(now)));
            return people;
        });
    }

    private static Person somebody(List<Person> people, int no) {
        if (no < 0 || no >= people.size()) {
            throw new NotThere("there is no person number " + (no + 1));
        }
        return people.get(no);
    }

    private static double percent(String typed) {
        try {
            return Double.parseDouble(typed.strip().replace("%", "").strip());
        } catch (NumberFormatException e) {
            throw new Refused("a pace is a number, 40 to 300 %, not " + typed);
        }
    }

    private static Optional<LocalTime> time(String typed) {
        if (typed.isBlank()) {
            return Optional.empty();
        }
        try {
            return Optional.of(LocalTime.parse(typed.strip()));
        } catch (DateTimeException e) {
            throw new Refused("a time is hours and minutes, as in 17:30, not " + typed);
        }
    }

    private String people(long id, From from, Model model, String label, UnaryOperator<List<Person>> change) {
        return changes.change(
                id,
                from,
                model,
                label,
                batch -> batch.withCrew(batch.crew()
                        .withPeople(change.apply(new ArrayList<>(batch.crew().people())))));
    }

    @PostMapping("/plates")
    String plates(@PathVariable long id, @RequestParam Plates.Way way, From from, Model model) {
        return changes.change(
                id,
                from,
                model,
                "plates: " + way.label(),
                batch -> batch.withCrew(
                        batch.crew().withPlates(batch.crew().plates().going(way))));
    }

    /** The day, to take along. */
    @GetMapping(path = "/day.ics", produces = "text/calendar;charset=UTF-8")
    @ResponseBody
    String calendar(@PathVariable long id, HttpServletRequest request) {
        return DayCalendar.of(screens.of(id, Optional.of(Station.CLOCK), 0), Units.of(request), clock.instant());
    }

    /** A task is put somewhere. @param minutes later than it lies; 0 to hold it where it is */
    @PostMapping("/hold")
    String hold(@PathVariable long id, @RequestParam String key, @RequestParam long minutes, From from, Model model) {
        StoredBatch stored = batches.load(id);
        BatchPlan plan = plans.of(stored);
        Timetable.Slot slot = plan.timetable().slot(key);
        LocalDateTime lies = slot.start().toLocalDateTime();
        LocalDateTime at = minutes == 0 ? lies : lies.plusMinutes(minutes).truncatedTo(ChronoUnit.MINUTES);
        String title = slot.task().name();
        return changes.change(id, from, model, "hold: " + title.toLowerCase(Locale.ROOT), batch -> {
            Batch put = batch.holding(key, Optional.of(at));
            Put found = Put.of(day(batch), plan.timetable(), day(put), desk.solver());
            found.refusal().ifPresent(why -> {
                throw new Refused("“" + title + "” cannot be at " + TimeOfDay.of(at) + ": " + why);
            });
            desk.remember(day(put), found.laid());
            return put;
        });
    }

    private DayPlan day(Batch batch) {
        return BatchPlan.of(batch, kit.load().hand(), clock.getZone()).day();
    }

    @PostMapping("/release")
    String release(@PathVariable long id, @RequestParam String key, From from, Model model) {
        return changes.change(id, from, model, "let go", batch -> batch.holding(key, Optional.empty()));
    }

    /** What can be done the day before of a filling, is, or is not any more. */
    @PostMapping("/ahead")
    String ahead(
            @PathVariable long id, @RequestParam int filling, @RequestParam boolean before, From from, Model model) {
        return changes.change(id, from, model, before ? "the day before" : "on the day", batch -> {
            LocalDateTime at = batch.serving().toLocalDate().minusDays(1).atTime(EVENING);
            Batch changed = batch;
            for (Task task : day(batch).tasks()) {
                if (task.ahead() && task.of() instanceof TaskKey.OfFilling of && of.no() == filling) {
                    changed = changed.holding(task.key(), before ? Optional.of(at) : Optional.empty());
                    at = at.plus(task.time());
                }
            }
            return changed;
        });
    }
}
