package ironpin.web.page;

/** One of several that may be chosen. @param value it is sent by @param label in words */
public record Option(String value, String label, boolean chosen) {}
