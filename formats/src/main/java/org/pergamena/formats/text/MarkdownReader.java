package org.pergamena.formats.text;

import java.util.List;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.Code;
import org.commonmark.node.FencedCodeBlock;
import org.commonmark.node.HardLineBreak;
import org.commonmark.node.Heading;
import org.commonmark.node.HtmlBlock;
import org.commonmark.node.HtmlInline;
import org.commonmark.node.IndentedCodeBlock;
import org.commonmark.node.ListItem;
import org.commonmark.node.Node;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.SourceTextBuilder;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;

/** Reads Markdown (CommonMark): headings, paragraphs and list items, without their marks. */
public final class MarkdownReader extends AbstractVisitor {
  private final SourceTextBuilder source = new SourceTextBuilder();

  private MarkdownReader() {}

  /** Never fails: whatever is no mark is text. The title is the first heading of level 1. */
  public static ReadSource read(String markdown) {
    MarkdownReader reader = new MarkdownReader();
    Parser.builder().build().parse(withoutFrontMatter(markdown)).accept(reader);
    SourceText text = reader.source.build();
    return new ReadSource(SourceKind.MARKDOWN, title(text), text);
  }

  /** Leaves out a block of metadata between lines of three hyphens at the very beginning. */
  private static String withoutFrontMatter(String markdown) {
    if (!markdown.startsWith("---\n")) {
      return markdown;
    }
    int end = markdown.indexOf("\n---\n", 3);
    return end < 0 ? markdown : markdown.substring(end + 5);
  }

  private static String title(SourceText text) {
    List<Block> first =
        text.blocks().stream()
            .filter(block -> block.kind() == Block.Kind.HEADING && block.level() == 1)
            .limit(2)
            .toList();
    return first.size() == 1
        ? text.text().substring(first.get(0).start(), first.get(0).end())
        : null;
  }

  @Override
  public void visit(Heading heading) {
    source.block(Block.Kind.HEADING, heading.getLevel(), words(heading));
  }

  @Override
  public void visit(Paragraph paragraph) {
    boolean item = paragraph.getParent() instanceof ListItem && paragraph.getPrevious() == null;
    source.block(item ? Block.Kind.ITEM : Block.Kind.PARAGRAPH, 0, words(paragraph));
  }

  @Override
  public void visit(FencedCodeBlock code) {
    source.block(Block.Kind.PARAGRAPH, 0, code.getLiteral());
  }

  @Override
  public void visit(IndentedCodeBlock code) {
    source.block(Block.Kind.PARAGRAPH, 0, code.getLiteral());
  }

  @Override
  public void visit(HtmlBlock html) {
    source.block(Block.Kind.PARAGRAPH, 0, html.getLiteral().replaceAll("<[^>]*>", ""));
  }

  private static String words(Node node) {
    StringBuilder words = new StringBuilder();
    node.accept(
        new AbstractVisitor() {
          @Override
          public void visit(Text text) {
            words.append(text.getLiteral());
          }

          @Override
          public void visit(Code code) {
            words.append(code.getLiteral());
          }

          @Override
          public void visit(HtmlInline html) {
            if (!html.getLiteral().matches("</?[a-zA-Z][^>]*>|<!--.*-->")) {
              words.append(html.getLiteral());
            }
          }

          @Override
          public void visit(SoftLineBreak lineBreak) {
            words.append(' ');
          }

          @Override
          public void visit(HardLineBreak lineBreak) {
            words.append(' ');
          }
        });
    return words.toString();
  }
}
