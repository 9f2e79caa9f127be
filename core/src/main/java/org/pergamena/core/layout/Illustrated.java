package org.pergamena.core.layout;

import java.util.ArrayList;
import java.util.List;
import org.pergamena.core.map.Picture;

/** Puts pictures beside, above and below a topic that is set in type. */
final class Illustrated {
  private static final double GAP = 8;

  private Illustrated() {}

  /** The room that the pictures on one side take up beside each other, gaps included. */
  static double width(List<Picture> pictures, Picture.Where where) {
    return of(pictures, where).stream().mapToDouble(picture -> picture.width() + GAP).sum();
  }

  private static double height(List<Picture> pictures, Picture.Where where) {
    return of(pictures, where).stream().mapToDouble(Picture::height).max().orElse(0);
  }

  private static List<Picture> of(List<Picture> pictures, Picture.Where where) {
    return pictures.stream().filter(picture -> picture.where() == where).toList();
  }

  /**
   * The topic with its pictures.
   *
   * @param block set with room before the label for those that stand there
   * @param left where the label begins
   */
  static TopicBlock set(TopicBlock block, List<Picture> pictures, double left) {
    if (pictures.isEmpty()) {
      return block;
    }
    double above = row(pictures, Picture.Where.ABOVE);
    double below = row(pictures, Picture.Where.BELOW);
    double middle = above + block.height() + below;
    double beside =
        Math.max(height(pictures, Picture.Where.BEFORE), height(pictures, Picture.Where.AFTER));
    double height = Math.max(middle, beside);
    double top = (height - middle) / 2;
    double down = top + above;
    List<Item> items = new ArrayList<>();
    block.items().forEach(item -> items.add(item.moved(0, down)));
    double before = left - width(pictures, Picture.Where.BEFORE);
    double after = block.width() + 2;
    double axis = down + block.axis();
    centred(of(pictures, Picture.Where.BEFORE), before, axis, height, items);
    centred(of(pictures, Picture.Where.AFTER), after, axis, height, items);
    standing(of(pictures, Picture.Where.ABOVE), left, top + above - GAP / 2, items);
    hanging(of(pictures, Picture.Where.BELOW), left, down + block.height() + GAP / 2, items);
    double width = after + width(pictures, Picture.Where.AFTER);
    if (width(pictures, Picture.Where.AFTER) == 0) {
      width = block.width();
    }
    width = Math.max(width, left + width(pictures, Picture.Where.ABOVE));
    width = Math.max(width, left + width(pictures, Picture.Where.BELOW));
    return new TopicBlock(width, height, axis, List.copyOf(items));
  }

  private static double row(List<Picture> pictures, Picture.Where where) {
    double height = height(pictures, where);
    return height == 0 ? 0 : height + GAP;
  }

  /** Beside the label, as far as there is room. */
  private static void centred(
      List<Picture> row, double left, double axis, double height, List<Item> items) {
    double x = left;
    for (Picture picture : row) {
      double lowest = height - picture.height();
      x = put(picture, x, Math.max(0, Math.min(lowest, axis - picture.height() / 2)), items);
    }
  }

  private static void standing(List<Picture> row, double left, double bottom, List<Item> items) {
    double x = left;
    for (Picture picture : row) {
      x = put(picture, x, bottom - picture.height(), items);
    }
  }

  private static void hanging(List<Picture> row, double left, double top, List<Item> items) {
    double x = left;
    for (Picture picture : row) {
      x = put(picture, x, top, items);
    }
  }

  private static double put(Picture picture, double x, double y, List<Item> items) {
    Box box = new Box(x, y, picture.width(), picture.height());
    items.add(new Item.Image(box, picture.id(), picture.image(), picture.alt()));
    return x + picture.width() + GAP;
  }
}
