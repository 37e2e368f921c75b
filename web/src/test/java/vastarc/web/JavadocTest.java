package vastarc.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import javax.tools.Diagnostic;
import javax.tools.DiagnosticCollector;
import javax.tools.JavaCompiler;
import javax.tools.JavaFileObject;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Whatever another package can call has a comment with every parameter, result and error: {@code -Xdoclint:missing},
 * with each warning an error. The build itself stops at broken comments only; see decision 052.
 */
@Tag("slow")
class JavadocTest {

    /** Packages of the web that several pages use; the pages themselves are read from their package pages. */
    private static final List<String> SHARED = List.of(
            "store",
            "request",
            "service",
            "layout",
            "error",
            "startup",
            "format",
            "security",
            "stream",
            "work",
            "paper",
            "drawing");

    @TempDir
    Path classes;

    @Test
    void everyPublicMemberOfTheCoreIsDescribed() throws IOException {
        assertThat(missing(Path.of("../core/src/main/java"), "vastarc.core.*")).isEmpty();
    }

    @Test
    void everyPublicMemberOfTheSharedPackagesOfTheWebIsDescribed() throws IOException {
        String packages = String.join(
                ",",
                SHARED.stream()
                        .map(name -> "vastarc.web." + name + ",vastarc.web." + name + ".*")
                        .toList());
        assertThat(missing(Path.of("src/main/java"), packages)).isEmpty();
    }

    private List<String> missing(Path root, String packages) throws IOException {
        List<Path> sources;
        try (Stream<Path> files = Files.walk(root)) {
            sources = files.filter(file -> file.toString().endsWith(".java")).toList();
        }
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        DiagnosticCollector<JavaFileObject> found = new DiagnosticCollector<>();
        List<String> options = List.of(
                "-proc:none",
                "-d",
                classes.toString(),
                "-classpath",
                System.getProperty("java.class.path"),
                "--add-modules",
                "jdk.incubator.vector",
                "-Xmaxwarns",
                "10000",
                "-Xdoclint:missing/public",
                "-Xdoclint/package:" + packages);
        try (StandardJavaFileManager files = compiler.getStandardFileManager(found, null, null)) {
            boolean compiled = compiler.getTask(
                            null, files, found, options, null, files.getJavaFileObjectsFromPaths(sources))
                    .call();
            assertThat(compiled).isTrue();
        }
        return found.getDiagnostics().stream()
                .filter(line -> line.getSource() != null && !isCompactConstructor(line))
                .map(line ->
                        line.getSource().getName() + ":" + line.getLineNumber() + " " + line.getMessage(Locale.ENGLISH))
                .toList();
    }

    /** Its parameters are the record's components, which are described at the record. */
    private static boolean isCompactConstructor(Diagnostic<? extends JavaFileObject> line) {
        try {
            String source = line.getSource().getCharContent(true).toString();
            return source.lines()
                    .skip(line.getLineNumber() - 1)
                    .findFirst()
                    .orElse("")
                    .matches(" *public \\w+ \\{");
        } catch (IOException unreadable) {
            throw new java.io.UncheckedIOException(unreadable);
        }
    }
}
