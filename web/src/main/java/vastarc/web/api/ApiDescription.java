package vastarc.web.api;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.core.converter.ResolvedSchema;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.BooleanSchema;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.RequestBody;
import io.swagger.v3.oas.models.responses.ApiResponse;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.JointLimits;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.input.InputField;
import vastarc.core.input.WeldFields;

/** Describes what a joint is made of from the one list of its inputs, so that the description never says less than is read. */
@Configuration
class ApiDescription {

    private static final String REFERENCE = "#/components/schemas/";

    ApiDescription() {
        SpringDocUtils.getConfig()
                .replaceWithClass(Phrase.class, String.class)
                .replaceWithClass(Unit.class, String.class);
    }

    @Bean
    OpenApiCustomizer inputs() {
        return api -> {
            api.getComponents().addSchemas("SheetRequest", sheetRequest());
            beside(api, "ScoreRequest", CycleRequest.class);
            beside(api, "CoachRequest", CoachApi.CoachRequest.class);
            beside(api, "MapRequest", MapApi.MapCall.class);
            beside(api, "ProcedureCheck", ProcedureApi.CheckCall.class);
        };
    }

    /** What every call that takes JSON is sent and answers. */
    @Bean
    OpenApiCustomizer bodies(
            @Qualifier("requestMappingHandlerMapping") ObjectProvider<RequestMappingHandlerMapping> calls) {
        return api -> calls.getObject().getHandlerMethods().forEach((call, method) -> {
            TakesJson takes = method.getMethodAnnotation(TakesJson.class);
            for (String path : takes == null ? Set.<String>of() : call.getPatternValues()) {
                PathItem there = api.getPaths().get(path);
                if (there != null && takes != null) {
                    describe(api, there.getPost(), takes);
                }
            }
        });
    }

    private static void describe(OpenAPI api, Operation call, TakesJson takes) {
        Schema<?> body = takes.body().isEmpty() ? new ObjectSchema() : new Schema<>().$ref(REFERENCE + takes.body());
        call.setRequestBody(new RequestBody()
                .required(true)
                .content(json(new MediaType()
                        .schema(body)
                        .example(JsonMapper.shared().readValue(takes.example(), Object.class)))));
        if (takes.answers() != Void.class) {
            ResolvedSchema answer = ModelConverters.getInstance(true)
                    .resolveAsResolvedSchema(new AnnotatedType(takes.answers()).resolveAsRef(true));
            answer.referencedSchemas.forEach(api.getComponents()::addSchemas);
            call.getResponses()
                    .addApiResponse(
                            String.valueOf(takes.status()),
                            new ApiResponse()
                                    .description(takes.says())
                                    .content(json(new MediaType().schema(answer.schema))));
        }
    }

    private static Content json(MediaType type) {
        return new Content().addMediaType("application/json", type);
    }

    /** What a call takes besides a joint. */
    private static void beside(OpenAPI api, String name, Class<?> more) {
        ResolvedSchema resolved =
                ModelConverters.getInstance(true).readAllAsResolvedSchema(new AnnotatedType(more).resolveAsRef(false));
        resolved.referencedSchemas.forEach(api.getComponents()::addSchemas);
        Schema<Object> call = new Schema<>();
        call.setAllOf(List.of(new Schema<>().$ref(REFERENCE + "SheetRequest"), resolved.schema));
        api.getComponents().addSchemas(name, call);
    }

    private static Schema<?> sheetRequest() {
        ObjectSchema request = new ObjectSchema();
        for (InputField<?> field : WeldFields.ALL) {
            if (field == WeldFields.BASE) {
                request.addProperty(WeldFields.THICKNESSES, thicknesses());
                request.addRequiredItem(WeldFields.THICKNESSES);
            } else if (field != WeldFields.ABUTTING) {
                request.addProperty(field.name(), schema(field));
                if (field.isRequired()) {
                    request.addRequiredItem(field.name());
                }
            }
        }
        request.addProperty("pass", pass());
        return request;
    }

    private static Schema<?> pass() {
        return new IntegerSchema()
                .minimum(BigDecimal.ONE)
                .maximum(BigDecimal.valueOf(99))
                .description("the pass asked for, from 1; the first unless given");
    }

    private static Schema<?> thicknesses() {
        ArraySchema list = new ArraySchema();
        list.items(ranged(new NumberSchema(), JointLimits.THICKNESS))
                .minItems(1)
                .maxItems(2);
        list.description("base member, then the abutting one, mm; one number means both");
        return list;
    }

    private static Schema<?> schema(InputField<?> field) {
        Schema<?> schema = switch (field.kind()) {
            case CHOICE -> choices(field);
            case FLAG -> new BooleanSchema();
            case LENGTH, FIGURE -> ranged(new NumberSchema(), field.range().orElseThrow());
        };
        schema.description(description(field));
        field.usual().map(ApiDescription::plain).ifPresent(schema::setDefault);
        return schema;
    }

    private static Object plain(Object usual) {
        return usual instanceof Enum<?> choice
                ? choice.name()
                : usual instanceof Length length ? length.inMillimetres() : usual;
    }

    private static StringSchema choices(InputField<?> field) {
        StringSchema schema = new StringSchema();
        field.choices().forEach(choice -> schema.addEnumItem(choice.toString()));
        return schema;
    }

    private static Schema<?> ranged(NumberSchema schema, InputRange range) {
        return schema.minimum(BigDecimal.valueOf(range.low())).maximum(BigDecimal.valueOf(range.high()));
    }

    private static String description(InputField<?> field) {
        String says = Phrasebook.say(Phrase.of(field.words() + ".says"), UnitSystem.METRIC);
        Optional<String> unit = field.range().map(range -> range.unit().symbol());
        return unit.map(symbol -> says + ", " + symbol).orElse(says);
    }
}
