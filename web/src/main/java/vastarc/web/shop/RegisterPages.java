package vastarc.web.shop;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import vastarc.core.record.batch.MaterialBatch;
import vastarc.core.record.instrument.MeasuringInstrument;
import vastarc.core.record.procedure.WeldProcedure;
import vastarc.core.record.procedure.WelderQualification;
import vastarc.web.error.NotFound;
import vastarc.web.shop.FormField.FieldKind;
import vastarc.web.store.register.Register;

/** The registers on their pages, each by its name in addresses. */
@Component
class RegisterPages {

    private static final List<FormField> OF_PROCEDURES = fields(
            FormField.of(FieldKind.TEXT, "number", "qualifiedBy"),
            FormField.of(FieldKind.DAY, "from", "until"),
            FormField.of(FieldKind.LIST, "materials", "joints", "positions"),
            FormField.of(
                    FieldKind.RANGE,
                    "thicknessMm",
                    "tubeOdMm",
                    "currentA",
                    "heatInputKjPerMm",
                    "preheatC",
                    "interpassC"),
            FormField.of(FieldKind.WORDS, "fillers"),
            FormField.of(FieldKind.EITHER, "purged"));

    private static final List<FormField> OF_WELDERS = fields(
            FormField.of(FieldKind.TEXT, "number", "welder", "examinedBy"),
            FormField.of(FieldKind.DAY, "from", "until"),
            FormField.of(FieldKind.LIST, "materials", "joints", "positions"),
            FormField.of(FieldKind.RANGE, "thicknessMm", "tubeOdMm"));

    private static final List<FormField> OF_BATCHES = fields(
            FormField.of(FieldKind.TEXT, "number", "what", "certificate"),
            FormField.of(FieldKind.CHOICE, "kind"),
            FormField.of(FieldKind.DAY, "from", "until"));

    private static final List<FormField> OF_INSTRUMENTS = fields(
            FormField.of(FieldKind.TEXT, "number", "what", "certificate", "meter"),
            FormField.of(FieldKind.DAY, "from", "until"),
            FormField.of(FieldKind.LIST, "measures"));

    private final Map<String, RegisterPage<?>> pages;

    RegisterPages(
            Register<WeldProcedure> procedures,
            Register<WelderQualification> welders,
            Register<MaterialBatch> batches,
            Register<MeasuringInstrument> instruments) {
        this.pages = Stream.of(
                        new RegisterPage<>(procedures, "qualifiedBy", OF_PROCEDURES),
                        new RegisterPage<>(welders, "welder", OF_WELDERS),
                        new RegisterPage<>(batches, "what", OF_BATCHES),
                        new RegisterPage<>(instruments, "what", OF_INSTRUMENTS))
                .collect(Collectors.toMap(page -> page.register().kind().name(), Function.identity()));
    }

    @SafeVarargs
    private static List<FormField> fields(List<FormField>... parts) {
        return Stream.of(parts).flatMap(List::stream).toList();
    }

    /** {@return a register on its page; not found where there is none} */
    RegisterPage<?> page(String register) {
        return Optional.ofNullable(pages.get(register)).orElseThrow(() -> new NotFound("register"));
    }
}
