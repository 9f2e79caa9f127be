package org.pergamena.server.desk;

import java.util.List;
import org.pergamena.core.layout.Signs;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The signs that tags may have. */
@RestController
@RequestMapping("/api/signs")
class SignController {
  private static final int MOST = 60;

  /**
   * A sign that can be drawn.
   *
   * @param path SVG path data in a square of 24 units
   */
  record SignView(String name, String path) {}

  /** Signs that words of a search stand for, at most sixty. */
  @GetMapping
  List<SignView> search(@RequestParam String words) {
    return Signs.search(words, MOST).stream().map(SignController::view).toList();
  }

  /** Signs by their names; those that are not known are left out. */
  @GetMapping("/named")
  List<SignView> named(@RequestParam List<String> names) {
    return names.stream()
        .distinct()
        .flatMap(name -> Signs.of(name).map(path -> view(new Signs.Sign(name, path))).stream())
        .toList();
  }

  private static SignView view(Signs.Sign sign) {
    return new SignView(sign.name(), sign.path().svg());
  }
}
