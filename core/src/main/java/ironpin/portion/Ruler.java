package ironpin.portion;

import ironpin.quantity.Length;
import ironpin.refusal.Refused;
import java.util.ArrayList;
import java.util.List;

/**
 * A ruler to cut along, at true size: the longest rope's marks, on as many lines as a page's width asks for.
 *
 * @param cut distance from mark to mark
 * @param lines how many cuts stand on each line; a line begins where the one before ended
 */
public record Ruler(Length cut, List<Integer> lines) {
    /** A bar of this length says whether the printer kept the size. */
    public static final Length CHECK = Length.ofMillimetres(100);

    public Ruler {
        lines = List.copyOf(lines);
    }

    /**
     * The ruler of a rope.
     *
     * @param width what a page has room for, at least one cut wide
     * @throws Refused if not even one piece fits on a page, or there is no piece
     */
    public static Ruler of(RopePlan rope, Length width) {
        int most = (int) Math.floor(width.millimetres() / rope.cut().millimetres() + 1e-9);
        if (most < 1 || rope.pieces() < 1) {
            throw new Refused("a ruler has at least one piece, and a piece is no longer than the page is wide");
        }
        List<Integer> lines = new ArrayList<>();
        for (int left = rope.longest(); left > 0; left -= most) {
            lines.add(Math.min(most, left));
        }
        return new Ruler(rope.cut(), lines);
    }

    /** The marks of a line from its start, mm: one more than it has cuts. @param line from 0 */
    public double[] marks(int line) {
        double[] marks = new double[lines.get(line) + 1];
        for (int i = 0; i < marks.length; i++) {
            marks[i] = i * cut.millimetres();
        }
        return marks;
    }

    /** How many pieces stand before a line. @param line from 0 */
    public int before(int line) {
        return lines.subList(0, line).stream().mapToInt(Integer::intValue).sum();
    }
}
