package vastarc.web.store.disk;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says in two lines why the start ended, instead of where in the program. */
final class NoRoomForUpdateAnalyzer extends AbstractFailureAnalyzer<NoRoomForUpdate> {

    @Override
    protected FailureAnalysis analyze(Throwable rootFailure, NoRoomForUpdate cause) {
        return new FailureAnalysis(cause.getMessage(), "Make room and start it again. Nothing was changed.", cause);
    }
}
