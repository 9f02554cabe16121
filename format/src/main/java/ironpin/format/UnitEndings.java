package ironpin.format;

import ironpin.cook.CookMethod;
import ironpin.pantry.Price;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Temperature;
import java.time.Duration;
import java.util.Map;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.PropertyNamingStrategy;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.introspect.AnnotatedField;
import tools.jackson.databind.introspect.AnnotatedMethod;
import tools.jackson.databind.introspect.AnnotatedParameter;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

/** Quantities are plain numbers in JSON; the property's name ends with the unit. */
final class UnitEndings extends PropertyNamingStrategy {
    private static final long serialVersionUID = 1L;

    private static final double SECONDS = 60;

    private static final Map<Class<?>, String> ENDINGS = Map.of(
            Mass.class,
            "G",
            Length.class,
            "Mm",
            Temperature.class,
            "C",
            Percentage.class,
            "Percent",
            Duration.class,
            "Minutes");

    static SimpleModule module() {
        SimpleModule module = new SimpleModule("quantities");
        number(module, Mass.class, Mass::grams, Mass::ofGrams);
        number(module, Length.class, Length::millimetres, Length::ofMillimetres);
        number(module, Temperature.class, Temperature::celsius, Temperature::ofCelsius);
        number(module, Percentage.class, Percentage::percent, Percentage::of);
        number(module, Price.class, Price::perKilogram, Price::perKilogram);
        number(module, Duration.class, UnitEndings::minutes, UnitEndings::ofMinutes);
        value(
                module,
                CookMethod.class,
                (method, json) -> json.writeString(method.key()),
                json -> CookMethod.ofKey(json.getString()));
        return module;
    }

    private static double minutes(Duration duration) {
        return duration.toSeconds() / SECONDS;
    }

    private static Duration ofMinutes(double minutes) {
        return Duration.ofSeconds(Math.round(minutes * SECONDS));
    }

    @Override
    public String nameForField(MapperConfig<?> config, AnnotatedField field, String name) {
        return named(name, field.getType());
    }

    @Override
    public String nameForGetterMethod(MapperConfig<?> config, AnnotatedMethod method, String name) {
        return named(name, method.getType());
    }

    @Override
    public String nameForConstructorParameter(MapperConfig<?> config, AnnotatedParameter parameter, String name) {
        return named(name, parameter.getType());
    }

    private static String named(String name, JavaType type) {
        JavaType of = type.isReferenceType() ? type.getReferencedType() : type;
        return name + ENDINGS.getOrDefault(of.getRawClass(), "");
    }

    private static <T> void number(
            SimpleModule module, Class<T> type, ToDoubleFunction<T> write, DoubleFunction<T> read) {
        value(
                module,
                type,
                (value, json) -> json.writeNumber(write.applyAsDouble(value)),
                json -> read.apply(json.getDoubleValue()));
    }

    private interface Write<T> {
        void to(T value, JsonGenerator json);
    }

    private static <T> void value(SimpleModule module, Class<T> type, Write<T> write, Function<JsonParser, T> read) {
        module.addSerializer(type, new StdSerializer<T>(type) {
            @Override
            public void serialize(T value, JsonGenerator json, SerializationContext context) {
                write.to(value, json);
            }
        });
        module.addDeserializer(type, new StdDeserializer<T>(type) {
            @Override
            public T deserialize(JsonParser json, DeserializationContext context) {
                return read.apply(json);
            }
        });
    }
}
