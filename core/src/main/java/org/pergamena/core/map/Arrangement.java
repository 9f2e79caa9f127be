package org.pergamena.core.map;

/**
 * How a map or a branch is laid out. What is null is as it is around it.
 *
 * @param fan of a radial layout
 */
public record Arrangement(
    LayoutKind layout, LineForm lines, Spacing spacing, LabelWidth labels, Fan fan) {
  /** All as it is around. */
  public static final Arrangement NONE = new Arrangement(null, null, null, null, null);

  /** A layout with all else as it is around. */
  public static Arrangement of(LayoutKind layout) {
    return new Arrangement(layout, null, null, null, null);
  }

  /** What holds where this is given and others are around it. Lines go with their layout. */
  public Arrangement within(Arrangement around) {
    return new Arrangement(
        layout == null ? around.layout : layout,
        lines == null && layout == null ? around.lines : lines,
        spacing == null ? around.spacing : spacing,
        labels == null ? around.labels : labels,
        fan == null && layout == null ? around.fan : fan);
  }
}
