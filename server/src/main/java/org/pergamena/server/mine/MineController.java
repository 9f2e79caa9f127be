package org.pergamena.server.mine;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.UUID;
import org.pergamena.server.sessions.SessionCookie;
import org.pergamena.server.site.Attachment;
import org.pergamena.server.site.SecurityLog;
import org.pergamena.server.site.SecurityLog.Event;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** A person takes all that is theirs along, or has it deleted. */
@RestController
@RequestMapping("/api/mine")
class MineController {
  private final Belongings belongings;
  private final SecurityLog log;

  MineController(Belongings belongings, SecurityLog log) {
    this.belongings = belongings;
    this.log = log;
  }

  /** All maps, each as a file that can be brought in again. */
  @GetMapping("/archive")
  ResponseEntity<StreamingResponseBody> archive(
      @AuthenticationPrincipal UUID visitor, HttpServletRequest request) {
    log.note(Event.ALL_TAKEN_ALONG, visitor, request.getRemoteAddr());
    String name = "Pergamena " + LocalDate.now(ZoneOffset.UTC) + ".zip";
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, Attachment.named(name))
        .contentType(MediaType.valueOf("application/zip"))
        .body(out -> belongings.write(visitor, out));
  }

  /** Deletes everything, and forgets who asked. */
  @DeleteMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(
      @AuthenticationPrincipal UUID visitor,
      HttpServletRequest request,
      HttpServletResponse response) {
    belongings.delete(visitor);
    log.note(Event.ALL_DELETED, visitor, request.getRemoteAddr());
    SessionCookie.take(request, response);
  }
}
