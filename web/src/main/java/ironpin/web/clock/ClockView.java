package ironpin.web.clock;

import ironpin.batch.Batch;
import ironpin.batch.Filling;
import ironpin.clock.Task;
import ironpin.clock.TaskKey;
import ironpin.clock.Timetable;
import ironpin.crew.Held;
import ironpin.crew.Person;
import ironpin.crew.Plates;
import ironpin.crew.Skill;
import ironpin.quantity.Belief;
import ironpin.web.page.FieldError;
import ironpin.web.page.Run;
import ironpin.web.page.RunStep;
import ironpin.web.page.Screen;
import ironpin.web.picture.ClockPicture;
import ironpin.wording.Count;
import ironpin.wording.Span;
import ironpin.wording.TimeOfDay;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * What the Clock station shows besides the plan itself.
 *
 * @param title when it begins and ends, in a few words
 * @param people each with what was learned about them
 * @param lists the day in rows, of each person and of what gets on by itself
 * @param known what is known of how good the plan is, in a sentence
 * @param ahead what can be done the day before
 * @param perUnit minutes that a unit of the picture stands for
 * @param ways plates can go out
 */
public record ClockView(
        String title,
        List<Row> people,
        List<Steps> lists,
        String known,
        List<Ahead> ahead,
        double perUnit,
        List<Plates.Way> ways) {
    /**
     * Somebody.
     *
     * @param no from 0
     * @param learned what their times taught, in words; empty where nothing did
     * @param taught percent that could be counted with instead; empty where it is what is counted with
     */
    public record Row(int no, Person person, String learned, String taught) {
        public List<Skill> skills() {
            return List.of(Skill.values());
        }

        public String comes() {
            return person.comes().map(TimeOfDay::of).orElse("");
        }

        public String goes() {
            return person.goes().map(TimeOfDay::of).orElse("");
        }
    }

    /** What somebody does, in order; what two do stands with both. @param whose a name, or that it gets on by itself */
    public record Steps(String whose, List<StepRow> rows) {}

    /**
     * A step in a row.
     *
     * @param who does it, by name
     * @param takes how long, in words
     * @param own its minutes, where they are the cook's own to say and it is not done; otherwise null
     * @param slack how far it can move, in words
     * @param held whether the cook put it there
     */
    public record StepRow(
            String key,
            String from,
            String until,
            String title,
            String who,
            String takes,
            OwnMinutes own,
            String slack,
            boolean held,
            boolean done) {}

    /**
     * The minutes of a step as they can be changed.
     *
     * @param name of the step
     * @param refused what was typed and is not allowed; otherwise null
     */
    public record OwnMinutes(String name, long minutes, FieldError refused) {}

    /**
     * Something of a filling that can be done the day before.
     *
     * @param no of the filling
     * @param name what
     * @param time that it takes
     * @param planned whether it has been put there
     */
    public record Ahead(int no, String name, String time, boolean planned) {}

    static ClockView of(Screen screen, Function<String, Belief> paces) {
        List<Person> crew = screen.batch().crew().people();
        List<Row> people = new ArrayList<>();
        for (int i = 0; i < crew.size(); i++) {
            people.add(row(i, crew.get(i), paces.apply(crew.get(i).name())));
        }
        Run run = screen.run();
        Timetable table = run.forecast().table();
        return new ClockView(
                title(screen.batch(), table),
                people,
                lists(screen, run),
                known(screen.plan().timetable(), screen.underway().thinking()),
                ahead(screen),
                ClockPicture.minutesPerUnit(screen.plan(), table),
                List.of(Plates.Way.values()));
    }

    private static String title(Batch batch, Timetable table) {
        LocalDateTime serving = batch.serving();
        if (!table.clashes().isEmpty()) {
            return "No plan for " + TimeOfDay.of(serving) + " goes together";
        }
        String start = "Start by " + TimeOfDay.of(table.latestStart(), serving);
        String served = TimeOfDay.of(table.served(), serving);
        return batch.crew().plates().asReady()
                ? start + ", first plates at " + served + ", the last at " + TimeOfDay.of(table.lastPlates(), serving)
                : start + ", table at " + served;
    }

    /** What the colours of the picture mean: the class of a bar, and words for it. */
    public Set<Map.Entry<String, String>> legend() {
        return ClockPicture.LEGEND.entrySet();
    }

    private static Row row(int no, Person person, Belief pace) {
        if (pace.lessons() == 0) {
            return new Row(no, person, "", "");
        }
        long percent = Math.round(Person.within(pace.mean()));
        return new Row(
                no,
                person,
                "takes " + percent + " % by " + Count.of(pace.lessons(), "task"),
                percent == Math.round(person.pace()) ? "" : percent + " %");
    }

    private static List<Steps> lists(Screen screen, Run run) {
        List<Steps> lists = new ArrayList<>();
        List<Person> crew = screen.batch().crew().people();
        for (int i = 0; i < crew.size(); i++) {
            int who = i;
            lists.add(new Steps(
                    crew.get(i).name(), rows(screen, run, slot -> slot.people().contains(who))));
        }
        lists.add(new Steps("By itself", rows(screen, run, slot -> slot.people().isEmpty())));
        return lists.stream().filter(list -> !list.rows().isEmpty()).toList();
    }

    private static List<StepRow> rows(Screen screen, Run run, Predicate<Timetable.Slot> whose) {
        return run.steps().stream()
                .filter(step -> whose.test(step.slot()))
                .map(step -> step(screen, step))
                .toList();
    }

    private static StepRow step(Screen screen, RunStep step) {
        Duration slack = step.slot().slack();
        boolean held = screen.batch().held().stream().map(Held::task).anyMatch(step.key()::equals);
        String room = slack.isZero() ? "none" : Span.inMinutes(slack);
        Timetable.Slot slot = step.slot();
        OwnMinutes own = step.ownTime() && !step.done()
                ? new OwnMinutes(slot.task().name(), step.minutes(), screen.refusal("minutes", step.key()))
                : null;
        return new StepRow(
                step.key(),
                TimeOfDay.of(slot.start(), screen.batch().serving()),
                TimeOfDay.of(slot.end()),
                slot.task().title(),
                screen.plan().day().who(slot),
                step.takes(),
                own,
                room,
                held,
                step.done());
    }

    private static String known(Timetable table, boolean thinking) {
        String more = thinking ? " Still looking." : "";
        if (!table.clashes().isEmpty()) {
            return "Laid out as near as could be found; what does not go together is named." + more;
        }
        if (table.proof().all()) {
            return "Proven: no plan starts later, and none that starts then leaves less waiting.";
        }
        if (table.proof().latestStart()) {
            return "Proven: no plan starts later." + more;
        }
        return table.beyond()
                        .map(beyond -> "This plan holds. A better one could begin at most " + Span.inMinutes(beyond)
                                + " later.")
                        .orElse("This plan holds. Whether one could begin later has not been found out"
                                + (thinking ? " yet." : "."))
                + more;
    }

    private static List<Ahead> ahead(Screen screen) {
        List<Ahead> all = new ArrayList<>();
        for (Filling filling : screen.batch().fillings()) {
            List<Task> tasks = screen.plan().day().tasks().stream()
                    .filter(task ->
                            task.ahead() && task.of() instanceof TaskKey.OfFilling of && of.no() == filling.no())
                    .toList();
            if (!tasks.isEmpty()) {
                Duration hands = tasks.stream().map(Task::handsTime).reduce(Duration.ZERO, Duration::plus);
                boolean planned = tasks.stream().allMatch(task -> screen.batch().held().stream()
                        .anyMatch(held -> held.task().equals(task.key())));
                all.add(new Ahead(filling.no(), filling.called(), Span.inMinutes(hands), planned));
            }
        }
        return all;
    }
}
