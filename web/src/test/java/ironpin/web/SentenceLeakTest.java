package ironpin.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.sun.source.tree.BinaryTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.ExpressionTree;
import com.sun.source.tree.MemberSelectTree;
import com.sun.source.tree.MethodInvocationTree;
import com.sun.source.tree.Tree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreePath;
import com.sun.source.util.TreePathScanner;
import com.sun.source.util.Trees;
import java.io.File;
import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.lang.model.element.ExecutableElement;
import javax.lang.model.element.VariableElement;
import javax.lang.model.type.TypeMirror;
import javax.tools.JavaCompiler;
import javax.tools.JavaFileObject;
import javax.tools.SimpleJavaFileObject;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;
import org.testng.annotations.Test;

/**
 * Java turns anything into text where it is added to text or appended: a sentence would become text there without its reader's units.
 * The compiler is asked where that would happen.
 */
public class SentenceLeakTest {
    private static final Pattern SENTENCES = Pattern.compile(
            "ironpin\\.quantity\\.Sentence|java\\.util\\.(List|Optional)<ironpin\\.quantity\\.Sentence>");

    /** Who may take a sentence as any object: whoever hands it on as it is. */
    private static final Pattern HANDED_ON = Pattern.compile(
            "ironpin\\.quantity\\.Sentence\\.(of|equals)|ironpin\\.web\\.picture\\.Svg\\..*|org\\.springframework\\.ui\\.Model\\..*");

    private static final Set<String> TEXT = Set.of("java.lang.Object", "java.lang.Object[]", "java.lang.CharSequence");

    @Test
    public void noSentenceBecomesTextByItself() throws IOException {
        List<JavaFileObject> sources = new ArrayList<>();
        StandardJavaFileManager files = compiler().getStandardFileManager(null, Locale.ENGLISH, null);
        for (String root : new String[] {"../core", "../format", "../store", "."}) {
            try (Stream<Path> all = Files.walk(Path.of(root, "src/main/java"))) {
                List<File> java = all.filter(one -> one.toString().endsWith(".java")
                                && !one.endsWith("module-info.java")
                                && !one.endsWith("package-info.java"))
                        .map(Path::toFile)
                        .toList();
                files.getJavaFileObjectsFromFiles(java).forEach(sources::add);
            }
        }
        assertTrue(sources.size() > 500, "only " + sources.size() + " files");
        List<String> leaks = leaks(sources, files);
        assertEquals(leaks, List.of(), String.join("\n", leaks));
    }

    /** The check itself: each of these is a leak. */
    @Test
    public void aLeakIsSeen() throws IOException {
        String leaky =
                """
                import ironpin.quantity.Sentence;
                import java.util.List;
                class Leaky {
                    String added(Sentence one) { return "a " + one; }
                    void appended(StringBuilder text, Sentence one) { text.append(one); }
                    String valued(Sentence one) { return String.valueOf(one); }
                    String formatted(List<Sentence> all) { return "%s".formatted(all); }
                    String said(Sentence one) { return one.toString(); }
                    Sentence sound(Sentence one) { return Sentence.of("a ", one); }
                }
                """;
        JavaFileObject source =
                new SimpleJavaFileObject(URI.create("string:///Leaky.java"), JavaFileObject.Kind.SOURCE) {
                    @Override
                    public CharSequence getCharContent(boolean ignoreErrors) {
                        return leaky;
                    }
                };
        List<String> found = leaks(List.of(source), compiler().getStandardFileManager(null, Locale.ENGLISH, null));
        assertEquals(
                found.stream().map(one -> one.replaceAll(".*:(\\d+).*", "$1")).toList(),
                List.of("4", "5", "6", "7", "8"));
    }

    private static JavaCompiler compiler() {
        return ToolProvider.getSystemJavaCompiler();
    }

    private static List<String> leaks(List<JavaFileObject> sources, StandardJavaFileManager files) throws IOException {
        List<String> options = List.of("-proc:none", "-cp", System.getProperty("java.class.path"));
        JavacTask task = (JavacTask) compiler().getTask(null, files, problem -> {}, options, null, sources);
        Trees trees = Trees.instance(task);
        List<CompilationUnitTree> units = new ArrayList<>();
        task.parse().forEach(units::add);
        task.analyze();
        List<String> leaks = new ArrayList<>();
        units.forEach(unit -> new Scan(trees, unit, leaks).scan(unit, null));
        return leaks;
    }

    private static final class Scan extends TreePathScanner<Void, Void> {
        private final Trees trees;
        private final CompilationUnitTree unit;
        private final List<String> leaks;

        Scan(Trees trees, CompilationUnitTree unit, List<String> leaks) {
            this.trees = trees;
            this.unit = unit;
            this.leaks = leaks;
        }

        @Override
        public Void visitBinary(BinaryTree sum, Void nothing) {
            if (sum.getKind() == Tree.Kind.PLUS && (said(sum.getLeftOperand()) || said(sum.getRightOperand()))) {
                leaks.add(where(sum));
            }
            return super.visitBinary(sum, nothing);
        }

        @Override
        public Void visitMethodInvocation(MethodInvocationTree call, Void nothing) {
            ExpressionTree called = call.getMethodSelect();
            if (called instanceof MemberSelectTree of
                    && said(of.getExpression())
                    && of.getIdentifier().contentEquals("toString")) {
                leaks.add(where(call));
            }
            if (trees.getElement(new TreePath(getCurrentPath(), called)) instanceof ExecutableElement method
                    && !HANDED_ON
                            .matcher(method.getEnclosingElement() + "." + method.getSimpleName())
                            .matches()) {
                List<? extends VariableElement> takes = method.getParameters();
                for (int i = 0; i < call.getArguments().size(); i++) {
                    String type =
                            takes.get(Math.min(i, takes.size() - 1)).asType().toString();
                    if (TEXT.contains(type.replace("...", "[]"))
                            && said(call.getArguments().get(i))) {
                        leaks.add(where(call));
                    }
                }
            }
            return super.visitMethodInvocation(call, nothing);
        }

        private boolean said(Tree tree) {
            TypeMirror type = trees.getTypeMirror(new TreePath(getCurrentPath(), tree));
            return type != null && SENTENCES.matcher(type.toString()).matches();
        }

        private String where(Tree tree) {
            long line =
                    unit.getLineMap().getLineNumber(trees.getSourcePositions().getStartPosition(unit, tree));
            return Path.of(unit.getSourceFile().getName()).getFileName() + ":" + line + " " + tree;
        }
    }
}
