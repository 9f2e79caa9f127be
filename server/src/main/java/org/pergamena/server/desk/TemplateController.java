package org.pergamena.server.desk;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Maps to begin from. */
@RestController
@RequestMapping("/api/templates")
class TemplateController {
  private final Copies copies;

  TemplateController(Copies copies) {
    this.copies = copies;
  }

  /** Which template a map begins from. */
  record Beginning(@NotNull @Size(max = 100) String template) {}

  @GetMapping
  List<Copies.Template> templates(@AuthenticationPrincipal UUID visitor) {
    return copies.templates(visitor);
  }

  /** Makes a map that begins as a template is. */
  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  MapController.Created begin(
      @AuthenticationPrincipal UUID visitor, @RequestBody @Valid Beginning beginning) {
    return new MapController.Created(copies.begin(visitor, beginning.template()));
  }
}
