package fairacre.server.api;

import fairacre.server.garden.FileName;
import java.nio.charset.StandardCharsets;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Files to take away, under a name that any file system takes. */
final class Downloads {

    static final MediaType CSV = MediaType.parseMediaType("text/csv;charset=UTF-8");
    static final String CALENDAR = "text/calendar;charset=UTF-8";
    /** RFC 7946, section 12. */
    static final String GEO_JSON = "application/geo+json";

    static final String XLSX = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";

    private Downloads() {}

    /** Seen in the browser as what it is; nothing in it is run. */
    static ResponseEntity<byte[]> shown(byte[] content, MediaType type, String name) {
        return sandboxed(ContentDisposition.inline(), content, type, name);
    }

    /** Shown or taken away, as the disposition says. */
    static ResponseEntity<byte[]> sandboxed(
            ContentDisposition.Builder disposition, byte[] content, MediaType type, String name) {
        return ResponseEntity.ok()
                .contentType(type)
                .header("Content-Security-Policy", "default-src 'none'; sandbox")
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        disposition.filename(name).build().toString())
                .cacheControl(CacheControl.noCache().cachePrivate())
                .body(content);
    }

    static ResponseEntity<byte[]> download(byte[] content, MediaType type, String name) {
        ContentDisposition disposition = ContentDisposition.attachment()
                .filename(FileName.of(name), StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
                .body(content);
    }
}
