package gatepin.web;

import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.nio.file.Path;
import org.jspecify.annotations.Nullable;

/**
 * An answer that is made whole in a file before any of it is sent: who reads slowly holds up nobody, and it takes no memory while he does.
 */
final class SetAside extends HttpServletResponseWrapper implements AutoCloseable {
    private final Path file;
    private final OutputStream bytes;
    private @Nullable PrintWriter text;

    /** Begins an answer. */
    static SetAside of(HttpServletResponse answer) throws IOException {
        return new SetAside(answer, Files.createTempFile("gatepin-answer", ""));
    }

    private SetAside(HttpServletResponse answer, Path file) throws IOException {
        super(answer);
        this.file = file;
        this.bytes = Files.newOutputStream(file);
    }

    @Override
    public ServletOutputStream getOutputStream() {
        return new ServletOutputStream() {
            @Override
            public void write(int b) throws IOException {
                bytes.write(b);
            }

            @Override
            public void write(byte[] b, int off, int len) throws IOException {
                bytes.write(b, off, len);
            }

            @Override
            public boolean isReady() {
                return true;
            }

            @Override
            public void setWriteListener(WriteListener listener) {
                throw new IllegalStateException("a file is always ready");
            }
        };
    }

    @Override
    public PrintWriter getWriter() {
        PrintWriter writer = text;
        if (writer == null) {
            writer = new PrintWriter(new OutputStreamWriter(bytes, Charset.forName(getCharacterEncoding())));
            text = writer;
        }
        return writer;
    }

    @Override
    public void flushBuffer() {
        // nothing of it goes out before all of it is there
    }

    /** Sends what was made. */
    void send() throws IOException {
        finish();
        long length = Files.size(file);
        if (length > 0) {
            getResponse().setContentLengthLong(length);
            try (InputStream in = Files.newInputStream(file)) {
                in.transferTo(getResponse().getOutputStream());
            }
        }
    }

    private void finish() throws IOException {
        if (text != null) {
            text.flush();
        }
        bytes.close();
    }

    /** Throws away what was made. */
    @Override
    public void close() throws IOException {
        finish();
        Files.delete(file);
    }
}
