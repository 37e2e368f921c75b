package vastarc.web.job;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.units.UnitSystem;
import vastarc.web.layout.JointLine;
import vastarc.web.service.ShopProcedures.ProcedureStanding;
import vastarc.web.store.job.JobContent;

/**
 * The line at the top of every place of a job: what is welded, with how much, on what, and whether that has been proven.
 *
 * @param name    of the job
 * @param joint   metal, thickness, form and position; empty without a sheet
 * @param position by number and letter; a phone has no room for the whole joint
 * @param amps    working current of the pass shown, at the arc; empty without a sheet
 * @param panel   what the panel is set to where a pedal takes the current down from there; empty without a pedal
 * @param pulsed  the working current is the peak of a pulse
 * @param pass    number of the pass shown; 0 for a tack
 * @param passes  how many passes there are
 * @param machine name of the one chosen; empty where none is
 * @param suggested none is chosen, so that the places show the machine of the shop that suits best
 * @param proven  the day it was proven; empty where it is open
 * @param procedure number of a procedure that the sheet keeps within: of those named for the job, where there are; empty where it keeps within none
 * @param left     number of a procedure named for the job that the sheet leaves; empty where it leaves none
 * @param outside  no procedure is named for the job, the shop has some, and the sheet keeps within none
 */
record JobStrip(
        String name,
        String joint,
        String position,
        String amps,
        String panel,
        boolean pulsed,
        int pass,
        int passes,
        String machine,
        boolean suggested,
        String proven,
        String procedure,
        String left,
        boolean outside) {

    static JobStrip of(
            String name,
            JobContent content,
            Optional<SetupSheet> sheet,
            String machine,
            boolean suggested,
            List<ProcedureStanding> procedures,
            UnitSystem units) {
        List<ProcedureStanding> named =
                procedures.stream().filter(ProcedureStanding::named).toList();
        List<ProcedureStanding> asked = named.isEmpty() ? procedures : named;
        return new JobStrip(
                name,
                sheet.map(made -> JointLine.of(made, units)).orElse(""),
                sheet.map(JointLine::position).orElse(""),
                sheet.map(made -> amps(made, ParameterKey.WORKING_CURRENT, units))
                        .orElse(""),
                sheet.filter(made -> isUsed(made, ParameterKey.PEDAL_CEILING))
                        .map(made -> amps(made, ParameterKey.PEDAL_CEILING, units))
                        .orElse(""),
                sheet.filter(SetupSheet::isPulsed).isPresent(),
                content.isTack() ? 0 : content.pass(),
                sheet.flatMap(SetupSheet::passes)
                        .map(plan -> plan.passes().size())
                        .orElse(1),
                machine,
                suggested,
                content.proof().map(proof -> proof.day().toString()).orElse(""),
                number(asked.stream().filter(ProcedureStanding::isInside)),
                number(procedures.stream().filter(standing -> standing.named() && !standing.isInside())),
                !procedures.isEmpty() && named.isEmpty() && asked.stream().noneMatch(ProcedureStanding::isInside));
    }

    private static String number(Stream<ProcedureStanding> standings) {
        return standings.findFirst().map(ProcedureStanding::number).orElse("");
    }

    private static boolean isUsed(SetupSheet sheet, ParameterKey key) {
        return sheet.find(key).filter(parameter -> !parameter.idle()).isPresent();
    }

    private static String amps(SetupSheet sheet, ParameterKey key, UnitSystem units) {
        Parameter parameter = sheet.setting(key);
        return units.show(parameter.quantity()).line();
    }
}
