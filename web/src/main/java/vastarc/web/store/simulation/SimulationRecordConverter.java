package vastarc.web.store.simulation;

import jakarta.persistence.Converter;
import vastarc.web.store.document.DocumentConverter;

@Converter
class SimulationRecordConverter extends DocumentConverter<SimulationRecord> {

    SimulationRecordConverter() {
        super(SimulationRecord.FORMAT);
    }
}
