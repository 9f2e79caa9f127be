package org.pergamena.server.sources;

import java.io.InputStream;
import java.util.UUID;
import org.springframework.core.io.AbstractResource;

/** Bytes that were kept, read piece by piece, so that a part of them costs no more than itself. */
final class KeptBytes extends AbstractResource {
  private static final int PIECE = 256 * 1024;

  private final SourceFiles files;
  private final UUID content;
  private final long size;

  KeptBytes(SourceFiles files, UUID content) {
    this.files = files;
    this.content = content;
    this.size = files.size(content);
  }

  @Override
  public String getDescription() {
    return "kept bytes " + content;
  }

  @Override
  public boolean exists() {
    return true;
  }

  @Override
  public long contentLength() {
    return size;
  }

  @Override
  public InputStream getInputStream() {
    return new Pieces();
  }

  private final class Pieces extends InputStream {
    private byte[] piece = new byte[0];
    private long pieceFrom;
    private long at;

    @Override
    public int read() {
      byte[] one = new byte[1];
      return read(one, 0, 1) < 0 ? -1 : one[0] & 0xFF;
    }

    @Override
    public int read(byte[] into, int offset, int length) {
      if (at >= size) {
        return -1;
      }
      if (at < pieceFrom || at >= pieceFrom + piece.length) {
        pieceFrom = at;
        piece = files.bytes(content, at, PIECE);
      }
      int from = (int) (at - pieceFrom);
      int count = Math.min(length, piece.length - from);
      System.arraycopy(piece, from, into, offset, count);
      at += count;
      return count;
    }

    @Override
    public long skip(long count) {
      long skipped = Math.max(0, Math.min(count, size - at));
      at += skipped;
      return skipped;
    }
  }
}
