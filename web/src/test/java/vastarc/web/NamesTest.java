package vastarc.web;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.source.tree.ClassTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.Tree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreePathScanner;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.Test;

/** One name for one thing: a simple type name once in a module, and no bare participle. */
class NamesTest {

    private static final Path CORE = Path.of("../core/src/main/java");
    private static final Path WEB = Path.of("src/main/java");

    private static final Pattern PARTICIPLE = Pattern.compile("[A-Z][a-z]+(ed|ing)"
            + "|Told|Seen|Known|Said|Taken|Given|Laid|Kept|Held|Heard|Found|Begun|Drawn|Stood|Shown|Brought|Sent|Set"
            + "|Once|Behind|Under|Along|Away|Here|There|Inside|Beside|Before|After|Again|Never|Always|Ready|On|Off");

    private static final Pattern CHECKED_BY = Pattern.compile(
            "Checked by:? ((?:[a-z-]+\\.csv|[A-Z]\\w+Test)(?:(?:, | and )(?:[a-z-]+\\.csv|[A-Z]\\w+Test))*)");

    /** Nouns that end like participles. */
    private static final Map<String, String> NOUNS = Map.of(
            "Pairing", "what a device does once, and the page for it",
            "Drawing", "a picture",
            "Recording", "what meters kept of a run");

    @Test
    void aSimpleTypeNameIsUsedOnceInCoreAndOnceInTheWeb() throws IOException {
        for (Path root : List.of(CORE, WEB)) {
            Map<String, List<String>> types = new TreeMap<>();
            new Types(type -> types.computeIfAbsent(type.name, name -> new ArrayList<>())
                            .add(type.owner))
                    .read(root);
            assertThat(types).hasSizeGreaterThan(300);
            types.values().removeIf(owners -> owners.size() == 1);
            assertThat(types).as(root.toString()).isEmpty();
        }
    }

    @Test
    void noTypeIsCalledByABareParticipleOrAdverb() throws IOException {
        for (Path root : List.of(CORE, WEB)) {
            List<String> bare = new ArrayList<>();
            new Types(type -> {
                        if (PARTICIPLE.matcher(type.name).matches() && !NOUNS.containsKey(type.name)) {
                            bare.add(type.owner + "." + type.name);
                        }
                    })
                    .read(root);
            assertThat(bare).as(root.toString()).isEmpty();
        }
    }

    /** A comment that says what a formula is checked by names a table or a test that is there. */
    @Test
    void whatAFormulaIsCheckedByIsThere() throws IOException {
        Set<String> there;
        try (Stream<Path> files = Files.walk(Path.of("../core/src"))) {
            there = files.map(file -> file.getFileName().toString()).collect(Collectors.toSet());
        }
        List<String> missing = new ArrayList<>();
        try (Stream<Path> files = Files.walk(CORE)) {
            for (Path file :
                    files.filter(path -> path.toString().endsWith(".java")).toList()) {
                Matcher named = CHECKED_BY.matcher(Files.readString(file).replaceAll("\\s*\\n\\s*\\*\\s*", " "));
                while (named.find()) {
                    Stream.of(named.group(1).split(", | and "))
                            .filter(name -> name.matches("[a-z-]+\\.csv|[A-Z]\\w+Test"))
                            .filter(name -> !there.contains(name) && !there.contains(name + ".java"))
                            .forEach(missing::add);
                }
            }
        }
        assertThat(missing).isEmpty();
    }

    private record Type(String owner, String name) {}

    /** Goes through the types of a source tree. */
    private static final class Types extends TreePathScanner<Void, Void> {

        private final java.util.function.Consumer<Type> found;

        Types(java.util.function.Consumer<Type> found) {
            this.found = found;
        }

        void read(Path root) throws IOException {
            List<Path> sources;
            try (Stream<Path> files = Files.walk(root)) {
                sources =
                        files.filter(file -> file.toString().endsWith(".java")).toList();
            }
            JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
            try (StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null)) {
                JavacTask task = (JavacTask) compiler.getTask(
                        null, files, null, List.of("-proc:none"), null, files.getJavaFileObjectsFromPaths(sources));
                for (CompilationUnitTree unit : task.parse()) {
                    scan(unit, null);
                }
            }
        }

        private String owner() {
            Tree outer = getCurrentPath().getParentPath().getLeaf();
            return outer instanceof ClassTree type
                    ? type.getSimpleName().toString()
                    : String.valueOf(getCurrentPath().getCompilationUnit().getPackageName());
        }

        @Override
        public Void visitClass(ClassTree type, Void nothing) {
            if (!type.getSimpleName().isEmpty()) {
                found.accept(new Type(owner(), type.getSimpleName().toString()));
            }
            return super.visitClass(type, nothing);
        }
    }
}
