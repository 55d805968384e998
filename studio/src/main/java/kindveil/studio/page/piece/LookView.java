package kindveil.studio.page.piece;

import kindveil.studio.work.log.LogEntry;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import kindveil.studio.work.piece.Piece;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import kindveil.measure.UnusableValue;
import kindveil.reading.LookState;
import kindveil.studio.work.piece.Planned;
import kindveil.way.Trace;

/** How the picture is looked at; held in the address so that it survives a reload. */
public record LookView(LookState left, LookState right, int pass, double cut, double x, double y) {
    private static final double START_X = 0.40;
    private static final double START_Y = 0.55;
    private static final double START_CUT = 0.47;
    private static final String FINISHED = "finished";

    /** A link that shows one side of the wipe in another state. */
    public record StateLink(String words, String href, boolean shown, boolean planned) {
        public String hint() {
            return planned ? "" : "Nothing of the kind is planned, so it looks as before";
        }
    }

    /** What an address asks to look at, as it was written there; what it leaves out is chosen for the plan. */
    public record Asked(@Nullable String left, @Nullable String right, @Nullable Integer pass, @Nullable Double cut, @Nullable Double x, @Nullable Double y) {
        public static final Asked NOTHING = new Asked(null, null, null, null, null, null);

        public LookView of(Planned planned) {
            Trace trace = planned.trace();
            int most = trace.mostPasses();
            int shown = most == 0 ? 0 : pass == null || pass == 0 ? trace.plannedPasses() : (int) UnusableValue.requireWithin("pass", pass, 1, most, "", "The plan offers no other.");
            List<LookState> worth = LookState.of(trace).stream().filter(LookState::lasting).toList();
            LookState finished = LookState.finished(trace);
            return new LookView(state(left, worth.getFirst(), finished), state(right, worth.size() > 1 ? worth.get(1) : worth.getFirst(), finished), shown, within("cut", cut, START_CUT),
                    within("x", x, START_X), within("y", y, START_Y));
        }
    }

    private static double within(String thing, @Nullable Double value, double start) {
        return value == null ? start : UnusableValue.requireWithin(thing, value, 0, 1, "", "It is a share of the picture.");
    }

    private static LookState state(@Nullable String name, LookState start, LookState finished) {
        if (name == null) {
            return start;
        }
        return name.equals(FINISHED) ? finished : Arrays.stream(LookState.values()).filter(s -> s.name().equalsIgnoreCase(name)).findFirst()
                .orElseThrow(() -> new UnusableValue("state", name, Arrays.stream(LookState.values()).map(LookView::word).collect(Collectors.joining(", ")), "Choose one below the picture."));
    }

    /** The address of a piece as it will be when all is done, whichever state that is. */
    public static String finished(Piece piece, boolean small) {
        return "%s/look/%s.png?v=%d%s".formatted(PieceHead.base(piece), FINISHED, piece.version(), small ? "&small=true" : "");
    }

    /** The address of what an entry of the log foresaw: as it was kept with it, otherwise the piece as it is looked at now. */
    public static String foreseen(LogEntry entry) {
        UUID kept = entry.judged().foreseen();
        return kept != null ? picture(kept) : "/pieces/%s/look/%s.png?pass=%d&small=true".formatted(entry.piece(), word(entry.state()), entry.pass());
    }

    /** The address of the photograph of what came, or empty. */
    public static String came(LogEntry entry) {
        return entry.photo() == null ? "" : picture(entry.photo());
    }

    private static String picture(UUID kept) {
        return "/pictures/%s.png".formatted(kept);
    }

    public static String word(LookState state) {
        return state.name().toLowerCase(Locale.ROOT);
    }

    /** Whether two states are held against each other. */
    public boolean compares() {
        return left != right;
    }

    public String query(LookState newLeft, LookState newRight, int newPass) {
        return "left=%s&right=%s&pass=%d&cut=%s&x=%s&y=%s".formatted(word(newLeft), word(newRight), newPass, cut, x, y);
    }

    /** Address of one state's picture. */
    public String picture(String base, LookState state, int version) {
        return "%s/look/%s.png?pass=%d&v=%d".formatted(base, word(state), pass, version);
    }

    /** @param more how their addresses go on */
    public List<StateLink> links(String base, Trace trace, String more) {
        return LookState.of(trace).stream().map(state -> {
            boolean earlier = state == LookState.WET || state.ordinal() < right.ordinal();
            return new StateLink(state.words(trace), "%s/build?%s%s".formatted(base, earlier ? query(state, right, pass) : query(left, state, pass), more), state == left || state == right,
                    state.planned(trace));
        }).toList();
    }

    public static String words(LookState state, int pass, Trace trace) {
        if (!state.lasting()) {
            return state.words(trace);
        }
        if (trace.mostPasses() == 0) {
            return state == LookState.SEALED ? "sealed" : "dry";
        }
        return switch (state) {
            case WET -> "wet";
            case DRIED -> "dried after pass " + pass;
            case CLEARED -> LookState.CLEARED.planned(trace) ? "cleared after pass " + pass : "left as it dried";
            case SEALED -> LookState.SEALED.planned(trace) ? "sealed" : "not sealed";
            case LAID, DRYING, RAKED -> state.words(trace);
        };
    }
}
