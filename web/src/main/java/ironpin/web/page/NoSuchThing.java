package ironpin.web.page;

/** Asked for something by a name that nothing has. */
class NoSuchThing extends RuntimeException {
    private static final long serialVersionUID = 1L;

    NoSuchThing(String what, String name) {
        super("There is no " + what + " called '" + name + "'.");
    }
}
