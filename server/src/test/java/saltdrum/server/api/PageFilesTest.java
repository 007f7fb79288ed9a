package saltdrum.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpHeaders;
import org.springframework.mock.web.MockHttpServletResponse;

/** What browsers may keep of the page. */
class PageFilesTest extends OverHttp {
    private static final Pattern FILE = Pattern.compile("/assets/[\\w.-]+");

    private MockHttpServletResponse file(String path) throws Exception {
        return mvc.perform(get(path)).andReturn().getResponse();
    }

    private static String cached(MockHttpServletResponse file) {
        assertThat(file.getStatus()).isEqualTo(200);
        return file.getHeader(HttpHeaders.CACHE_CONTROL);
    }

    @Test
    void thePageIsNeverKept() throws Exception {
        assertThat(cached(file("/index.html"))).contains("no-store");
    }

    @Test
    void scriptsStylesAndFontsAreKeptForAYear() throws Exception {
        List<String> files = FILE.matcher(file("/index.html").getContentAsString())
                .results()
                .map(MatchResult::group)
                .toList();
        assertThat(files).anyMatch(name -> name.endsWith(".js")).anyMatch(name -> name.endsWith(".css"));
        String style =
                files.stream().filter(name -> name.endsWith(".css")).findFirst().orElseThrow();
        String font = FILE.matcher(file(style).getContentAsString())
                .results()
                .map(MatchResult::group)
                .filter(name -> name.endsWith(".woff2"))
                .findFirst()
                .orElseThrow();
        for (String name : List.of(files.get(0), style, font)) {
            assertThat(cached(file(name))).as(name).contains("max-age=31536000", "immutable");
            assertThat(name).as("a digest stands in its name").matches(".*-[\\w-]{8}\\.\\w+");
        }
    }
}
