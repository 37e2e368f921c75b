package vastarc.web;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.source.tree.ClassTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.LineMap;
import com.sun.source.tree.MethodTree;
import com.sun.source.tree.Tree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.SourcePositions;
import com.sun.source.util.TreeScanner;
import com.sun.source.util.Trees;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.Test;

/** No type is so long that a reader loses its thread, and no method so long that it must be scrolled. */
class SizesTest {

    /** Lines with code on them; comments and empty lines count for nothing, so that nobody saves on them. */
    private static final int LONGEST_TYPE = 265;

    private static final int LONGEST_METHOD = 40;

    /** Numeric kernels, whose stages stand under one another with a comment each. */
    private static final Set<String> KERNELS = Set.of("NumericSearch.maximum", "SpecialFunctions.scaledK1");

    @Test
    void noTypeIsOver265LinesOfCodeAndNoMethodOver40Lines() throws IOException {
        List<Path> sources = new ArrayList<>();
        for (String root : List.of("../core/src", "src/main/java", "src/test/java", "../benchmarks/src")) {
            try (Stream<Path> files = Files.walk(Path.of(root))) {
                files.filter(file -> file.toString().endsWith(".java")).forEach(sources::add);
            }
        }
        assertThat(sources).hasSizeGreaterThan(200);
        assertThat(tooLong(sources)).isEmpty();
    }

    private static List<String> tooLong(List<Path> sources) throws IOException {
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        try (StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null)) {
            JavacTask task = (JavacTask) compiler.getTask(
                    null, files, null, List.of("-proc:none"), null, files.getJavaFileObjectsFromPaths(sources));
            SourcePositions positions = Trees.instance(task).getSourcePositions();
            List<String> found = new ArrayList<>();
            for (CompilationUnitTree unit : task.parse()) {
                new Measure(unit, positions, found).scan(unit, "");
            }
            return found;
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
    }

    private static final Pattern COMMENT = Pattern.compile("//|/\\*|\\*");

    private static final class Measure extends TreeScanner<Void, String> {

        private final CompilationUnitTree unit;
        private final SourcePositions positions;
        private final List<String> found;

        Measure(CompilationUnitTree unit, SourcePositions positions, List<String> found) {
            this.unit = unit;
            this.positions = positions;
            this.found = found;
        }

        private long lines(Tree tree) {
            LineMap map = unit.getLineMap();
            return map.getLineNumber(positions.getEndPosition(unit, tree))
                    - map.getLineNumber(positions.getStartPosition(unit, tree))
                    + 1;
        }

        private long linesOfCode(Tree tree) {
            try {
                CharSequence source = unit.getSourceFile().getCharContent(true);
                return source.subSequence((int) positions.getStartPosition(unit, tree), (int)
                                positions.getEndPosition(unit, tree))
                        .toString()
                        .lines()
                        .map(String::strip)
                        .filter(line ->
                                !line.isEmpty() && !COMMENT.matcher(line).lookingAt())
                        .count();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }

        @Override
        public Void visitClass(ClassTree type, String outer) {
            note(type.getSimpleName().toString(), linesOfCode(type), LONGEST_TYPE);
            return super.visitClass(type, type.getSimpleName().toString());
        }

        @Override
        public Void visitMethod(MethodTree method, String type) {
            String name = type + "." + method.getName();
            if (!KERNELS.contains(name)) {
                note(name, lines(method), LONGEST_METHOD);
            }
            return super.visitMethod(method, type);
        }

        private void note(String name, long lines, int longest) {
            if (lines > longest) {
                found.add(name + " has " + lines + " lines, at most " + longest);
            }
        }
    }
}
