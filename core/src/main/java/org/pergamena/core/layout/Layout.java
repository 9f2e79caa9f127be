package org.pergamena.core.layout;

import org.pergamena.core.map.LayoutKind;

/** Places the open part of a map on a page. */
@FunctionalInterface
public interface Layout {
  /** The scene of a sheet; the same sheet has the same scene. */
  Scene lay(Sheet sheet);

  /** The layout of a kind. */
  static Layout of(LayoutKind kind) {
    return switch (kind) {
      case BRACES -> BraceLayout::oneSide;
      case BOTH_SIDES -> BraceLayout::bothSides;
    };
  }
}
