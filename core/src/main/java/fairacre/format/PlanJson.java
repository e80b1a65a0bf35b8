package fairacre.format;

import fairacre.bill.Budget;
import fairacre.bill.Price;
import fairacre.build.Workshop;
import fairacre.goods.Supply;
import fairacre.limits.RefusedException;
import fairacre.measure.Units;
import fairacre.plan.Bed;
import fairacre.plan.Plan;
import fairacre.plan.Site;
import fairacre.plan.ThingLists;
import fairacre.plan.Things;
import java.time.MonthDay;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.type.TypeFactory;

/** A plan in JSON: a property for each part of it, and a list for each kind of thing. */
final class PlanJson {

    /**
     * A part of a plan that there is one of.
     *
     * @param list whether it is a list of values of the type
     */
    private record Part(String name, Class<?> type, boolean list, Function<Plan, Object> value) {}

    private static final List<Part> PARTS = List.of(
            new Part("id", UUID.class, false, Plan::id),
            new Part("name", String.class, false, Plan::name),
            new Part("units", Units.class, false, Plan::units),
            new Part("firstSeason", int.class, false, Plan::firstSeason),
            new Part("yearBegins", MonthDay.class, false, Plan::yearBegins),
            new Part("budget", Budget.class, false, Plan::budget),
            new Part("site", Site.class, false, Plan::site),
            new Part("beds", Bed.class, true, Plan::beds),
            new Part("prices", Price.class, true, Plan::prices),
            new Part("supply", Supply.class, false, Plan::supply),
            new Part("workshop", Workshop.class, false, Plan::workshop));

    private PlanJson() {}

    static void addTo(SimpleModule module) {
        module.addSerializer(Plan.class, new Writer());
        module.addDeserializer(Plan.class, new Reader());
    }

    private static final class Writer extends ValueSerializer<Plan> {

        @Override
        public void serialize(Plan plan, JsonGenerator json, SerializationContext context) {
            json.writeStartObject(plan);
            for (Part part : PARTS) {
                json.writeName(part.name());
                context.writeValue(json, part.value().apply(plan));
            }
            for (Things<?> kind : Things.all()) {
                json.writeName(kind.field());
                context.writeValue(json, plan.list(kind));
            }
            json.writeEndObject();
        }
    }

    private static final class Reader extends ValueDeserializer<Plan> {

        private final Map<String, JavaType> types = new HashMap<>();

        @Override
        public Plan deserialize(JsonParser json, DeserializationContext context) {
            Map<String, Object> values = new LinkedHashMap<>();
            JsonToken token = json.currentToken() == JsonToken.START_OBJECT ? json.nextToken() : json.currentToken();
            for (; token == JsonToken.PROPERTY_NAME; token = json.nextToken()) {
                String name = json.currentName();
                json.nextToken();
                JavaType type = types(context.getTypeFactory()).get(name);
                if (type == null) {
                    context.handleUnknownProperty(json, this, Plan.class, name);
                } else {
                    values.put(name, value(json, context, name, type));
                }
            }
            try {
                return plan(values);
            } catch (RefusedException refused) {
                throw context.instantiationException(Plan.class, refused);
            }
        }

        private synchronized Map<String, JavaType> types(TypeFactory factory) {
            if (types.isEmpty()) {
                PARTS.forEach(part -> types.put(
                        part.name(),
                        part.list()
                                ? factory.constructCollectionType(List.class, part.type())
                                : factory.constructType(part.type())));
                Things.all()
                        .forEach(kind ->
                                types.put(kind.field(), factory.constructCollectionType(List.class, kind.type())));
            }
            return types;
        }

        private static Object value(JsonParser json, DeserializationContext context, String name, JavaType type) {
            try {
                return json.currentToken() == JsonToken.VALUE_NULL ? null : context.readValue(json, type);
            } catch (RuntimeException fault) {
                throw DatabindException.wrapWithPath(context, fault, new JacksonException.Reference(Plan.class, name));
            }
        }

        @SuppressWarnings("unchecked")
        private static Plan plan(Map<String, Object> values) {
            ThingLists things = ThingLists.NONE;
            for (Things<?> kind : Things.all()) {
                Object list = values.get(kind.field());
                if (list != null) {
                    things = things.withAll(kind, (List<?>) list);
                }
            }
            return new Plan(
                    (UUID) values.get("id"),
                    (String) values.get("name"),
                    (Units) values.get("units"),
                    (int) values.getOrDefault("firstSeason", 0),
                    (Budget) values.get("budget"),
                    (Site) values.get("site"),
                    (List<Bed>) values.get("beds"),
                    (List<Price>) values.get("prices"),
                    (Supply) values.get("supply"),
                    (Workshop) values.get("workshop"),
                    (MonthDay) values.get("yearBegins"),
                    things);
        }
    }
}
