package gatepin.web;

import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import org.jspecify.annotations.Nullable;

/**
 * An answer that is made whole in a file before any of it is sent: who reads slowly holds up nobody, and it takes no memory while he does.
 */
final class SetAside extends HttpServletResponseWrapper implements AutoCloseable {
    private final FileChannel file;
    private final OutputStream bytes;
    private @Nullable PrintWriter text;

    /** Begins an answer. */
    static SetAside of(HttpServletResponse answer) throws IOException {
        Path file = Files.createTempFile("gatepin-answer", "");
        FileChannel open = FileChannel.open(file, StandardOpenOption.READ, StandardOpenOption.WRITE);
        // it has no name from here on: whatever ends the application, nothing of it is left
        Files.delete(file);
        return new SetAside(answer, open);
    }

    private SetAside(HttpServletResponse answer, FileChannel file) {
        super(answer);
        this.file = file;
        this.bytes = new BufferedOutputStream(Channels.newOutputStream(file));
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
        if (text != null) {
            text.flush();
        }
        bytes.flush();
        long length = file.size();
        if (length > 0) {
            getResponse().setContentLengthLong(length);
            file.position(0);
            Channels.newInputStream(file).transferTo(getResponse().getOutputStream());
        }
    }

    /** Throws away what was made. */
    @Override
    public void close() throws IOException {
        file.close();
    }
}
