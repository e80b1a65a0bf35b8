package fairacre.server.home;

import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Hands out the certificate that a phone is told to trust: it is no secret. */
@RestController
@ConditionalOnProperty("fairacre.home.port")
class HomeController {

    private final HomeDoor door;

    HomeController(HomeDoor door) {
        this.door = door;
    }

    @GetMapping("/fair-acre-at-home.crt")
    ResponseEntity<byte[]> authority() {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/x-x509-ca-cert"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"fair-acre-at-home.crt\"")
                .body(door.authorityEncoded());
    }
}
