package ironpin.clock;

/** Which task of a batch: the same one whenever the batch is planned again. */
public sealed interface TaskKey {
    /** As it is kept and sent, as in {@code lot-1.cook-2}. */
    String text();

    /**
     * A step of making a dough.
     *
     * @param no of the dough
     * @param step which
     * @param time the how manieth of such steps, from 1
     */
    record OfDough(int no, Step step, int time) implements TaskKey {
        /** What is done with a dough. */
        public enum Step {
            MIX("mix"),
            COOL("cool"),
            KNEAD("knead"),
            REST("rest");

            private final String text;

            Step(String text) {
                this.text = text;
            }
        }

        @Override
        public String text() {
            return "dough-" + no + "." + step.text + (time == 1 ? "" : "-" + time);
        }
    }

    /**
     * A step of making a filling.
     *
     * @param no of the filling
     * @param step short name of the step
     */
    record OfFilling(int no, String step) implements TaskKey {
        /** The step in which it is mixed. */
        static OfFilling mixed(int no) {
            return new OfFilling(no, "make");
        }

        @Override
        public String text() {
            return "filling-" + no + "." + step;
        }
    }

    /**
     * A tray of a lot that is shaped.
     *
     * @param lot number of the lot
     * @param tray from 1
     */
    record Shaped(int lot, int tray) implements TaskKey {
        @Override
        public String text() {
            return "lot-" + lot + ".shape-" + tray;
        }
    }

    /**
     * A tray of a lot that is put into the freezer.
     *
     * @param lot number of the lot
     * @param tray from 1, as it was shaped
     */
    record Frozen(int lot, int tray) implements TaskKey {
        @Override
        public String text() {
            return "lot-" + lot + ".freeze-" + tray;
        }
    }

    /**
     * A lot's pieces that become hard in the freezer.
     *
     * @param lot number of the lot
     */
    record Hardened(int lot) implements TaskKey {
        @Override
        public String text() {
            return "lot-" + lot + ".hard";
        }
    }

    /**
     * A lot's hard pieces that are bagged and labelled.
     *
     * @param lot number of the lot
     */
    record Bagged(int lot) implements TaskKey {
        @Override
        public String text() {
            return "lot-" + lot + ".bag";
        }
    }

    /**
     * A lot's vessel that gets hot.
     *
     * @param lot number of the lot
     */
    record Heated(int lot) implements TaskKey {
        @Override
        public String text() {
            return "lot-" + lot + ".heat";
        }
    }

    /**
     * A round of a lot that is cooked.
     *
     * @param lot number of the lot
     * @param round from 1
     */
    record Cooked(int lot, int round) implements TaskKey {
        @Override
        public String text() {
            return "lot-" + lot + ".cook-" + round;
        }
    }

    /**
     * Something at the table.
     *
     * @param step which
     */
    record AtTable(Step step) implements TaskKey {
        /** What is done for the table. */
        public enum Step {
            DIP("dip"),
            SERVE("serve"),
            LAST("last");

            private final String text;

            Step(String text) {
                this.text = text;
            }
        }

        @Override
        public String text() {
            return "table." + step.text;
        }
    }
}
