package ironpin.wording;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.lang.reflect.Method;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every choice a cook is offered has words of its own. */
public class EveryWordTest {
    @DataProvider
    public Object[][] choices() {
        List<Object[]> all = new ArrayList<>();
        for (JavaClass one : new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("ironpin")) {
            Class<?> type = one.reflect();
            if (type.isEnum()) {
                Stream.of(type.getMethods())
                        .filter(method -> method.getReturnType() == String.class
                                && method.getParameterCount() == 0
                                && List.of("label", "tradeOff").contains(method.getName()))
                        .forEach(method -> all.add(new Object[] {type, method.getName()}));
            }
        }
        return all.toArray(Object[][]::new);
    }

    @Test(dataProvider = "choices")
    public void sayWhatTheyAre(Class<?> type, String name) throws ReflectiveOperationException {
        Method words = type.getMethod(name);
        HashSet<Object> said = new HashSet<>();
        words.setAccessible(true);
        for (Object one : type.getEnumConstants()) {
            String word = (String) words.invoke(one);
            assertTrue(!word.isBlank(), type + "." + one + " has no " + words.getName());
            said.add(word);
        }
        assertEquals(said.size(), type.getEnumConstants().length, type + " says one thing of two");
    }
}
