package ironpin.web.api;

import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;

/** An answer that a browser keeps as a file. */
final class JsonFile {
    private JsonFile() {}

    /** @param name what it is called; of it only letters and digits stay @param otherwise where none do */
    static ResponseEntity<String> of(String name, String otherwise, String body) {
        String plain = name.replaceAll("[^A-Za-z0-9]+", "-").replaceAll("^-|-$", "");
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        "attachment; filename=\"" + (plain.isEmpty() ? otherwise : plain) + ".json\"")
                .body(body);
    }
}
