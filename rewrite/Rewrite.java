import com.sun.source.tree.*;
import com.sun.source.util.*;
import java.io.*;
import java.nio.file.*;
import java.util.*;
import java.util.stream.*;
import javax.lang.model.element.*;
import javax.lang.model.type.*;
import javax.tools.*;

/** args: classpath, module source root(s)... One pass; prints count of edits, then leftover diagnostics. */
public class Rewrite {
    record Edit(Path file, long start, long end, String text, boolean imports) {}
    static final String S = "Sentence";
    static Map<Path, List<Edit>> edits = new HashMap<>();
    static Trees trees; static SourcePositions pos;
    static List<CompilationUnitTree> units = new ArrayList<>();

    static boolean isS(TypeMirror t) { return t != null && t.toString().equals("ironpin.quantity.Sentence"); }
    static boolean isQ(TypeMirror t) { return isS(t); }
    static boolean isStr(TypeMirror t) { return t != null && t.toString().equals("java.lang.String"); }

    public static void main(String[] a) throws Exception {
        JavaCompiler c = ToolProvider.getSystemJavaCompiler();
        DiagnosticCollector<JavaFileObject> diags = new DiagnosticCollector<>();
        StandardJavaFileManager fm = c.getStandardFileManager(diags, Locale.ENGLISH, null);
        List<File> files = new ArrayList<>();
        for (int i = 1; i < a.length; i++) try (Stream<Path> w = Files.walk(Path.of(a[i]))) {
            w.filter(p -> p.toString().endsWith(".java") && !p.toString().contains("node_modules") && !p.toString().endsWith("module-info.java")).forEach(p -> files.add(p.toFile())); }
        Path out = Files.createTempDirectory("rw");
        JavacTask task = (JavacTask) c.getTask(null, fm, diags, List.of("-proc:none", "-cp", a[0], "-d", out.toString(), "-Xmaxerrs", "100000", "-XDshould-stop.ifError=FLOW", "--release", "17", "-parameters"), null, fm.getJavaFileObjectsFromFiles(files));
        trees = Trees.instance(task); pos = trees.getSourcePositions();
        for (CompilationUnitTree u : task.parse()) units.add(u);
        task.analyze();
        for (CompilationUnitTree u : units) new Concats(u).scan(u, null);
        boolean concat = !edits.isEmpty();
        List<Diagnostic<? extends JavaFileObject>> errs = diags.getDiagnostics().stream().filter(d -> d.getKind() == Diagnostic.Kind.ERROR).collect(Collectors.toList());
        for (var d : errs) handle(d);
        int n = 0;
        for (var e : edits.entrySet()) n += apply(e.getKey(), e.getValue());
        System.out.println("edits " + n + " errors " + errs.size());
        for (var d : errs) System.out.println(Path.of(d.getSource().toUri()).toString().replaceAll(".*/java/ironpin/","") + ":" + d.getLineNumber() + ": " + d.getMessage(Locale.ENGLISH).replaceAll("\n\\s*", " | ").replace("ironpin.quantity.","").replace("java.lang.",""));
    }
    static void add(CompilationUnitTree u, Tree t, String text) { add(u, pos.getStartPosition(u, t), pos.getEndPosition(u, t), text); }
    static void add(CompilationUnitTree u, long s, long e, String text) {
        if (s < 0 || e < 0) return;
        edits.computeIfAbsent(Path.of(u.getSourceFile().toUri()), k -> new ArrayList<>()).add(new Edit(Path.of(u.getSourceFile().toUri()), s, e, text, true)); }
    static String src(CompilationUnitTree u, Tree t) { if (pos.getStartPosition(u, t) < 0 || pos.getEndPosition(u, t) < 0) return "?"; try { return u.getSourceFile().getCharContent(true).subSequence((int) pos.getStartPosition(u, t), (int) pos.getEndPosition(u, t)).toString(); } catch (IOException e) { throw new UncheckedIOException(e); } }

    static class Concats extends TreePathScanner<Void, Void> {
        final CompilationUnitTree u; Concats(CompilationUnitTree u) { this.u = u; }
        TypeMirror type(Tree t) { try { return trees.getTypeMirror(trees.getPath(u, t)); } catch (RuntimeException e) { return null; } }
        boolean stringy(Tree t) {
            if (t instanceof ParenthesizedTree p) return stringy(p.getExpression());
            if (t instanceof BinaryTree b && b.getKind() == Tree.Kind.PLUS) return stringy(b.getLeftOperand()) || stringy(b.getRightOperand());
            if (t instanceof ConditionalExpressionTree c) return stringy(c.getTrueExpression()) || stringy(c.getFalseExpression());
            TypeMirror m = type(t); return isStr(m) || isS(m); }
        boolean hasS(Tree t) {
            if (t instanceof ParenthesizedTree p) return hasS(p.getExpression());
            if (t instanceof BinaryTree b && b.getKind() == Tree.Kind.PLUS) return hasS(b.getLeftOperand()) || hasS(b.getRightOperand());
            if (t instanceof ConditionalExpressionTree c) return hasS(c.getTrueExpression()) || hasS(c.getFalseExpression());
            if (t instanceof SwitchExpressionTree s) { boolean[] f = {false}; for (CaseTree k : s.getCases()) if (k.getBody() instanceof ExpressionTree e && hasS(e)) f[0] = true; return f[0]; }
            return isS(type(t)); }
        void flat(Tree t, List<Tree> out) {
            if (t instanceof BinaryTree b && b.getKind() == Tree.Kind.PLUS && stringy(b)) {
                if (stringy(b.getLeftOperand()) ) flat(b.getLeftOperand(), out); else out.add(b.getLeftOperand());
                flat0(b.getRightOperand(), out);
            } else if (t instanceof ParenthesizedTree p) { flat0(t, out); }
            else out.add(t); }
        void flat0(Tree t, List<Tree> out) {
            Tree s = t; while (s instanceof ParenthesizedTree p) s = p.getExpression();
            if (s instanceof BinaryTree b && b.getKind() == Tree.Kind.PLUS && stringy(b)) flat(s, out); else out.add(s); }
        @Override public Void visitBinary(BinaryTree b, Void v) {
            if (b.getKind() == Tree.Kind.PLUS && stringy(b) && hasS(b)) {
                List<Tree> ops = new ArrayList<>(); flat(b, ops);
                boolean inner = false;
                // nested sentences in operands first
                add(u, b, S + ".of(" + ops.stream().map(o -> src(u, o)).collect(Collectors.joining(", ")) + ")");
                return null;
            }
            return super.visitBinary(b, v); }
    }

    static TreePath pathAt(CompilationUnitTree u, long p, long e) {
        TreePath[] best = {null}; long[] len = {Long.MAX_VALUE};
        new TreePathScanner<Void, Void>() {
            @Override public Void scan(Tree t, Void v) {
                if (t != null) { long s = pos.getStartPosition(u, t), x = pos.getEndPosition(u, t);
                    if (s >= 0 && s == p && x == e && (best[0] == null)) { best[0] = new TreePath(getCurrentPath() == null ? new TreePath(u) : getCurrentPath(), t); } }
                return super.scan(t, v); }
        }.scan(u, null);
        return best[0]; }

    static TreePath branchAt(CompilationUnitTree u, long p) {
        TreePath[] best = {null};
        new TreePathScanner<Void, Void>() {
            @Override public Void scan(Tree t, Void v) {
                if (t instanceof ExpressionTree && best[0] == null && pos.getStartPosition(u, t) == p && getCurrentPath() != null) {
                    Tree par = getCurrentPath().getLeaf();
                    if (par instanceof ConditionalExpressionTree || par instanceof CaseTree || par instanceof LambdaExpressionTree || par instanceof YieldTree || par instanceof ReturnTree) best[0] = new TreePath(getCurrentPath(), t); }
                return super.scan(t, v); }
        }.scan(u, null);
        return best[0]; }

    static void handle(Diagnostic<? extends JavaFileObject> d) {
        String m = d.getMessage(Locale.ENGLISH).replace("ironpin.quantity.", "").replace("java.lang.", "");
        boolean s2str = m.matches("(?s).*\\b(Sentence|\\w+<Sentence>|\\w+<\\w+,Sentence>) cannot be converted to (String|\\w+<String>|\\w+<\\w+,String>).*");
        boolean str2s = m.contains("String cannot be converted to Sentence");
        if (!s2str && !str2s) return;
        CompilationUnitTree u = units.stream().filter(x -> x.getSourceFile().toUri().equals(d.getSource().toUri())).findFirst().orElseThrow();
        TreePath p = d.getEndPosition() < 0 ? branchAt(u, d.getStartPosition()) : pathAt(u, d.getStartPosition(), d.getEndPosition());
        if (p == null) p = branchAt(u, d.getStartPosition());
        if (System.getenv("DBG") != null) System.out.println("DBG " + d.getCode() + " " + d.getLineNumber() + " " + d.getStartPosition() + "-" + d.getEndPosition() + " " + (p == null ? null : p.getLeaf().getKind()));
        if (p == null) return;
        if (d.getCode().startsWith("compiler.err.cant.apply")) { call(u, p, d); return; }
        if (str2s) { Tree t = p.getLeaf(); add(u, t, S + ".of(" + src(u, t) + ")"); return; }
        // Sentence given where a String is wanted: change what wants it.
        TreePath q = p.getParentPath(); Tree below = p.getLeaf();
        while (q != null) {
            Tree t = q.getLeaf();
            if (t instanceof ParenthesizedTree || t instanceof ConditionalExpressionTree || t instanceof SwitchExpressionTree || t instanceof CaseTree || t instanceof YieldTree) { below = t; q = q.getParentPath(); continue; }
            if (t instanceof ReturnTree) {
                TreePath r = q; while (r != null && !(r.getLeaf() instanceof MethodTree) && !(r.getLeaf() instanceof LambdaExpressionTree)) r = r.getParentPath();
                if (r != null && r.getLeaf() instanceof MethodTree mt) str(u, mt.getReturnType());
                return; }
            if (t instanceof VariableTree vt) { str(u, vt.getType()); return; }
            if (t instanceof MethodInvocationTree mi && mi.getArguments().contains(below) || t instanceof NewClassTree nc && nc.getArguments().contains(below)) { call(u, q, d); return; }
            if (t instanceof BlockTree || t instanceof ExpressionStatementTree) { q = q.getParentPath(); continue; }
            if (t instanceof AssignmentTree as) { Element e = trees.getElement(trees.getPath(u, as.getVariable())); TreePath dp = e == null ? null : trees.getPath(e); if (dp != null && dp.getLeaf() instanceof VariableTree vt) str(dp.getCompilationUnit(), vt.getType()); return; }
            return;
        }
    }
    static final Set<String> KEEP = Set.of("FoodName", "Refused", "Trim", "Name", "Words", "NotThere");
    static void str(CompilationUnitTree u, Tree type) { String file = Path.of(u.getSourceFile().toUri()).getFileName().toString().replace(".java", ""); if (KEEP.contains(file)) return; if (type == null) return; String t = src(u, type); if (t.matches("String|(List|Optional|Stream|Supplier|DoubleFunction|Map<String, |Set|Collection)<?String>?|Map<\\w+, String>|Function<\\w+, String>")) add(u, type, t.replaceAll("String(>?)$", S + "$1")); }

    static void call(CompilationUnitTree u, TreePath p, Diagnostic<?> d) {
        // climb to invocation / new
        TreePath q = p;
        while (q != null && !(q.getLeaf() instanceof MethodInvocationTree) && !(q.getLeaf() instanceof NewClassTree)) q = q.getParentPath();
        if (q == null) return;
        List<? extends ExpressionTree> args; String name;
        if (q.getLeaf() instanceof MethodInvocationTree mi) { args = mi.getArguments(); Tree sel = mi.getMethodSelect(); name = sel instanceof MemberSelectTree ms ? ms.getIdentifier().toString() : sel.toString(); }
        else { NewClassTree nc = (NewClassTree) q.getLeaf(); args = nc.getArguments(); String id = nc.getIdentifier().toString(); name = "new " + id.substring(id.lastIndexOf('.') + 1).replaceAll("<.*", ""); }
        Concats cc = new Concats(u);
        if (name.equals("this")) { TreePath r = q; while (!(r.getLeaf() instanceof ClassTree)) r = r.getParentPath(); name = "new " + ((ClassTree) r.getLeaf()).getSimpleName(); }
        String sig = d.getMessage(Locale.ENGLISH);
        // candidates by name and arity
        List<Object[]> found = new ArrayList<>();
        final String nm = name; final int arity = args.size();
        for (CompilationUnitTree w : units) new TreePathScanner<Void, Void>() {
            @Override public Void visitClass(ClassTree ct, Void v) {
                if (ct.getKind() == Tree.Kind.RECORD && nm.equals("new " + ct.getSimpleName())) {
                    List<VariableTree> comps = new ArrayList<>();
                    for (Tree m : ct.getMembers()) if (m instanceof VariableTree vt && !vt.getModifiers().getFlags().contains(Modifier.STATIC)) comps.add(vt);
                    if (comps.size() == arity) found.add(new Object[] {w, comps, ct.getSimpleName().toString(), String.valueOf(trees.getElement(getCurrentPath()))}); }
                return super.visitClass(ct, v); }
            @Override public Void visitMethod(MethodTree mt, Void v) {
                String n = mt.getName().contentEquals("<init>") ? "new " + ((ClassTree) getCurrentPath().getParentPath().getLeaf()).getSimpleName() : mt.getName().toString();
                if (n.equals(nm) && mt.getParameters().size() == arity) found.add(new Object[] {w, mt.getParameters(), ((ClassTree) getCurrentPath().getParentPath().getLeaf()).getSimpleName().toString(), String.valueOf(trees.getElement(getCurrentPath().getParentPath()))});
                return super.visitMethod(mt, v); }
        }.scan(w, null);
        List<Object[]> fit = found.size() > 1 ? found.stream().filter(f -> (sig.matches("(?s).*(class|record|interface|enum) (ironpin\\.[\\w.]*\\.)?" + f[2] + "\\b.*") || sig.matches("(?s).*\\b" + f[2] + "\\..*"))).collect(Collectors.toList()) : found;
        // records: canonical plus explicit compact constructor share
        Set<String> done = new HashSet<>();
        if (found.size() > 1) {
            TypeMirror tm = null; 
            if (q.getLeaf() instanceof NewClassTree nc) tm = cc.type(nc.getIdentifier());
            else if (((MethodInvocationTree) q.getLeaf()).getMethodSelect() instanceof MemberSelectTree ms2) tm = cc.type(ms2.getExpression());
            else { TreePath r = q; while (!(r.getLeaf() instanceof ClassTree)) r = r.getParentPath(); tm = cc.type(r.getLeaf()); }
            final String own = tm == null ? "?" : tm.toString().replaceAll("<.*", "");
            List<Object[]> f2 = found.stream().filter(f -> f[3].equals(own)).collect(Collectors.toList());
            if (!f2.isEmpty()) fit = f2;
        }
        boolean one = fit.size() == 1 || (nm.startsWith("new ") );
        if (fit.isEmpty()) {
            if (q.getLeaf() instanceof MethodInvocationTree mi && mi.getMethodSelect() instanceof MemberSelectTree ms && (name.equals("add") || name.equals("set"))) {
                Element e = trees.getElement(trees.getPath(u, ms.getExpression())); TreePath dp = e == null ? null : trees.getPath(e);
                if (dp != null && dp.getLeaf() instanceof VariableTree vt) str(dp.getCompilationUnit(), vt.getType()); }
            return; }
        if (!one) { // overloads: choose those where all other args could match by count; only wrap when one has Sentence param
            Object[] best = null; for (Object[] f : fit) { List<? extends VariableTree> ps = (List<? extends VariableTree>) f[1]; boolean ok = true; for (int i = 0; i < arity; i++) { TypeMirror at = cc.type(args.get(i)); String pt = src((CompilationUnitTree) f[0], ps.get(i).getType()); if (at != null && (isStr(at) || isS(at)) != (pt.equals("String") || pt.equals("Sentence"))) ok = false; } if (ok) best = best == null ? f : best; } if (best == null) return; fit = new ArrayList<>(); fit.add(best); }
        for (Object[] f : fit) {
            CompilationUnitTree w = (CompilationUnitTree) f[0]; List<? extends VariableTree> ps = (List<? extends VariableTree>) f[1];
            for (int i = 0; i < arity; i++) {
                TypeMirror at = cc.type(args.get(i)); Tree pt = ps.get(i).getType(); if (pt == null) continue; String pts = src(w, pt);
                if (isS(at) && pts.equals("String")) str(w, pt);
                else if (pts.equals("Sentence") && f == fit.get(0) && !cc.hasS(args.get(i)) && cc.stringy(args.get(i))) add(u, args.get(i), S + ".of(" + src(u, args.get(i)) + ")");
            } }
    }

    static int apply(Path file, List<Edit> list) throws IOException {
        String text = Files.readString(file);
        List<Edit> sorted = new ArrayList<>(new LinkedHashSet<>(list));
        sorted.sort(Comparator.comparingLong((Edit e) -> e.end - e.start));
        List<Edit> kept = new ArrayList<>();
        for (Edit e : sorted) if (kept.stream().noneMatch(k -> k.start < e.end && e.start < k.end)) kept.add(e);
        kept.sort(Comparator.comparingLong((Edit e) -> e.start).reversed());
        StringBuilder b = new StringBuilder(text);
        for (Edit e : kept) b.replace((int) e.start, (int) e.end, e.text);
        String r = b.toString();
        if (!kept.isEmpty() && !r.contains("import ironpin.quantity.Sentence;") && !r.contains("package ironpin.quantity;")) {
            int at = r.indexOf("\nimport "); int pk = r.indexOf(";\n", r.indexOf("package ")) + 2;
            r = at >= 0 ? r.substring(0, at + 1) + "import ironpin.quantity.Sentence;\n" + r.substring(at + 1) : r.substring(0, pk) + "\nimport ironpin.quantity.Sentence;\n" + r.substring(pk);
        }
        Files.writeString(file, r);
        return kept.size(); }
}
