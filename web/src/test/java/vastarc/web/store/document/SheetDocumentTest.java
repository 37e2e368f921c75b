package vastarc.web.store.document;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.SheetDocument;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.web.format.Format;

/** A sheet kept keeps everything: what is read back equals what was written, and fits the published format. */
class SheetDocumentTest {

    private static SetupSheet sheet(Material material, JointForm form, double thickness) {
        WeldingConditions conditions = WeldingConditions.usual().with(draft -> {
            draft.control = ControlDevice.TRIGGER_4T;
            draft.pulse = PulsePurpose.RIPPLE;
            draft.purged = true;
        });
        return WeldPlan.of(new Weld(Joint.of(material, form, thickness), conditions), ShopDefaults.usual())
                .sheet()
                .value()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "CARBON_STEEL,V_BUTT,10",
        "STAINLESS_316L,SQUARE_BUTT,1.5",
        "TITANIUM_GR2,T_FILLET,1.2",
        "CHROMOLY_4130,LAP,1.6",
        "CARBON_STEEL,T_FILLET,8"
    })
    void whatIsReadBackEqualsWhatWasWritten(Material material, JointForm form, double thickness) {
        SheetDocument kept = SheetDocument.of(sheet(material, form, thickness));

        Document<SheetDocument> document = Document.of(SheetDocuments.FORMAT, kept);
        Document<SheetDocument> read = SheetDocuments.FORMAT.read(document.text());

        assertThat(read.fault()).isEmpty();
        assertThat(read.orThrow().changedFigures(sheet(material, form, thickness)))
                .isEmpty();
        assertThat(Document.of(SheetDocuments.FORMAT, read.orThrow()).text()).isEqualTo(document.text());
        assertThat(Format.SHEET.faults(JsonMapper.shared().readTree(document.text())))
                .isEmpty();
        assertThat(document.text().length()).isLessThan(200_000);
    }
}
