package nobrec.server.api.request;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import java.io.IOException;
import java.time.Duration;

/** What a request sends, up to a size and within a time: a sender that goes on drop by drop holds nothing up. */
final class TimedBody extends ServletInputStream {

    private final ServletInputStream body;
    private final long limit;
    private final long end;
    private long taken;

    TimedBody(ServletInputStream body, long limit, Duration time) {
        this.body = body;
        this.limit = limit;
        this.end = System.nanoTime() + time.toNanos();
    }

    @Override
    public int read() throws IOException {
        int next = body.read();
        count(next < 0 ? 0 : 1);
        return next;
    }

    @Override
    public int read(byte[] bytes, int from, int length) throws IOException {
        int read = body.read(bytes, from, length);
        count(Math.max(read, 0));
        return read;
    }

    private void count(int bytes) throws IOException {
        taken += bytes;
        if (taken > limit) {
            throw new IOException("What was sent is larger than " + limit + " bytes.");
        }
        if (System.nanoTime() > end) {
            throw new IOException("What was sent came too slowly.");
        }
    }

    @Override
    public int available() throws IOException {
        return body.available();
    }

    @Override
    public boolean isFinished() {
        return body.isFinished();
    }

    @Override
    public boolean isReady() {
        return body.isReady();
    }

    @Override
    public void setReadListener(ReadListener listener) {
        body.setReadListener(listener);
    }
}
