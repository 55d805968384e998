package kindveil.studio.gate;

import java.sql.SQLException;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says plainly that the same studio is open twice, instead of a stack trace. */
class StudioInUse extends AbstractFailureAnalyzer<SQLException> {
    /** H2: DATABASE_ALREADY_OPEN_1. */
    private static final int ALREADY_OPEN = 90020;

    @Override
    protected FailureAnalysis analyze(Throwable root, SQLException cause) {
        if (cause.getErrorCode() != ALREADY_OPEN) {
            return null;
        }
        return new FailureAnalysis("This studio's folder is in use: the same studio is open already, perhaps in another window.",
                "Close the other one, or open a different folder with KINDVEIL_HOME.", cause);
    }
}
