package fairacre.server.api;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.databind.JavaType;
import fairacre.appraisal.Capabilities;
import fairacre.bill.PriceItem;
import fairacre.build.Board;
import fairacre.build.Kit;
import fairacre.build.Material;
import fairacre.format.ChangeIds;
import fairacre.format.ChangeKinds;
import fairacre.format.GardenJson;
import fairacre.judging.Rule;
import fairacre.measure.Area;
import fairacre.measure.Flow;
import fairacre.measure.Length;
import fairacre.measure.Pressure;
import fairacre.measure.Volume;
import fairacre.outline.Form;
import fairacre.plan.Change;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.Things;
import fairacre.water.PipeKind;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.RequestBody;
import io.swagger.v3.oas.models.responses.ApiResponse;
import java.lang.reflect.RecordComponent;
import java.security.Principal;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.joda.money.Money;
import org.springdoc.core.customizers.GlobalOpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The description of the interface, from which the front end's types are made. */
@Configuration
class OpenApiConfiguration {

    private static final String SCHEMAS = "#/components/schemas/";
    private static final List<String> UNIONS = List.of("Change", "Form", "Feature");
    /** Types that are never written by themselves: what is put in and taken out is described for each kind of thing. */
    private static final List<String> NOT_WRITTEN = List.of(
            "Put",
            "Remove",
            "ThingsObject",
            "ThingLists",
            "StandingObject",
            "ShiftObject",
            "Words",
            "GroundChange",
            "PurseChange");

    static {
        SpringDocUtils.getConfig()
                .addRequestWrapperToIgnore(Principal.class, Owner.class)
                .replaceWithSchema(Length.class, new NumberSchema().description("metres"))
                .replaceWithSchema(Area.class, new NumberSchema().description("square metres"))
                .replaceWithSchema(Volume.class, new NumberSchema().description("litres"))
                .replaceWithSchema(Flow.class, new NumberSchema().description("litres an hour"))
                .replaceWithSchema(Pressure.class, new NumberSchema().description("kilopascals"))
                .replaceWithSchema(MonthDay.class, new StringSchema().description("month and day: --07-01 is 1 July"))
                .replaceWithSchema(Board.class, new StringSchema().description("key of a board"))
                .replaceWithSchema(Kit.class, new StringSchema().description("key of a metal kit"))
                .replaceWithSchema(Material.class, new StringSchema().description("key of a material"))
                .replaceWithSchema(PipeKind.class, new StringSchema().description("key of a pipe"))
                .replaceWithSchema(PriceItem.class, new StringSchema().description("key of an item of the price book"))
                .replaceWithSchema(Rule.class, rules())
                .replaceWithSchema(Money.class, money());
        Json.mapper().addMixIn(Change.class, ChangeKinds.class);
        Json.mapper().addMixIn(Form.class, GardenJson.FormKinds.class);
    }

    @Bean
    OpenAPI description() {
        return new OpenAPI()
                .info(
                        new Info()
                                .title("Fair Acre")
                                .version("1")
                                .description(
                                        "Metres, square metres and litres as numbers; money as decimal strings with a currency."));
    }

    /** Every component of a record is there unless it is optional. */
    @Bean
    ModelConverter recordsAreComplete() {
        return new ModelConverter() {
            @Override
            public Schema<?> resolve(
                    AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
                Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
                JavaType java = Json.mapper().constructType(type.getType());
                if (java.getRawClass().isRecord()) {
                    context.getDefinedModels().values().stream()
                            .filter(model -> nameOf(java).equals(model.getName()))
                            .forEach(model -> require(model, java.getRawClass()));
                }
                if (java.getRawClass() == Plan.class) {
                    context.getDefinedModels().values().stream()
                            .filter(model -> nameOf(java).equals(model.getName()))
                            .toList()
                            .forEach(model -> addThings(model, context));
                }
                return schema;
            }
        };
    }

    /** A type with a parameter is described once for each. */
    private static String nameOf(JavaType type) {
        return type.getRawClass().getSimpleName()
                + (type.containedTypeCount() == 0 ? "" : nameOf(type.containedType(0)));
    }

    /** The kinds of change and the forms of beds as unions that are told apart by {@code kind}. */
    @Bean
    GlobalOpenApiCustomizer kinds() {
        return api -> {
            Map<String, Schema> schemas = api.getComponents().getSchemas();
            Schema<?> changes = union(schemas, ChangeKinds.class);
            Things.all().forEach(things -> {
                addOne(
                        changes,
                        schemas,
                        ChangeIds.put(things),
                        things,
                        new Schema<>().$ref(SCHEMAS + things.type().getSimpleName()));
                addOne(changes, schemas, ChangeIds.remove(things), things, new StringSchema().format("uuid"));
            });
            schemas.put("Change", changes);
            schemas.put("Form", union(schemas, GardenJson.FormKinds.class));
            schemas.put("Feature", features(schemas));
            NOT_WRITTEN.forEach(schemas::remove);
            Stream.concat(
                            schemas.entrySet().stream()
                                    .filter(entry -> !UNIONS.contains(entry.getKey()))
                                    .map(Map.Entry::getValue),
                            api.getPaths().values().stream().flatMap(OpenApiConfiguration::bodies))
                    .forEach(OpenApiConfiguration::nameUnions);
        };
    }

    /** What is sent to a path and answered by it. */
    private static Stream<Schema> bodies(PathItem path) {
        return path.readOperations().stream().flatMap(operation -> {
            Stream<Content> sent = Stream.ofNullable(operation.getRequestBody()).map(RequestBody::getContent);
            Stream<Content> answered = operation.getResponses().values().stream()
                    .map(ApiResponse::getContent)
                    .filter(Objects::nonNull);
            return Stream.concat(sent, answered)
                    .flatMap(content -> content.values().stream())
                    .map(MediaType::getSchema);
        });
    }

    /** Says the name of a union where its kinds are listed. */
    private static void nameUnions(Schema<?> schema) {
        if (schema == null) {
            return;
        }
        if (schema.getOneOf() != null) {
            List<String> kinds = schema.getOneOf().stream().map(Schema::get$ref).toList();
            schema.setOneOf(null);
            schema.set$ref(SCHEMAS + unionOf(kinds));
        }
        if (schema.getProperties() != null) {
            schema.getProperties().values().forEach(OpenApiConfiguration::nameUnions);
        }
        nameUnions(schema.getItems());
    }

    private static String unionOf(List<String> kinds) {
        if (kinds.contains(SCHEMAS + "Batch")) {
            return "Change";
        }
        return kinds.contains(SCHEMAS + FeatureKind.Extent.AREA.type().getSimpleName()) ? "Feature" : "Form";
    }

    private static Schema<?> union(Map<String, Schema> schemas, Class<?> kinds) {
        Schema<?> union = new Schema<>();
        for (JsonSubTypes.Type type : kinds.getAnnotation(JsonSubTypes.class).value()) {
            String name = type.value().getSimpleName();
            schemas.computeIfPresent(name, (key, schema) -> flattened(type.name(), schema));
            union.addOneOfItem(new Schema<>().$ref(SCHEMAS + name));
        }
        return union;
    }

    /** A change that puts a thing in or takes it out. */
    private static void addOne(
            Schema<?> changes, Map<String, Schema> schemas, String kind, Things<?> things, Schema<?> value) {
        ObjectSchema change = new ObjectSchema();
        change.addProperty("kind", new StringSchema().addEnumItem(kind));
        change.addProperty(things.name(), value);
        change.setRequired(List.of("kind", things.name()));
        schemas.put(kind, change);
        changes.addOneOfItem(new Schema<>().$ref(SCHEMAS + kind));
    }

    private static Schema<?> flattened(String kind, Schema<?> schema) {
        ObjectSchema flat = new ObjectSchema();
        flat.addProperty("kind", new StringSchema().addEnumItem(kind));
        flat.addRequiredItem("kind");
        List<Schema> parts = schema.getAllOf() == null ? List.of() : schema.getAllOf();
        for (Schema<?> part : parts) {
            if (part.getProperties() != null) {
                part.getProperties().forEach(flat::addProperty);
            }
        }
        if (schema.getRequired() != null) {
            schema.getRequired().forEach(flat::addRequiredItem);
        }
        return flat;
    }

    /** A plan has a list for each kind of thing. */
    private static void addThings(Schema<?> plan, ModelConverterContext context) {
        plan.getProperties().remove("things");
        plan.getRequired().remove("things");
        Things.all().forEach(kind -> {
            Schema<?> item = kind.type().isSealed()
                    ? sorts(kind.type(), context)
                    : context.resolve(new AnnotatedType(kind.type()).resolveAsRef(true));
            plan.addProperty(kind.field(), new ArraySchema().items(item));
            plan.addRequiredItem(kind.field());
        });
    }

    /** Of a kind of thing with several sorts each is described. */
    private static Schema<?> sorts(Class<?> type, ModelConverterContext context) {
        Schema<?> union = new Schema<>();
        Stream.of(type.getPermittedSubclasses())
                .map(sort -> context.resolve(new AnnotatedType(sort).resolveAsRef(true)))
                .forEach(union::addOneOfItem);
        return union;
    }

    /** An area, a line or a spot, told apart by the kind. */
    private static Schema<?> features(Map<String, Schema> schemas) {
        Schema<?> union = new Schema<>();
        for (FeatureKind.Extent extent : FeatureKind.Extent.values()) {
            String name = extent.type().getSimpleName();
            union.addOneOfItem(new Schema<>().$ref(SCHEMAS + name));
            StringSchema kinds = new StringSchema();
            Stream.of(FeatureKind.values())
                    .filter(kind -> kind.extent() == extent)
                    .forEach(kind -> kinds.addEnumItem(kind.name()));
            schemas.get(name).addProperty("kind", kinds);
        }
        return union;
    }

    private static void require(Schema<?> schema, Class<?> type) {
        List<String> required = Stream.of(type.getRecordComponents())
                .filter(component -> !isOptional(type, component))
                .map(RecordComponent::getName)
                .filter(name ->
                        schema.getProperties() != null && schema.getProperties().containsKey(name))
                .collect(Collectors.toCollection(ArrayList::new));
        schema.setRequired(required);
    }

    private static boolean isOptional(Class<?> type, RecordComponent component) {
        return component.getType() == Optional.class
                || type == GardenController.Edit.class && component.getType() == UUID.class;
    }

    /** The codes of the rules of all capabilities. */
    private static Schema<?> rules() {
        StringSchema codes = new StringSchema();
        Capabilities.rules().forEach(rule -> codes.addEnumItem(rule.name()));
        return codes;
    }

    private static Schema<?> money() {
        return new ObjectSchema()
                .addProperty("amount", new StringSchema())
                .addProperty("currency", new StringSchema())
                .required(List.of("amount", "currency"));
    }
}
