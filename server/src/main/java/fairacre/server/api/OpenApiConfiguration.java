package fairacre.server.api;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.databind.JavaType;
import fairacre.format.GardenJson;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.plan.Board;
import fairacre.plan.Change;
import fairacre.plan.Form;
import fairacre.plan.Kit;
import fairacre.plan.Material;
import fairacre.plan.PriceItem;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.RecordComponent;
import java.security.Principal;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.joda.money.Money;
import org.springdoc.core.customizers.GlobalOpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The description of the interface, from which the front end's types are made. */
@Configuration
class OpenApiConfiguration {

    static {
        SpringDocUtils.getConfig()
                .addRequestWrapperToIgnore(Principal.class)
                .replaceWithSchema(Length.class, new NumberSchema().description("metres"))
                .replaceWithSchema(Area.class, new NumberSchema().description("square metres"))
                .replaceWithSchema(Volume.class, new NumberSchema().description("litres"))
                .replaceWithSchema(Board.class, new StringSchema().description("key of a board"))
                .replaceWithSchema(Kit.class, new StringSchema().description("key of a metal kit"))
                .replaceWithSchema(Material.class, new StringSchema().description("key of a material"))
                .replaceWithSchema(PriceItem.class, new StringSchema().description("key of an item of the price book"))
                .replaceWithSchema(Money.class, money());
        Json.mapper().addMixIn(Change.class, GardenJson.ChangeKinds.class);
        Json.mapper().addMixIn(Form.class, GardenJson.FormKinds.class);
    }

    @Bean
    OpenAPI description() {
        return new OpenAPI().info(new Info().title("Fair Acre").version("1")
                .description("Metres, square metres and litres as numbers; money as decimal strings with a currency."));
    }

    /** Every component of a record is there unless it is optional. */
    @Bean
    ModelConverter recordsAreComplete() {
        return new ModelConverter() {
            @Override
            public Schema<?> resolve(AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
                Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
                JavaType java = Json.mapper().constructType(type.getType());
                if (java.getRawClass().isRecord()) {
                    context.getDefinedModels().values().stream()
                            .filter(model -> nameOf(java).equals(model.getName()))
                            .forEach(model -> require(model, java.getRawClass()));
                }
                return schema;
            }
        };
    }

    /** A type with a parameter is described once for each. */
    private static String nameOf(JavaType type) {
        return type.getRawClass().getSimpleName() + (type.containedTypeCount() == 0 ? "" : nameOf(type.containedType(0)));
    }

    /** The kinds of change and the forms of beds as unions that are told apart by {@code kind}. */
    @Bean
    GlobalOpenApiCustomizer kinds() {
        return api -> {
            Map<String, Schema> schemas = api.getComponents().getSchemas();
            schemas.put("Change", union(schemas, GardenJson.ChangeKinds.class));
            schemas.put("Form", union(schemas, GardenJson.FormKinds.class));
        };
    }

    private static Schema<?> union(Map<String, Schema> schemas, Class<?> kinds) {
        Schema<?> union = new Schema<>();
        for (JsonSubTypes.Type type : kinds.getAnnotation(JsonSubTypes.class).value()) {
            String name = type.value().getSimpleName();
            schemas.computeIfPresent(name, (key, schema) -> flattened(type.name(), schema));
            union.addOneOfItem(new Schema<>().$ref("#/components/schemas/" + name));
        }
        return union;
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

    private static void require(Schema<?> schema, Class<?> type) {
        List<String> required = Stream.of(type.getRecordComponents())
                .filter(component -> !isOptional(type, component)).map(RecordComponent::getName)
                .filter(name -> schema.getProperties() != null && schema.getProperties().containsKey(name)).toList();
        schema.setRequired(required);
    }

    private static boolean isOptional(Class<?> type, RecordComponent component) {
        return component.getType() == Optional.class
                || type == GardenController.Edit.class && component.getType() == UUID.class;
    }

    private static Schema<?> money() {
        return new ObjectSchema().addProperty("amount", new StringSchema()).addProperty("currency", new StringSchema())
                .required(List.of("amount", "currency"));
    }
}
