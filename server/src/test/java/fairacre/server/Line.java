package fairacre.server;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** A TCP line to a local port that can be cut and mended, as when a database goes away and comes back. */
public final class Line {

    private final ServerSocket door;
    private final int target;
    private final Set<Socket> open = ConcurrentHashMap.newKeySet();
    private volatile boolean cut;

    Line(int target) throws IOException {
        this.target = target;
        this.door = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        background(this::accept);
    }

    int port() {
        return door.getLocalPort();
    }

    public void cut() {
        cut = true;
        open.forEach(Line::close);
        open.clear();
    }

    public void mend() {
        cut = false;
    }

    private void accept() {
        while (!door.isClosed()) {
            try {
                Socket near = door.accept();
                if (cut) {
                    close(near);
                    continue;
                }
                Socket far = new Socket(InetAddress.getLoopbackAddress(), target);
                // What comes in small parts goes on at once, or every question to the database would wait for an
                // acknowledgement.
                near.setTcpNoDelay(true);
                far.setTcpNoDelay(true);
                open.add(near);
                open.add(far);
                background(() -> pump(near, far));
                background(() -> pump(far, near));
            } catch (IOException closed) {
                return;
            }
        }
    }

    private void pump(Socket from, Socket to) {
        try (InputStream in = from.getInputStream();
                OutputStream out = to.getOutputStream()) {
            in.transferTo(out);
        } catch (IOException cutOff) {
            close(to);
        } finally {
            open.remove(from);
        }
    }

    private static void close(Socket socket) {
        try {
            socket.close();
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    private static void background(Runnable work) {
        Thread thread = new Thread(work, "line");
        thread.setDaemon(true);
        thread.start();
    }
}
