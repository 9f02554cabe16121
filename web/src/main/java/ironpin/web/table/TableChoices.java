package ironpin.web.table;

import ironpin.batch.Filling;
import ironpin.dip.Dip;
import ironpin.style.Style;
import ironpin.style.Styles;
import ironpin.web.page.OneOf;
import ironpin.web.page.Option;
import ironpin.web.page.Screen;
import java.util.List;

/** What can be chosen at the table: another kind of piece, what a kind is made from and filled with, and its dip. */
public final class TableChoices {
    private final Screen screen;
    private final List<Dip> dips;

    TableChoices(Screen screen, List<Dip> dips) {
        this.screen = screen;
        this.dips = dips;
    }

    public OneOf adding() {
        List<Option> styles = OneOf.options(Styles.all(), Style::key, Style::name, null);
        return new OneOf(
                "add-lane",
                screen.address("lanes/add"),
                "style",
                "Add a kind of piece",
                OneOf.adding("add a kind…", styles));
    }

    /** The doughs of the batch; two of one name are told apart by their numbers. */
    public OneOf dough() {
        List<Option> doughs = OneOf.options(
                screen.batch().doughs(),
                one -> String.valueOf(one.no()),
                one -> one.name() + " (" + one.no() + ")",
                screen.lot().dough());
        return new OneOf("lane-dough", screen.address("lanes/dough"), "dough", "", doughs);
    }

    public OneOf filling() {
        List<Option> fillings = OneOf.options(
                screen.batch().fillings(),
                one -> String.valueOf(one.no()),
                Filling::name,
                screen.lot().filling());
        return new OneOf("lane-filling", screen.address("lanes/filling"), "filling", "", fillings);
    }

    public OneOf dip() {
        String chosen = screen.lot().lot().dip().name();
        List<Option> options = dips.stream()
                .map(one -> new Option(one.name(), one.name(), one.name().equals(chosen)))
                .toList();
        return new OneOf("dip", screen.address("dip"), "name", "", options);
    }
}
