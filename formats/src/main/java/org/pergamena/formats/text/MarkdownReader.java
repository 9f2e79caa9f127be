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
import org.commonmark.parser.IncludeSourceSpans;
import org.commonmark.parser.Parser;
import org.pergamena.core.source.Block;
import org.pergamena.core.source.SourceText;
import org.pergamena.core.source.SourceTextBuilder;
import org.pergamena.formats.read.Facts;
import org.pergamena.formats.read.Omission;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;

/** Reads Markdown (CommonMark): headings, paragraphs and list items, without their marks. */
public final class MarkdownReader extends AbstractVisitor {
  private final SourceTextBuilder source = new SourceTextBuilder();
  private int linesBefore;

  private MarkdownReader() {}

  /** Never fails: whatever is no mark is text. The title is the first heading of level 1. */
  public static ReadSource read(String markdown) {
    MarkdownReader reader = new MarkdownReader();
    String body = withoutFrontMatter(markdown);
    String front = markdown.substring(0, markdown.length() - body.length());
    reader.linesBefore = (int) front.lines().count();
    Parser.builder()
        .includeSourceSpans(IncludeSourceSpans.BLOCKS)
        .build()
        .parse(body)
        .accept(reader);
    SourceText text = reader.source.build();
    List<Omission> omissions =
        front.isEmpty()
            ? List.of()
            : List.of(
                new Omission(
                    Omission.counted(reader.linesBefore, "line", "lines")
                        + " of settings at the beginning",
                    front.lines().skip(1).findFirst().orElse("")));
    Facts facts = new Facts(title(text), setting(front, "author"), setting(front, "date"));
    return ReadSource.of(SourceKind.MARKDOWN, facts, text, omissions);
  }

  private static String setting(String front, String name) {
    return front
        .lines()
        .filter(line -> line.startsWith(name + ":"))
        .map(line -> line.substring(name.length() + 1).strip().replaceAll("^[\"']|[\"']$", ""))
        .findFirst()
        .orElse(null);
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
    block(paragraph, item ? Block.Kind.ITEM : Block.Kind.PARAGRAPH, words(paragraph));
  }

  @Override
  public void visit(FencedCodeBlock code) {
    block(code, Block.Kind.PARAGRAPH, code.getLiteral());
  }

  @Override
  public void visit(IndentedCodeBlock code) {
    block(code, Block.Kind.PARAGRAPH, code.getLiteral());
  }

  @Override
  public void visit(HtmlBlock html) {
    block(html, Block.Kind.PARAGRAPH, html.getLiteral().replaceAll("<[^<>]*>", ""));
  }

  private void block(Node node, Block.Kind kind, String words) {
    int line = linesBefore + node.getSourceSpans().get(0).getLineIndex() + 1;
    source.block(kind, 0, words, "line " + line);
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
