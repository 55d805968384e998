package kindveil.studio.work.look;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import kindveil.catalogue.Catalogue;
import kindveil.light.Colour;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.measure.Words;
import kindveil.studio.work.piece.Manner;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.Veil;
import kindveil.tone.Treatment.Invert;
import kindveil.tone.Treatment.Levels;
import kindveil.tone.Treatments;
import kindveil.way.Choice;

/** One change of a piece's plan, of the veil in hand or of what lies about it; told by a key, so that a press can ask for it. */
public sealed interface PlanChange {
    /** As {@link #parse} reads it. */
    String key();

    String words(Piece piece);

    Piece of(Piece piece);

    /** An option of the veil's way. */
    record Chosen(String choice, String option) implements PlanChange {
        @Override
        public String key() {
            return "choose %s %s".formatted(choice, option);
        }

        @Override
        public String words(Piece piece) {
            Choice asked = piece.design().theWay().choices().stream().filter(c -> c.key().equals(choice)).findFirst().orElseThrow(() -> unknown(key()));
            return "%s: %s".formatted(Words.capital(asked.question()), asked.chosen(option).words());
        }

        @Override
        public Piece of(Piece piece) {
            words(piece);
            return piece.with(piece.design().choosing(Map.of(choice, option)));
        }
    }

    /** The veil made another way. */
    record Another(String way) implements PlanChange {
        @Override
        public String key() {
            return "way " + way;
        }

        @Override
        public String words(Piece piece) {
            return Catalogue.way(way).name() + " instead";
        }

        @Override
        public Piece of(Piece piece) {
            return piece.doing(Catalogue.way(way));
        }
    }

    /** The veil laid after all others. */
    record Last() implements PlanChange {
        @Override
        public String key() {
            return "last";
        }

        @Override
        public String words(Piece piece) {
            return "Lay it last";
        }

        @Override
        public Piece of(Piece piece) {
            return piece.moved(piece.veils().size());
        }
    }

    /** Its tones the other way round. */
    record Inverted() implements PlanChange {
        @Override
        public String key() {
            return "invert";
        }

        @Override
        public String words(Piece piece) {
            return piece.design().treatments().of(Invert.class).isPresent() ? "Print it as it is, not inverted" : "Invert its tones";
        }

        @Override
        public Piece of(Piece piece) {
            Treatments now = piece.design().treatments();
            return piece.with(piece.design().treated(now.having(Invert.class, now.of(Invert.class).isPresent() ? null : new Invert())));
        }
    }

    /** What lies over it printed lighter: its mid tones become clear. @param veil its number, from 1 */
    record Lightened(int veil) implements PlanChange {
        private static final int CLEAR_FROM = 60;

        @Override
        public String key() {
            return "lighten " + veil;
        }

        @Override
        public String words(Piece piece) {
            return "Lighten what lies over it (%d, %s)".formatted(veil, over(piece).design().theWay().name().toLowerCase(Locale.ROOT));
        }

        private Veil over(Piece piece) {
            if (veil < 1 || veil > piece.veils().size() || !piece.veils().get(veil - 1).bringsPicture()) {
                throw unknown(key());
            }
            return piece.veils().get(veil - 1);
        }

        @Override
        public Piece of(Piece piece) {
            Levels levels = over(piece).design().treatments().of(Levels.class).orElse(Levels.NONE);
            Piece there = piece.at(veil);
            Levels lighter = new Levels(levels.black(), Math.max(levels.black() + 5, Math.min(levels.white() - 10, CLEAR_FROM)));
            return there.with(there.design().treated(there.design().treatments().having(Levels.class, lighter))).at(piece.inHand() + 1);
        }
    }

    /** Laid elsewhere on the page. @param right millimetres from where it lies; likewise down */
    record Shifted(int right, int down) implements PlanChange {
        @Override
        public String key() {
            return "shift %d %d".formatted(right, down);
        }

        @Override
        public String words(Piece piece) {
            String across = right == 0 ? "" : "%d mm to the %s".formatted(Math.abs(right), right > 0 ? "right" : "left");
            String along = down == 0 ? "" : "%d mm %s".formatted(Math.abs(down), down > 0 ? "down" : "up");
            return "Shift it " + across + (across.isEmpty() || along.isEmpty() ? "" : ", ") + along;
        }

        @Override
        public Piece of(Piece piece) {
            Veil veil = piece.veil();
            return piece.with(veil.at(Length.ofMillimetres(veil.x().millimetres() + right), Length.ofMillimetres(veil.y().millimetres() + down)));
        }
    }

    /** The ground painted lighter. */
    record LighterGround() implements PlanChange {
        private static final double LIGHTER = 0.4;

        @Override
        public String key() {
            return "ground";
        }

        @Override
        public String words(Piece piece) {
            return "A lighter ground";
        }

        @Override
        public Piece of(Piece piece) {
            return piece.with(piece.basis().of(piece.groundColour().mixed(Colour.grey(1), LIGHTER)));
        }
    }

    /** A number of the way's, as it was the last time. */
    record Dialled(String dial, double value) implements PlanChange {
        @Override
        public String key() {
            return "dial %s %s".formatted(dial, Figures.plain(value));
        }

        @Override
        public String words(Piece piece) {
            return "%s %s".formatted(Figures.plain(value), dial);
        }

        @Override
        public Piece of(Piece piece) {
            Map<String, Double> dials = new HashMap<>(piece.design().manner().dials());
            dials.put(dial, value);
            Manner manner = piece.design().manner();
            return piece.with(piece.design().with(manner.set(manner.choices(), dials, manner.colours())));
        }
    }

    private static UnusableValue unknown(String key) {
        return new UnusableValue("change", key, "one that the page offers", "Open the page again and choose one of those that stand there.");
    }

    static PlanChange parse(String key) {
        Matcher m = Pattern.compile("(choose) ([a-z-]{1,40}) ([a-z0-9-]{1,40})|(way) ([a-z-]{1,40})|(lighten) (\\d{1,2})|(shift) (-?\\d{1,3}) (-?\\d{1,3})|(last)|(invert)|(ground)|(dial) ([a-z-]{1,40}) (\\d{1,4}(?:\\.\\d{1,2})?)").matcher(key);
        if (!m.matches()) {
            throw unknown(key);
        }
        return Optional.<PlanChange>empty()
                .or(() -> m.group(1) == null ? Optional.empty() : Optional.of(new Chosen(m.group(2), m.group(3))))
                .or(() -> m.group(4) == null ? Optional.empty() : Optional.of(new Another(m.group(5))))
                .or(() -> m.group(6) == null ? Optional.empty() : Optional.of(new Lightened(Integer.parseInt(m.group(7)))))
                .or(() -> m.group(8) == null ? Optional.empty() : Optional.of(new Shifted(Integer.parseInt(m.group(9)), Integer.parseInt(m.group(10)))))
                .or(() -> m.group(11) == null ? Optional.empty() : Optional.of(new Last()))
                .or(() -> m.group(12) == null ? Optional.empty() : Optional.of(new Inverted()))
                .or(() -> m.group(14) == null ? Optional.empty() : Optional.of(new Dialled(m.group(15), Double.parseDouble(m.group(16)))))
                .orElseGet(LighterGround::new);
    }
}
