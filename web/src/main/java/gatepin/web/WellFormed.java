package gatepin.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** An address whose parameters are no text is answered with 400 before anybody asks for one of them. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 4)
class WellFormed extends OncePerRequestFilter {
    private static final Pattern PERCENT = Pattern.compile("%([0-9A-Fa-f]{2})?");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String query = request.getQueryString();
        if (query == null || isText(query)) {
            chain.doFilter(request, response);
        } else {
            refuse(response);
        }
    }

    /** Says that what was sent is no text. */
    static void refuse(HttpServletResponse response) throws IOException {
        Plainly.say(
                response,
                HttpServletResponse.SC_BAD_REQUEST,
                "That could not be read",
                "What was sent is not what these pages send. Go back, reload the page and try again.",
                "");
    }

    /** Every percent sign has its two digits, and the bytes they stand for are UTF-8. */
    static boolean isText(String encoded) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        Matcher percent = PERCENT.matcher(encoded);
        int at = 0;
        while (percent.find()) {
            if (percent.group(1) == null) {
                return false;
            }
            bytes.writeBytes(encoded.substring(at, percent.start()).getBytes(StandardCharsets.ISO_8859_1));
            bytes.write(Integer.parseInt(percent.group(1), 16));
            at = percent.end();
        }
        bytes.writeBytes(encoded.substring(at).getBytes(StandardCharsets.ISO_8859_1));
        try {
            StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes.toByteArray()));
            return true;
        } catch (CharacterCodingException e) {
            return false;
        }
    }
}
