package saltdrum.server.access.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import saltdrum.core.BadInputException;

/** Limits the size of JSON bodies, which are read into memory; files have their own limits. */
@Component
final class BodyLimit extends OncePerRequestFilter {
    private static final long MOST_BYTES = 4_000_000;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String type = request.getContentType();
        if (type == null || !type.toLowerCase(java.util.Locale.ROOT).contains("json")) {
            chain.doFilter(request, response);
        } else if (request.getContentLengthLong() > MOST_BYTES) {
            Problem.write(response, 413, Problem.sentence(413));
        } else {
            chain.doFilter(new Limited(request), response);
        }
    }

    private static final class Limited extends HttpServletRequestWrapper {
        Limited(HttpServletRequest request) {
            super(request);
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new LimitedStream(super.getInputStream());
        }
    }

    private static final class LimitedStream extends ServletInputStream {
        private final ServletInputStream in;
        private long left = MOST_BYTES;

        LimitedStream(ServletInputStream in) {
            this.in = in;
        }

        private int counted(int read, int bytes) {
            left -= read < 0 ? 0 : bytes;
            if (left < 0) {
                throw new BadInputException(Problem.sentence(413));
            }
            return read;
        }

        @Override
        public int read() throws IOException {
            return counted(in.read(), 1);
        }

        @Override
        public int read(byte[] buffer, int from, int length) throws IOException {
            int read = in.read(buffer, from, length);
            return counted(read, read);
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
