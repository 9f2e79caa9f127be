package org.pergamena.server.site;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.net.SocketTimeoutException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.apache.coyote.InputBuffer;
import org.apache.tomcat.util.net.ApplicationBufferHandler;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;

/**
 * Ends requests whose body comes so slowly that it only keeps a thread: on average below a rate,
 * once a grace is over. What a refused request still sends is read so too, so that the answer is
 * seen, but not for long. From one address only so many bodies come at a time.
 */
class SlowBodies extends ValveBase {
  private static final int SECOND_MS = 1000;

  private final Duration grace;
  private final Duration afterwards;
  private final int bytesASecond;
  private final int most;
  private final Map<String, Integer> coming = new ConcurrentHashMap<>();

  /**
   * Begins to look.
   *
   * @param grace during which a body may come as slowly as it likes
   * @param afterwards how long what nobody reads may go on coming
   * @param bytesASecond on average
   * @param most bodies at a time from one address
   */
  SlowBodies(Duration grace, Duration afterwards, int bytesASecond, int most) {
    super(true);
    this.grace = grace;
    this.afterwards = afterwards;
    this.bytesASecond = bytesASecond;
    this.most = most;
  }

  private static boolean hasBody(org.apache.coyote.Request wire) {
    return wire.getContentLengthLong() > 0 || wire.getHeader("Transfer-Encoding") != null;
  }

  @Override
  public void invoke(Request request, Response response) throws IOException, ServletException {
    if (!hasBody(request.getCoyoteRequest())) {
      getNext().invoke(request, response);
      return;
    }
    String from = request.getRemoteAddr();
    try {
      if (coming.merge(from, 1, Integer::sum) > most) {
        refuse(request, response);
      } else {
        measured(request, response);
      }
    } finally {
      coming.computeIfPresent(from, (address, count) -> count == 1 ? null : count - 1);
    }
  }

  private static void refuse(Request request, Response response) throws IOException {
    response.setStatus(HttpStatus.TOO_MANY_REQUESTS.value());
    response.setHeader(HttpHeaders.RETRY_AFTER, "10");
    response.setHeader(HttpHeaders.CONNECTION, "close");
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response
        .getOutputStream()
        .write(
            "{\"status\":429,\"detail\":\"Too much is being sent at once. Wait a moment.\"}"
                .getBytes(StandardCharsets.UTF_8));
    response.finishResponse();
    request.getCoyoteRequest().action(ActionCode.CLOSE_NOW, null);
  }

  private void measured(Request request, Response response) throws IOException, ServletException {
    org.apache.coyote.Request wire = request.getCoyoteRequest();
    InputBuffer whole = wire.getInputBuffer();
    Measured measured = new Measured(whole);
    wire.setInputBuffer(measured);
    try {
      getNext().invoke(request, response);
      if (!request.isAsync()) {
        response.finishResponse();
        measured.end = System.nanoTime() + afterwards.toNanos();
        int read = 0;
        while (read >= 0) { // what nobody has read
          read = wire.doRead(measured);
        }
      }
    } catch (SlowBodyException e) {
      wire.action(ActionCode.CLOSE_NOW, e);
    } finally {
      wire.setInputBuffer(whole);
    }
  }

  private static final class SlowBodyException extends SocketTimeoutException {
    private static final long serialVersionUID = 1L;

    SlowBodyException() {
      super("The body comes too slowly.");
    }
  }

  /** Bytes that come, and since when. */
  private final class Measured implements InputBuffer, ApplicationBufferHandler {
    private final InputBuffer from;
    private final long begun = System.nanoTime();
    private ByteBuffer buffer;
    private long bytes;
    private long end = Long.MAX_VALUE;

    Measured(InputBuffer from) {
      this.from = from;
    }

    @Override
    public int doRead(ApplicationBufferHandler handler) throws IOException {
      int read = from.doRead(handler);
      bytes += Math.max(0, read);
      long now = System.nanoTime();
      long ms = Duration.ofNanos(now - begun).toMillis();
      boolean slow = ms > grace.toMillis() && bytes * SECOND_MS < ms * bytesASecond;
      if (read >= 0 && (slow || now > end)) {
        throw new SlowBodyException();
      }
      return read;
    }

    @Override
    public int available() {
      return from.available();
    }

    @Override
    public void setByteBuffer(ByteBuffer buffer) {
      this.buffer = buffer;
    }

    @Override
    public ByteBuffer getByteBuffer() {
      return buffer;
    }

    @Override
    public void expand(int size) {
      // what is read here is not kept
    }
  }
}
