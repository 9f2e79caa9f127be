package org.pergamena.server.reading;

import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.function.DoubleConsumer;
import org.pergamena.formats.SourceReader;
import org.pergamena.formats.read.ReadSource;
import org.pergamena.formats.read.SourceKind;
import org.pergamena.formats.read.UnreadableException;
import tools.jackson.databind.json.JsonMapper;

/**
 * A process that reads files, one after the other, for {@link ReaderProcess}. It gets a name, a
 * kind or nothing, and bytes; it answers with shares of progress and at last with the text as JSON
 * or with a sentence that says why there is none.
 */
public final class ReaderMain {
  static final byte PROGRESS = 'P';
  static final byte READ = 'R';
  static final byte UNREADABLE = 'U';

  private final DataInputStream in;
  private final DataOutputStream out;
  private final SourceReader reader = new SourceReader();
  private final JsonMapper json = JsonMapper.builder().build();

  private ReaderMain(DataInputStream in, DataOutputStream out) {
    this.in = in;
    this.out = out;
  }

  /** Runs until the other end closes. */
  public static void main(String[] arguments) throws IOException {
    FileOutputStream answers = new FileOutputStream(FileDescriptor.out);
    System.setOut(System.err); // nothing else may write between the answers
    new ReaderMain(new DataInputStream(System.in), new DataOutputStream(answers)).run();
  }

  private void run() throws IOException {
    while (true) {
      int length = in.read();
      if (length < 0) {
        return;
      }
      String kind = new String(in.readNBytes(length), StandardCharsets.US_ASCII);
      String name = in.readUTF();
      byte[] bytes = in.readNBytes(in.readInt());
      read(name, kind.isEmpty() ? null : SourceKind.valueOf(kind), bytes);
      out.flush();
    }
  }

  private void read(String name, SourceKind kind, byte[] bytes) throws IOException {
    try {
      ReadSource read = reader.read(name, bytes, kind, progress());
      byte[] answer = json.writeValueAsBytes(read);
      out.writeByte(READ);
      out.writeInt(answer.length);
      out.write(answer);
    } catch (UnreadableException e) {
      out.writeByte(UNREADABLE);
      out.writeUTF(e.getMessage());
    } catch (RuntimeException | StackOverflowError e) {
      out.writeByte(UNREADABLE);
      out.writeUTF(
          "The file is damaged and cannot be read. Open it where it came from, save it anew and add"
              + " it again.");
    }
  }

  private DoubleConsumer progress() {
    return share -> {
      synchronized (out) {
        try {
          out.writeByte(PROGRESS);
          out.writeDouble(share);
          out.flush();
        } catch (IOException e) {
          throw new IllegalStateException("nobody listens any more", e);
        }
      }
    };
  }
}
