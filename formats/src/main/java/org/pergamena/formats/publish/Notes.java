package org.pergamena.formats.publish;

import java.util.ArrayList;
import java.util.List;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.BlockQuote;
import org.commonmark.node.BulletList;
import org.commonmark.node.Code;
import org.commonmark.node.Emphasis;
import org.commonmark.node.FencedCodeBlock;
import org.commonmark.node.HardLineBreak;
import org.commonmark.node.Heading;
import org.commonmark.node.HtmlBlock;
import org.commonmark.node.HtmlInline;
import org.commonmark.node.IndentedCodeBlock;
import org.commonmark.node.Link;
import org.commonmark.node.Node;
import org.commonmark.node.OrderedList;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.StrongEmphasis;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;
import org.pergamena.core.publish.Block;

/** Reads a note (CommonMark 0.31) as pieces of a report. */
public final class Notes {
  private static final Parser PARSER = Parser.builder().build();

  private Notes() {}

  /** The pieces of a note; never fails, as whatever is no mark is text. */
  public static List<Block> read(String note) {
    return blocks(PARSER.parse(note));
  }

  private static List<Block> blocks(Node parent) {
    List<Block> blocks = new ArrayList<>();
    for (Node node = parent.getFirstChild(); node != null; node = node.getNext()) {
      if (node instanceof Paragraph) {
        blocks.add(new Block.Paragraph(Block.Kind.NOTE, runs(node)));
      } else if (node instanceof Heading) {
        blocks.add(new Block.Paragraph(Block.Kind.NOTE_HEADING, runs(node)));
      } else if (node instanceof BulletList || node instanceof OrderedList) {
        List<List<Block>> items = new ArrayList<>();
        for (Node item = node.getFirstChild(); item != null; item = item.getNext()) {
          items.add(blocks(item));
        }
        blocks.add(new Block.Items(node instanceof OrderedList, items));
      } else if (node instanceof BlockQuote) {
        blocks.add(new Block.Quoted(blocks(node)));
      } else if (node instanceof FencedCodeBlock code) {
        blocks.add(Block.Paragraph.of(Block.Kind.NOTE, code.getLiteral().strip()));
      } else if (node instanceof IndentedCodeBlock code) {
        blocks.add(Block.Paragraph.of(Block.Kind.NOTE, code.getLiteral().strip()));
      } else if (node instanceof HtmlBlock html) {
        blocks.add(Block.Paragraph.of(Block.Kind.NOTE, html.getLiteral()));
      }
    }
    return blocks;
  }

  private static List<Block.Run> runs(Node parent) {
    Inline inline = new Inline();
    parent.accept(inline);
    return inline.runs;
  }

  private static final class Inline extends AbstractVisitor {
    private final List<Block.Run> runs = new ArrayList<>();
    private int bold;
    private int italic;
    private String address;

    private void add(String words) {
      runs.add(new Block.Run(words, bold > 0, italic > 0, address));
    }

    @Override
    public void visit(Text text) {
      add(text.getLiteral());
    }

    @Override
    public void visit(Code code) {
      add(code.getLiteral());
    }

    @Override
    public void visit(HtmlInline html) {
      add(html.getLiteral());
    }

    @Override
    public void visit(SoftLineBreak lineBreak) {
      add(" ");
    }

    @Override
    public void visit(HardLineBreak lineBreak) {
      add("\n");
    }

    @Override
    public void visit(Emphasis emphasis) {
      italic++;
      visitChildren(emphasis);
      italic--;
    }

    @Override
    public void visit(StrongEmphasis strong) {
      bold++;
      visitChildren(strong);
      bold--;
    }

    @Override
    public void visit(Link link) {
      String before = address;
      address = SafeAddress.of(link.getDestination()).orElse(before);
      visitChildren(link);
      address = before;
    }
  }
}
