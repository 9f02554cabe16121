package ironpin.web.known;

import ironpin.book.Known;
import ironpin.quantity.Belief;
import ironpin.quantity.Decimal;
import ironpin.quantity.Sentence;
import ironpin.wording.Count;
import ironpin.wording.TimeOfDay;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** A learned number on its page. */
public record KnownRow(Known known) {
    /**
     * Something that was seen.
     *
     * @param said as in "Mon 30 Nov: 48 %"
     * @param lesson it
     * @param odd whether it lies far from the others
     */
    public record Line(String said, Known.Lesson lesson, boolean odd) {}

    /** As in "50.4 %, between 48 and 53 nine times in ten (est.), from 3 times". */
    public String said() {
        Belief now = known.now();
        String unit = known.kind().unit();
        int decimals = known.kind().decimals();
        return Decimal.trimmed(now.mean(), decimals) + " " + unit + ", between "
                + Decimal.trimmed(now.low(), decimals) + " and " + Decimal.trimmed(now.high(), decimals)
                + " nine times in ten (est.), from " + Count.of((int) known.minded(), "time", "times");
    }

    public Sentence picture() {
        return KnownPicture.of(known);
    }

    /** Whether everything is left out of account. */
    public boolean forgotten() {
        return known.minded() == 0;
    }

    /** The latest first. */
    public List<Line> lines() {
        List<Line> lines = new ArrayList<>();
        for (Known.Lesson lesson : known.lessons()) {
            String day = TimeOfDay.shortDay(
                    lesson.of().at().atZone(ZoneId.systemDefault()).toLocalDateTime());
            lines.add(new Line(
                    day + ": "
                            + Decimal.trimmed(lesson.of().seen(), known.kind().decimals()) + " "
                            + known.kind().unit(),
                    lesson,
                    known.odd(lesson)));
        }
        Collections.reverse(lines);
        return lines;
    }
}
