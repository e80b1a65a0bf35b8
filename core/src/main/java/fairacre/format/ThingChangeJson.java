package fairacre.format;

import fairacre.limits.RefusedException;
import fairacre.plan.Change;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.Things;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Function;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.type.WritableTypeId;
import tools.jackson.databind.BeanProperty;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.jsontype.TypeSerializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * How things are put in and taken out in JSON: {@code {"kind": "PutWalk", "walk": {…}}}, {@code {"kind": "RemoveWalk",
 * "walk": "id"}}.
 */
final class ThingChangeJson {

    private ThingChangeJson() {}

    @SuppressWarnings({"rawtypes", "unchecked"})
    static void addTo(SimpleModule module) {
        module.addSerializer(Put.class, (ValueSerializer) new Writer<Put<?>>(Put::things, Put::thing));
        module.addSerializer(Remove.class, (ValueSerializer) new Writer<Remove<?>>(Remove::things, Remove::id));
        module.addDeserializer(Put.class, (ValueDeserializer) new Reader<Object>(null, Things::type, Put::new));
        module.addDeserializer(
                Remove.class, (ValueDeserializer) new Reader<UUID>(null, things -> UUID.class, Remove::new));
    }

    private static final class Writer<C> extends ValueSerializer<C> {

        private final Function<C, Things<?>> things;
        private final Function<C, Object> value;

        Writer(Function<C, Things<?>> things, Function<C, Object> value) {
            this.things = things;
            this.value = value;
        }

        @Override
        public void serialize(C change, JsonGenerator json, SerializationContext context) {
            json.writeStartObject(change);
            writeValue(change, json, context);
            json.writeEndObject();
        }

        @Override
        public void serializeWithType(
                C change, JsonGenerator json, SerializationContext context, TypeSerializer kinds) {
            WritableTypeId kind = kinds.writeTypePrefix(json, context, kinds.typeId(change, JsonToken.START_OBJECT));
            writeValue(change, json, context);
            kinds.writeTypeSuffix(json, context, kind);
        }

        private void writeValue(C change, JsonGenerator json, SerializationContext context) {
            json.writeName(things.apply(change).name());
            context.writeValue(json, value.apply(change));
        }
    }

    private static final class Reader<V> extends ValueDeserializer<Change> {

        private final Things<?> things;
        private final Function<Things<?>, Class<?>> type;
        private final BiFunction<Things<Object>, V, Change> change;

        Reader(Things<?> things, Function<Things<?>, Class<?>> type, BiFunction<Things<Object>, V, Change> change) {
            this.things = things;
            this.type = type;
            this.change = change;
        }

        /** The kind of thing is told by the type that {@link ChangeIds} found. */
        @Override
        public ValueDeserializer<?> createContextual(DeserializationContext context, BeanProperty property) {
            JavaType put = context.getContextualType();
            return new Reader<>(
                    Things.all().stream()
                            .filter(kind -> put.containedType(0).hasRawClass(kind.type()))
                            .findFirst()
                            .orElseThrow(),
                    type,
                    change);
        }

        @Override
        @SuppressWarnings("unchecked")
        public Change deserialize(JsonParser json, DeserializationContext context) {
            V value = null;
            JsonToken token = json.currentToken() == JsonToken.START_OBJECT ? json.nextToken() : json.currentToken();
            for (; token == JsonToken.PROPERTY_NAME; token = json.nextToken()) {
                String name = json.currentName();
                json.nextToken();
                if (name.equals(things.name())) {
                    value = (V) value(json, context);
                } else {
                    context.handleUnknownProperty(json, this, handledType(), name);
                }
            }
            try {
                return change.apply((Things<Object>) things, value);
            } catch (RefusedException refused) {
                throw context.instantiationException(Change.class, refused);
            }
        }

        private Object value(JsonParser json, DeserializationContext context) {
            try {
                return json.currentToken() == JsonToken.VALUE_NULL ? null : context.readValue(json, type.apply(things));
            } catch (RuntimeException fault) {
                throw DatabindException.wrapWithPath(
                        context, fault, new JacksonException.Reference(Change.class, things.name()));
            }
        }

        @Override
        public Class<?> handledType() {
            return Change.class;
        }
    }
}
