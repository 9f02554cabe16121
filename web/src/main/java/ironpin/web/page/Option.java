package ironpin.web.page;

/** One of several that may be chosen. @param value it is sent by @param label in words @param hint more of it; may be empty */
public record Option(String value, String label, String hint, boolean chosen) {
    public Option(String value, String label, boolean chosen) {
        this(value, label, "", chosen);
    }
}
