package ironpin.wording;

import static org.testng.Assert.assertTrue;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import ironpin.quantity.Sentence;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every choice a cook is offered has words of its own. */
public class EveryWordTest {
    private static final Set<Class<?>> WORDS = Set.of(String.class, Sentence.class);

    /** What is said of some choices alone, or of several the same. */
    private static final Set<String> OF_SOME = Set.of("word", "unit", "note", "meanwhile", "finish", "how");

    @DataProvider
    public Object[][] choices() {
        List<Object[]> all = new ArrayList<>();
        for (JavaClass one : new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("ironpin")) {
            Class<?> type = one.reflect();
            if (type.isEnum()) {
                Stream.of(type.getDeclaredMethods())
                        .filter(method -> WORDS.contains(method.getReturnType())
                                && method.getParameterCount() == 0
                                && !Modifier.isPrivate(method.getModifiers())
                                && !Modifier.isStatic(method.getModifiers())
                                && !method.getName().equals("toString"))
                        .forEach(method -> all.add(new Object[] {type, method.getName()}));
            }
        }
        return all.toArray(Object[][]::new);
    }

    @Test(dataProvider = "choices")
    public void sayWhatTheyAre(Class<?> type, String name) throws ReflectiveOperationException {
        Method words = type.getDeclaredMethod(name);
        Set<Object> said = new HashSet<>();
        words.setAccessible(true);
        boolean all = !OF_SOME.contains(name);
        for (Object one : type.getEnumConstants()) {
            Object word = words.invoke(one);
            boolean nothing = word instanceof Sentence sentence
                    ? sentence.isEmpty()
                    : word.toString().isBlank();
            assertTrue(!all || !nothing, type + "." + one + " has no " + name);
            said.add(word);
        }
        int different = type.getEnumConstants().length;
        assertTrue(said.size() >= (all ? different : 2), type + " says one thing of two: " + name);
    }
}
