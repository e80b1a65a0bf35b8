package fairacre.format;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import fairacre.bill.PriceItem;
import fairacre.build.Board;
import fairacre.build.Kit;
import fairacre.build.Material;
import fairacre.limits.RefusedException;
import fairacre.measure.Area;
import fairacre.measure.Flow;
import fairacre.measure.Length;
import fairacre.measure.Pressure;
import fairacre.measure.Volume;
import fairacre.outline.Form;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.GroundChange;
import fairacre.water.PipeKind;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.function.Function;
import org.joda.money.CurrencyUnit;
import org.joda.money.IllegalCurrencyException;
import org.joda.money.Money;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/**
 * How a garden is written as JSON. Lengths are metres to the micrometre, areas square metres to 1 cm2, volumes litres
 * to the millilitre, flows litres an hour, pressures kilopascals, all plain numbers; money is {@code {"amount":
 * "12.50", "currency": "EUR"}}; boards, materials, kits and price items are written by their keys; a change carries its
 * kind.
 */
public final class GardenJson {

    private static final double FURTHEST_METRES = 1e6;
    private static final double MOST_SQUARE_METRES = 1e9;
    private static final double MOST_LITRES = 1e9;
    private static final double MOST_KILOPASCALS = 1e5;

    private GardenJson() {}

    /** A mapper that reads strictly: no unknown or repeated properties, no NaN, no numbers in quotes. */
    public static JsonMapper mapper() {
        return configure(JsonMapper.builder()).build();
    }

    /** The same notation for a mapper that somebody else builds. */
    public static JsonMapper.Builder configure(JsonMapper.Builder builder) {
        return builder.addModule(values())
                .addMixIn(Change.class, ChangeKinds.class)
                .addMixIn(GroundChange.class, ChangeKinds.class)
                .addMixIn(Form.class, FormKinds.class)
                .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
                .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .disable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
                .changeDefaultPropertyInclusion(
                        inclusion -> inclusion.withValueInclusion(JsonInclude.Include.NON_ABSENT));
    }

    /** The property that tells which form a bed has, and the names of the forms. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Form.Rectangular.class, name = "RECTANGLE"),
        @JsonSubTypes.Type(value = Form.Ell.class, name = "ELL"),
        @JsonSubTypes.Type(value = Form.Comb.class, name = "COMB"),
        @JsonSubTypes.Type(value = Form.Octagon.class, name = "OCTAGON"),
        @JsonSubTypes.Type(value = Form.FreeForm.class, name = "FREE")
    })
    public interface FormKinds {}

    private static SimpleModule values() {
        SimpleModule module = new SimpleModule("fairacre-values");
        number(module, Length.class, Length::exactMetres);
        number(module, Area.class, a -> plain(BigDecimal.valueOf(a.squareCentimetres(), 4)));
        number(module, Volume.class, v -> plain(BigDecimal.valueOf(v.millilitres(), 3)));
        number(module, Flow.class, f -> plain(BigDecimal.valueOf(f.millilitresAnHour(), 3)));
        number(module, Pressure.class, p -> plain(BigDecimal.valueOf(p.pascals(), 3)));
        module.addDeserializer(Length.class, new LengthReader());
        module.addDeserializer(Area.class, new AreaReader());
        module.addDeserializer(Volume.class, new VolumeReader());
        module.addDeserializer(Flow.class, new FlowReader());
        module.addDeserializer(Pressure.class, new PressureReader());
        module.addDeserializer(BigDecimal.class, new DecimalReader());
        module.addDeserializer(boolean.class, new FlagReader());
        module.addDeserializer(String.class, new TextReader());
        text(module, Board.class, Board::key, Board::of);
        text(module, Material.class, Material::key, Material::of);
        text(module, PipeKind.class, PipeKind::key, PipeKind::of);
        text(module, Kit.class, Kit::key, Kit::of);
        text(module, PriceItem.class, PriceItem::key, PriceItem::of);
        module.addSerializer(Money.class, new MoneyWriter());
        module.addDeserializer(Money.class, new MoneyReader());
        module.addSerializer(CurrencyUnit.class, writer((value, json) -> json.writeString(value.getCode())));
        module.addDeserializer(Feature.class, new FeatureReader());
        ThingChangeJson.addTo(module);
        PlanJson.addTo(module);
        return module;
    }

    private static BigDecimal plain(BigDecimal value) {
        BigDecimal stripped = value.stripTrailingZeros();
        return stripped.scale() < 0 ? stripped.setScale(0) : stripped;
    }

    private static <T> void number(SimpleModule module, Class<T> type, Function<T, BigDecimal> write) {
        module.addSerializer(type, writer((value, json) -> json.writeNumber(write.apply(value))));
    }

    private static <T> void text(
            SimpleModule module, Class<T> type, Function<T, String> write, Function<String, T> read) {
        module.addSerializer(type, writer((value, json) -> json.writeString(write.apply(value))));
        module.addDeserializer(type, new ValueDeserializer<T>() {
            @Override
            public T deserialize(JsonParser json, DeserializationContext context) {
                return read.apply(json.currentToken() == JsonToken.VALUE_STRING ? json.getString() : null);
            }
        });
    }

    private interface Write<T> {
        void write(T value, JsonGenerator json);
    }

    private static <T> ValueSerializer<T> writer(Write<T> write) {
        return new ValueSerializer<>() {
            @Override
            public void serialize(T value, JsonGenerator json, SerializationContext context) {
                write.write(value, json);
            }
        };
    }

    /**
     * Its kind tells whether it is an area, a line or a spot; one that nobody knows is refused as any wrong value is.
     */
    private static final class FeatureReader extends ValueDeserializer<Feature> {
        @Override
        public Feature deserialize(JsonParser json, DeserializationContext context) {
            JsonNode feature = context.readTree(json);
            String kind = feature.path("kind").asString("");
            Class<? extends Feature> type = Arrays.stream(FeatureKind.values())
                    .filter(each -> each.name().equals(kind))
                    .findFirst()
                    .<Class<? extends Feature>>map(each -> each.extent().type())
                    .orElse(Feature.AreaFeature.class);
            return context.readTreeAsValue(feature, type);
        }
    }

    /** A flag that is left out is not set. */
    private static final class FlagReader extends ValueDeserializer<Boolean> {
        @Override
        public Boolean deserialize(JsonParser json, DeserializationContext context) {
            if (json.currentToken() != JsonToken.VALUE_TRUE && json.currentToken() != JsonToken.VALUE_FALSE) {
                throw new RefusedException("", "it is neither true nor false", "write true or false");
            }
            return json.getBooleanValue();
        }

        @Override
        public Boolean getNullValue(DeserializationContext context) {
            throw new RefusedException("", "it is neither true nor false", "write true or false");
        }

        @Override
        public Object getAbsentValue(DeserializationContext context) {
            return Boolean.FALSE;
        }
    }

    /** No text holds the character 0, which a database does not take. */
    private static final class TextReader extends ValueDeserializer<String> {
        @Override
        public String deserialize(JsonParser json, DeserializationContext context) {
            if (json.currentToken() != JsonToken.VALUE_STRING) {
                throw new RefusedException("", "it is no text", "write it in quotes");
            }
            String text = json.getString();
            if (text.indexOf('\0') >= 0) {
                throw new RefusedException(
                        "", "the text holds a character that can't be written", "leave the character 0 out");
            }
            return text;
        }
    }

    /** Of a number with few digits: 1e999999999 would fill the memory when it is written out. */
    private static final class DecimalReader extends ValueDeserializer<BigDecimal> {
        private static final int MOST_DIGITS = 30;

        @Override
        public BigDecimal deserialize(JsonParser json, DeserializationContext context) {
            if (!json.currentToken().isNumeric()) {
                throw new RefusedException("", "it is no plain number", "write it like 12.5");
            }
            BigDecimal number = json.getDecimalValue();
            if (number.precision() > MOST_DIGITS || Math.abs((long) number.scale()) > MOST_DIGITS) {
                throw new RefusedException("", "the number has too many digits", "write it like 12.5");
            }
            return number;
        }
    }

    private static final class LengthReader extends ValueDeserializer<Length> {
        @Override
        public Length deserialize(JsonParser json, DeserializationContext context) {
            if (!json.currentToken().isNumeric()) {
                throw new RefusedException("", "a length is a plain number of metres", "write 1.0668 for 42 in");
            }
            double metres = json.getDoubleValue();
            if (!(Math.abs(metres) <= FURTHEST_METRES)) {
                throw new RefusedException("", metres + " m is no length in a garden", "give metres");
            }
            return Length.metres(metres);
        }
    }

    private static final class VolumeReader extends ValueDeserializer<Volume> {
        @Override
        public Volume deserialize(JsonParser json, DeserializationContext context) {
            if (!json.currentToken().isNumeric()) {
                throw new RefusedException("", "a volume is a plain number of litres", "write 85 for a barrow");
            }
            double litres = json.getDoubleValue();
            if (!(litres >= 0 && litres <= MOST_LITRES)) {
                throw new RefusedException("", litres + " L is no volume in a garden", "give litres");
            }
            return Volume.litres(litres);
        }
    }

    private static final class FlowReader extends ValueDeserializer<Flow> {
        @Override
        public Flow deserialize(JsonParser json, DeserializationContext context) {
            if (!json.currentToken().isNumeric()) {
                throw new RefusedException("", "a flow is a plain number of litres an hour", "write 2 for a dripper");
            }
            double litres = json.getDoubleValue();
            if (!(litres >= 0 && litres <= MOST_LITRES)) {
                throw new RefusedException("", litres + " L/h is no flow in a garden", "give litres an hour");
            }
            return Flow.litresAnHour(litres);
        }
    }

    private static final class PressureReader extends ValueDeserializer<Pressure> {
        @Override
        public Pressure deserialize(JsonParser json, DeserializationContext context) {
            if (!json.currentToken().isNumeric()) {
                throw new RefusedException("", "a pressure is a plain number of kilopascals", "write 275 for 40 psi");
            }
            double kilopascals = json.getDoubleValue();
            if (!(kilopascals >= 0 && kilopascals <= MOST_KILOPASCALS)) {
                throw new RefusedException(
                        "", kilopascals + " kPa is no pressure in a garden", "give kilopascals: 1 bar is 100");
            }
            return Pressure.kilopascals(kilopascals);
        }
    }

    private static final class AreaReader extends ValueDeserializer<Area> {
        @Override
        public Area deserialize(JsonParser json, DeserializationContext context) {
            if (!json.currentToken().isNumeric()) {
                throw new RefusedException("", "an area is a plain number of square metres", "write 2.5");
            }
            double squareMetres = json.getDoubleValue();
            if (!(squareMetres >= 0 && squareMetres <= MOST_SQUARE_METRES)) {
                throw new RefusedException("", squareMetres + " m² is no area in a garden", "give square metres");
            }
            return Area.squareMetres(squareMetres);
        }
    }

    private static final class MoneyWriter extends ValueSerializer<Money> {
        @Override
        public void serialize(Money value, JsonGenerator json, SerializationContext context) {
            json.writeStartObject();
            json.writeStringProperty("amount", value.getAmount().toPlainString());
            json.writeStringProperty("currency", value.getCurrencyUnit().getCode());
            json.writeEndObject();
        }
    }

    private static final class MoneyReader extends ValueDeserializer<Money> {
        private static final int LONGEST = 20;

        @Override
        public Money deserialize(JsonParser json, DeserializationContext context) {
            JsonNode node = context.readTree(json);
            return money(text(node, "amount"), text(node, "currency"));
        }

        private static String text(JsonNode node, String field) {
            JsonNode value = node.get(field);
            if (value == null || !value.isString() || value.stringValue().length() > LONGEST) {
                throw new RefusedException(
                        field,
                        "the " + field + " is not a short text",
                        "write {\"amount\": \"12.50\", \"currency\": \"EUR\"}");
            }
            return value.stringValue();
        }
    }

    /**
     * An amount as it is typed: digits with at most one decimal point.
     *
     * @throws RefusedException if the amount or the currency can't be read or the currency has no such small coin
     */
    public static Money money(String amount, String currency) {
        CurrencyUnit unit = currency(currency);
        if (!amount.matches("-?\\d{1,15}(\\.\\d{1,6})?")) {
            throw new RefusedException("amount", "\"" + amount + "\" is not an amount", "write it like 12.50");
        }
        try {
            return Money.of(unit, new BigDecimal(amount));
        } catch (ArithmeticException tooPrecise) {
            throw new RefusedException(
                    "amount",
                    amount + " has more decimals than " + unit,
                    "give at most " + unit.getDecimalPlaces() + " decimals");
        }
    }

    /** @throws RefusedException if there is no such currency */
    public static CurrencyUnit currency(String code) {
        try {
            CurrencyUnit unit = CurrencyUnit.of(code);
            if (unit.isPseudoCurrency()) {
                throw new RefusedException("currency", code + " is no money one can pay with", "give a code like EUR");
            }
            return unit;
        } catch (IllegalCurrencyException | NullPointerException unknown) {
            throw new RefusedException(
                    "currency",
                    "\"" + code + "\" is not a currency known here",
                    "give an ISO 4217 code like EUR, GBP or USD");
        }
    }
}
