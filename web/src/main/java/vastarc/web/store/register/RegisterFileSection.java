package vastarc.web.store.register;

import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.web.format.CoreJson;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;

/** The certificates and scans of an archive's papers. */
@Component
class RegisterFileSection implements ArchiveSection {

    private static final int SINCE = 12;
    private static final JsonMapper JSON = CoreJson.kept();

    private final RegisterFiles files;
    private final List<RegisterKind<?>> kinds;

    RegisterFileSection(RegisterFiles files, List<Register<?>> registers) {
        this.files = files;
        this.kinds = registers.stream().<RegisterKind<?>>map(Register::kind).toList();
    }

    @Override
    public String file() {
        return "register-files.json";
    }

    @Override
    public Set<String> needs() {
        return kinds.stream().map(RegisterKind::file).collect(Collectors.toSet());
    }

    @Override
    public int since() {
        return SINCE;
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        kinds.forEach(kind -> files.names(kind)
                .keySet()
                .forEach(number -> files.find(kind, number)
                        .ifPresent(file -> out.accept(JSON.createObjectNode()
                                .put("register", kind.name())
                                .put("number", number)
                                .put("name", file.name())
                                .put("content", Base64.getEncoder().encodeToString(file.content()))))));
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        String register = element.path("register").asString();
        RegisterKind<?> kind = kinds.stream()
                .filter(one -> one.name().equals(register))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no register “" + register + "”"));
        Outcome<CertificateFile> file = CertificateFile.of(
                element.path("name").asString(),
                Base64.getDecoder().decode(element.path("content").asString()));
        return new FileItem(
                files,
                kind,
                element.path("number").asString(),
                file.value()
                        .orElseThrow(() -> new IllegalArgumentException(
                                file.problems().get(0).message(UnitSystem.METRIC))));
    }

    private record FileItem(RegisterFiles files, RegisterKind<?> kind, String number, CertificateFile brought)
            implements ArchiveElement {

        @Override
        public Optional<String> change() {
            return files.find(kind, number)
                            .filter(kept -> Arrays.equals(kept.content(), brought.content()))
                            .isPresent()
                    ? Optional.empty()
                    : Optional.of("the file of " + kind.entry() + " “" + number + "” comes in");
        }

        @Override
        public void take() {
            files.restore(kind, number, brought);
        }
    }
}
