package kindveil.studio.keep;

import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Set;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalysisReporter;
import org.springframework.core.env.Environment;
import org.jspecify.annotations.Nullable;

/** Says in two sentences why a studio does not open, instead of a stack trace. */
public final class Opening {
    private Opening() {
    }

    /** What happened and what to do, and nothing else. */
    static class InWords implements FailureAnalysisReporter {
        @Override
        public void report(FailureAnalysis analysis) {
            System.err.println(analysis.getDescription());
            if (analysis.getAction() != null) {
                System.err.println(analysis.getAction());
            }
        }
    }

    /** What the folder's check refused. */
    static class Refused extends AbstractFailureAnalyzer<StudioFolder.Unopenable> {
        @Override
        protected FailureAnalysis analyze(Throwable root, StudioFolder.Unopenable cause) {
            return new FailureAnalysis(String.valueOf(cause.getMessage()), cause.remedy(), cause);
        }
    }

    /** What the store itself refused. */
    static class OfTheStore extends AbstractFailureAnalyzer<SQLException> {
        private static final int ALREADY_OPEN = 90020;
        /** H2: IO_EXCEPTION_1, IO_EXCEPTION_2, FILE_CORRUPTED_1, FILE_VERSION_ERROR_1, GENERAL_ERROR_1. */
        private static final Set<Integer> DAMAGED = Set.of(90028, 90031, 90030, 90048, 50000);
        private final Environment asked;

        OfTheStore(Environment asked) {
            this.asked = asked;
        }

        @Override
        protected @Nullable FailureAnalysis analyze(Throwable root, SQLException cause) {
            Path folder = Path.of(asked.getProperty("kindveil.data", ""));
            if (cause.getErrorCode() == ALREADY_OPEN) {
                return new FailureAnalysis("This studio's folder is in use: the same studio is open already, perhaps in another window.",
                        "Close the other one, or open a different folder with KINDVEIL_HOME.", cause);
            }
            return DAMAGED.contains(cause.getErrorCode()) ? new FailureAnalysis("The studio's file %s is damaged and was left as it is.".formatted(folder.resolve(Backups.STORE)),
                    StudioFolder.restoring(StudioFolder.backups(asked), folder), cause) : null;
        }
    }
}
