package vastarc.web.security;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Requests from this machine and from another one. */
final class Requests {

    static final String HERE = "127.0.0.1";
    static final String FAR = "192.0.2.77";

    private Requests() {}

    static MockHttpServletResponse send(MockMvc http, MockHttpServletRequestBuilder request, String from)
            throws Exception {
        return http.perform(request.with(sent -> {
                    sent.setRemoteAddr(from);
                    return sent;
                }))
                .andReturn()
                .getResponse();
    }

    static MockHttpServletRequestBuilder ask(String method, String path) {
        return MockMvcRequestBuilders.request(HttpMethod.valueOf(method), path);
    }

    static List<String[]> everyRoute(RequestMappingHandlerMapping routes) {
        List<String[]> all = new ArrayList<>();
        routes.getHandlerMethods().keySet().forEach(route -> {
            Set<RequestMethod> methods = route.getMethodsCondition().getMethods();
            route.getPatternValues().forEach(pattern -> {
                String path = pattern.replaceAll(
                                "\\{id}|\\{p}", UUID.randomUUID().toString())
                        .replaceAll("\\{[^}]+}", "1");
                methods.forEach(method -> all.add(new String[] {method.name(), path}));
                if (methods.isEmpty()) {
                    all.add(new String[] {"GET", path});
                }
            });
        });
        return all;
    }
}
