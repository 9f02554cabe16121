package ironpin.batch.edit;

import ironpin.batch.Batch;
import ironpin.batch.FlourShare;
import ironpin.batch.Lot;
import ironpin.cook.Spell;
import ironpin.dough.DoughAddition;
import ironpin.filling.FillingLine;
import ironpin.refusal.NotThere;
import ironpin.refusal.Numbered;
import java.util.List;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/** Where in a batch a number stands. Its text is what forms and the API say: "table", "dough-1", "filling-2-line-3". */
public sealed interface Address {
    /** As forms and the API say it; {@link Kind#read} understands it. */
    String text();

    /**
     * What stands there, as it is called: the same while a line stands at its place, another when lines have come or gone
     * before it; nothing where a number says who is meant.
     *
     * @throws NotThere if nothing stands there
     */
    default String bearer(Batch batch) {
        return "";
    }

    /** The whole batch. */
    static Table table() {
        return new Table();
    }

    /** A dough by its number. */
    static OfDough dough(int no) {
        return new OfDough(no);
    }

    /** A filling by its number. */
    static OfFilling filling(int no) {
        return new OfFilling(no);
    }

    /** A lot by its number. */
    static OfLot lot(int no) {
        return new OfLot(no);
    }

    /** The whole batch. */
    record Table() implements Address {
        @Override
        public String text() {
            return "table";
        }
    }

    /** A dough. @param no its number */
    record OfDough(int no) implements Address {
        @Override
        public String text() {
            return "dough-" + no;
        }
    }

    /** A filling. @param no its number */
    record OfFilling(int no) implements Address {
        @Override
        public String text() {
            return "filling-" + no;
        }
    }

    /** A lot. @param no its number */
    record OfLot(int no) implements Address {
        @Override
        public String text() {
            return "lot-" + no;
        }
    }

    /**
     * One of a dough's flours.
     *
     * @param dough number of the dough
     * @param index from 0
     */
    record FlourOf(int dough, int index) implements Address {
        @Override
        public String text() {
            return "dough-" + dough + "-flour-" + (index + 1);
        }

        @Override
        public String bearer(Batch batch) {
            return Numbered.bearer(batch.dough(dough).flours(), index, "flour", one -> one.flour()
                    .key());
        }

        FlourShare in(Batch batch) {
            return Numbered.of(batch.dough(dough).flours(), index, "flour");
        }
    }

    /**
     * What a dough has besides flour.
     *
     * @param dough number of the dough
     * @param addition which
     */
    record AdditionOf(int dough, DoughAddition addition) implements Address {
        @Override
        public String text() {
            return "dough-" + dough + "-addition-" + (addition.ordinal() + 1);
        }
    }

    /**
     * A line of a filling.
     *
     * @param filling number of the filling
     * @param index from 0
     */
    record LineOf(int filling, int index) implements Address {
        @Override
        public String text() {
            return "filling-" + filling + "-line-" + (index + 1);
        }

        @Override
        public String bearer(Batch batch) {
            return Numbered.bearer(batch.filling(filling).formula().lines(), index, "line", FillingLine::ingredient);
        }

        FillingLine in(Batch batch) {
            return Numbered.of(batch.filling(filling).formula().lines(), index, "line");
        }
    }

    /**
     * A spell of a lot's cooking.
     *
     * @param lot number of the lot
     * @param index from 0
     */
    record SpellOf(int lot, int index) implements Address {
        @Override
        public String text() {
            return "lot-" + lot + "-spell-" + (index + 1);
        }

        @Override
        public String bearer(Batch batch) {
            return Numbered.bearer(SpellComposing.spells(batch, lot), index, "spell", spell -> spell.fire()
                    .name());
        }

        Spell in(Batch batch) {
            return Numbered.of(SpellComposing.spells(batch, lot), index, "spell");
        }
    }

    /** One kind of address, to read it from its text. @param <A> the addresses */
    final class Kind<A extends Address> {
        static final Kind<Table> TABLE = new Kind<>("table", nos -> new Table(), lot -> new Table());
        static final Kind<OfDough> DOUGH =
                new Kind<>("dough-#", nos -> new OfDough(nos[0]), lot -> new OfDough(lot.doughNo()));
        static final Kind<OfFilling> FILLING =
                new Kind<>("filling-#", nos -> new OfFilling(nos[0]), lot -> new OfFilling(lot.fillingNo()));
        static final Kind<OfLot> LOT = new Kind<>("lot-#", nos -> new OfLot(nos[0]), lot -> new OfLot(lot.no()));
        static final Kind<FlourOf> FLOUR = ofLines("dough-#-flour-#", nos -> new FlourOf(nos[0], nos[1] - 1));
        static final Kind<AdditionOf> ADDITION = ofLines(
                "dough-#-addition-#",
                nos -> new AdditionOf(nos[0], Numbered.of(List.of(DoughAddition.values()), nos[1] - 1, "addition")));
        static final Kind<SpellOf> SPELL = ofLines("lot-#-spell-#", nos -> new SpellOf(nos[0], nos[1] - 1));
        static final Kind<LineOf> LINE = ofLines("filling-#-line-#", nos -> new LineOf(nos[0], nos[1] - 1));

        private final Pattern form;
        private final Function<int[], A> make;
        private final Function<Lot, A> ofLot;

        private Kind(String form, Function<int[], A> make, Function<Lot, A> ofLot) {
            this.form = Pattern.compile(form.replace("#", "([1-9]\\d{0,8})"));
            this.make = make;
            this.ofLot = ofLot;
        }

        private static <A extends Address> Kind<A> ofLines(String form, Function<int[], A> make) {
            return new Kind<>(form, make, lot -> {
                throw new NotThere("a line is named by its dough or filling, not by lot " + lot.no());
            });
        }

        /** The one that a lot has. @throws NotThere if it belongs to a line, of which there are several */
        A ofLot(Lot lot) {
            return ofLot.apply(lot);
        }

        /** The address that a text says. @throws NotThere if it says none of this kind */
        A read(String text) {
            Matcher said = form.matcher(text);
            if (!said.matches()) {
                throw NotThere.called("place", text);
            }
            return make.apply(IntStream.rangeClosed(1, said.groupCount())
                    .map(group -> Integer.parseInt(said.group(group)))
                    .toArray());
        }
    }
}
