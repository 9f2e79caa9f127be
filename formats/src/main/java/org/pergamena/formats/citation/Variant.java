package org.pergamena.formats.citation;

import java.io.StringWriter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/**
 * A style for citations of one kind. What the style asks of a citation's position, of its locator
 * and of whether it must be told apart is answered beforehand, as the processor does not ask it
 * (CSL 1.0.2, chapter <em>Choose</em>).
 *
 * @param positions those that hold: first, subsequent, ibid, ibid-with-locator, near-note; none in
 *     a list of references
 * @param locator what is counted, as CSL calls it; empty without a locator
 * @param ambiguous whether the citation would otherwise be the same as that of another work
 * @param unnamed whether whoever made the work is left out
 */
record Variant(Set<String> positions, String locator, boolean ambiguous, boolean unnamed) {
  private static final List<String> ANSWERED = List.of("position", "locator", "disambiguate");

  Variant {
    positions = Set.copyOf(positions);
  }

  /** The style with all that is known answered. */
  String of(Style style) {
    Document document = Style.parse(style.xml());
    var chooses = document.getElementsByTagNameNS("*", "choose");
    List<Element> all = new ArrayList<>();
    for (int i = 0; i < chooses.getLength(); i++) {
      all.add((Element) chooses.item(i));
    }
    all.forEach(this::answer);
    if (unnamed) {
      var names = document.getElementsByTagNameNS("*", "names");
      while (names.getLength() > 0) {
        names.item(0).getParentNode().removeChild(names.item(0));
      }
    }
    try {
      StringWriter out = new StringWriter();
      TransformerFactory.newInstance()
          .newTransformer()
          .transform(new DOMSource(document), new StreamResult(out));
      return out.toString();
    } catch (TransformerException e) {
      throw new IllegalStateException(e);
    }
  }

  private void answer(Element choose) {
    boolean decided = false;
    boolean first = true;
    for (Element branch : branches(choose)) {
      Boolean answer = decided ? Boolean.FALSE : answered(branch);
      if (Boolean.FALSE.equals(answer)) {
        choose.removeChild(branch);
      } else if (Boolean.TRUE.equals(answer)) {
        decided = true;
        if (first) {
          unwrap(choose, branch);
        } else {
          rename(branch, "else");
        }
      } else if (first) {
        rename(branch, "if");
        first = false;
      }
    }
    if (first && choose.getParentNode() != null) {
      choose.getParentNode().removeChild(choose);
    }
  }

  private static List<Element> branches(Element choose) {
    List<Element> branches = new ArrayList<>();
    for (Node node = choose.getFirstChild(); node != null; node = node.getNextSibling()) {
      if (node instanceof Element element) {
        branches.add(element);
      }
    }
    return branches;
  }

  /** What stands in a branch takes the place of the whole choice. */
  private static void unwrap(Element choose, Element branch) {
    while (branch.getFirstChild() != null) {
      choose.getParentNode().insertBefore(branch.getFirstChild(), choose);
    }
    choose.getParentNode().removeChild(choose);
  }

  private static void rename(Element branch, String name) {
    String prefix = branch.getPrefix() == null ? "" : branch.getPrefix() + ":";
    branch.getOwnerDocument().renameNode(branch, branch.getNamespaceURI(), prefix + name);
  }

  /** Whether a branch is taken; null if that hangs on the work. */
  private Boolean answered(Element branch) {
    if ("else".equals(branch.getLocalName())) {
      return Boolean.TRUE;
    }
    String match = branch.getAttribute("match");
    for (String asked : ANSWERED) {
      if (branch.hasAttribute(asked)) {
        List<Boolean> holds =
            Arrays.stream(branch.getAttribute(asked).strip().split("\\s+"))
                .map(value -> holds(asked, value))
                .toList();
        if ("any".equals(match) && holds.contains(true)) {
          return Boolean.TRUE;
        } else if ("none".equals(match) && holds.contains(true)
            || !"any".equals(match) && !"none".equals(match) && holds.contains(false)) {
          return Boolean.FALSE;
        }
        branch.removeAttribute(asked);
      }
    }
    boolean open = false;
    for (int i = 0; i < branch.getAttributes().getLength(); i++) {
      open |= !"match".equals(branch.getAttributes().item(i).getNodeName());
    }
    return open ? null : Boolean.valueOf(!"any".equals(match));
  }

  private boolean holds(String asked, String value) {
    return switch (asked) {
      case "position" -> positions.contains(value);
      case "locator" -> value.equals(locator);
      default -> ambiguous == Boolean.parseBoolean(value);
    };
  }
}
