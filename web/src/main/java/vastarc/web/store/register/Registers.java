package vastarc.web.store.register;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import vastarc.core.record.batch.MaterialBatch;
import vastarc.core.record.instrument.MeasuringInstrument;
import vastarc.core.record.procedure.WeldProcedure;
import vastarc.core.record.procedure.WelderQualification;
import vastarc.web.store.ListBounds;
import vastarc.web.store.TransactionRetry;
import vastarc.web.store.archive.ArchiveSection;

/** The registers that a shop keeps. */
@Configuration(proxyBeanMethods = false)
class Registers {

    @Bean
    Register<WeldProcedure> procedureRegister(
            RegisterRepository entries, ListBounds bounds, TransactionRetry retrying, Clock clock) {
        return new Register<>(ProcedureReader.KIND, entries, bounds, retrying, clock);
    }

    @Bean
    ArchiveSection procedureSection(Register<WeldProcedure> procedures) {
        return new RegisterSection<>(procedures);
    }

    @Bean
    Register<WelderQualification> welderRegister(
            RegisterRepository entries, ListBounds bounds, TransactionRetry retrying, Clock clock) {
        return new Register<>(WelderReader.KIND, entries, bounds, retrying, clock);
    }

    @Bean
    ArchiveSection welderSection(Register<WelderQualification> welders) {
        return new RegisterSection<>(welders);
    }

    @Bean
    Register<MaterialBatch> batchRegister(
            RegisterRepository entries, ListBounds bounds, TransactionRetry retrying, Clock clock) {
        return new Register<>(BatchReader.KIND, entries, bounds, retrying, clock);
    }

    @Bean
    ArchiveSection batchSection(Register<MaterialBatch> batches) {
        return new RegisterSection<>(batches);
    }

    @Bean
    Register<MeasuringInstrument> instrumentRegister(
            RegisterRepository entries, ListBounds bounds, TransactionRetry retrying, Clock clock) {
        return new Register<>(InstrumentReader.KIND, entries, bounds, retrying, clock);
    }

    @Bean
    ArchiveSection instrumentSection(Register<MeasuringInstrument> instruments) {
        return new RegisterSection<>(instruments);
    }
}
