package org.pergamena.server.reading;

import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;
import java.util.function.DoubleConsumer;
import org.pergamena.formats.read.UnreadableException;

/**
 * A process that does {@link ConfinedWork}, one after the other, for {@link ConfinedProcess}. It
 * gets which work, an argument and bytes; it answers with shares of progress and at last with what
 * came of it as JSON or with a sentence that says why nothing did.
 */
public final class ConfinedMain {
  static final byte PROGRESS = 'P';
  static final byte DONE = 'R';
  static final byte REFUSED = 'U';

  private final DataInputStream in;
  private final DataOutputStream out;

  private ConfinedMain(DataInputStream in, DataOutputStream out) {
    this.in = in;
    this.out = out;
  }

  /** Runs until the other end closes. */
  public static void main(String[] arguments) throws IOException {
    FileOutputStream answers = new FileOutputStream(FileDescriptor.out);
    System.setOut(System.err); // nothing else may write between the answers
    new ConfinedMain(new DataInputStream(System.in), new DataOutputStream(answers)).run();
  }

  private void run() throws IOException {
    while (true) {
      int work = in.read();
      if (work < 0) {
        return;
      }
      String argument = in.readUTF();
      byte[] bytes = in.readNBytes(in.readInt());
      answer(ConfinedWork.values()[work], argument, bytes);
      out.flush();
    }
  }

  private void answer(ConfinedWork work, String argument, byte[] bytes) throws IOException {
    byte[] answer;
    try {
      answer = ConfinedWork.JSON.writeValueAsBytes(work.done(argument, bytes, progress()));
    } catch (UnreadableException | IllegalArgumentException e) {
      refuse(e.getMessage());
      return;
    } catch (IOException | RuntimeException | StackOverflowError e) {
      refuse(
          "The file is damaged and cannot be read. Open it where it came from, save it anew and add"
              + " it again.");
      return;
    }
    out.writeByte(DONE);
    out.writeInt(answer.length);
    out.write(answer);
  }

  private void refuse(String sentence) throws IOException {
    out.writeByte(REFUSED);
    out.writeUTF(sentence.length() > 2_000 ? sentence.substring(0, 2_000) : sentence);
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
