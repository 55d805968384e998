package kindveil.studio.page.today;

import java.time.Instant;
import java.time.ZoneId;
import kindveil.studio.page.PageView;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import kindveil.making.Clock;
import kindveil.making.Making;
import kindveil.studio.page.HavingForm;
import kindveil.studio.page.Say;
import kindveil.studio.work.piece.Piece;
import kindveil.measure.Span;
import kindveil.studio.work.making.Meanwhile;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.sitting.Diary;
import kindveil.studio.page.bench.BenchView;
import kindveil.way.Act;
import kindveil.way.TellTale;
import org.jspecify.annotations.Nullable;

/**
 * Today, from what runs.
 *
 * @param now in milliseconds, for the clocks on the page
 * @param air in the studio
 * @param empty what is said where nothing waits, or empty
 * @param invite to a first piece, where there is none
 * @param apart what was set apart, in sentences
 * @param turning jars whose time comes
 * @param curing finished by now, and not ready for all of its uses yet
 */
record TodayView(String heading, String air, long now, String empty, @Nullable Invite invite, List<String> apart, List<Sentence> sentences, @Nullable Tonight tonight, WashLine line, Evening evening, List<Curing> curing, List<Turning> turning) implements PageView {
    /** Something the hands can do. */
    record Sentence(String when, String away, String title, String why, String href, boolean closing, long order, long from, long until, @Nullable Touch touch) {
        Sentence(String when, String away, String title, String why, String href, boolean closing, long order, long from, long until) {
            this(when, away, title, why, href, closing, order, from, until, null);
        }

        Sentence with(@Nullable Touch other) {
            return new Sentence(when, away, title, why, href, closing, order, from, until, other);
        }

        /** Where its link leads, in a word. */
        public String where() {
            return href.startsWith("/bench") ? "bench" : "plan";
        }
    }

    /** What can be felt of what dries, told from here. @param seq how many deeds were told @param open whether it was just told */
    record Touch(UUID making, int seq, List<BenchView.Tale> tales, boolean open) {
        static @Nullable Touch of(Followed f, Instant now, @Nullable UUID felt) {
            List<BenchView.Tale> tales = BenchView.Tale.of(f.making(), now).stream().filter(tale -> tale.tale().of() instanceof TellTale.Of.Drying).toList();
            return tales.isEmpty() ? null : new Touch(f.stored().id(), f.stored().told().size(), tales, f.stored().id().equals(felt));
        }
    }

    /** What was planned for today and is still to come. @param sheet where it stands to be printed */
    record Tonight(String heading, List<Planned> planned, String sheet) {
        /** One task of it. @param late whether its time is over */
        record Planned(String time, String piece, String words, boolean late) {
        }

        static @Nullable Tonight of(List<Diary.Kept> planned, Say say, ZoneId zone) {
            if (planned.isEmpty()) {
                return null;
            }
            Instant now = say.now();
            Instant until = planned.stream().map(Diary.Kept::end).max(Comparator.naturalOrder()).orElseThrow();
            return new Tonight("Today’s sitting, until " + say.time(until), planned.stream().map(kept -> new Planned(kept.at().atZone(zone).toLocalTime().toString(), kept.piece(), kept.words(), kept.at().isBefore(now))).toList(),
                    "/sittings/sheet?sitting=" + planned.stream().filter(kept -> !kept.at().isBefore(now)).findFirst().orElse(planned.getLast()).at().toEpochMilli());
        }
    }

    /** To a first piece. @param once so that what is sent twice is begun once @param ownName what a support of one's own is called, as it was typed; likewise {@code ownWeight} @param problems of what was sent */
    record Invite(UUID once, HavingForm form, String width, String ownName, String ownWeight, List<String> problems) {
        static Invite of(HavingForm form, Say say) {
            return new Invite(UUID.randomUUID(), form, say.usual(120, 5), "", "", List.of());
        }

        Invite refusing(List<String> problems, String name, String weight) {
            return new Invite(once, form, width, name, weight, problems);
        }
    }

    @Override
    public List<String> problems() {
        return invite == null ? List.of() : invite.problems;
    }

    /** A making with its piece, gone through once. */
    record Followed(StoredMaking stored, Making making, Piece piece, double aspect) {
        String name() {
            return stored.called(piece.title());
        }
    }

    /**
     * @param ready planned, and not begun
     * @param planned for today, in sittings
     * @param invite where there is no piece at all
     * @param felt the making of which something was just felt, or null
     */
    static TodayView of(List<Followed> followed, List<Piece> ready, List<Diary.Kept> planned, @Nullable Invite invite, List<String> apart, List<Curing> curing, List<Turning> turning, @Nullable UUID felt, Say say, ZoneId zone) {
        Instant now = say.now();
        List<Sentence> sentences = new ArrayList<>();
        List<Meanwhile> meanwhile = Meanwhile.of(followed.stream().map(Followed::stored).toList(), now);
        for (Followed f : followed) {
            Making making = f.making();
            if (f.stored().pull() != null && !f.stored().underWay()) {
                meanwhile.stream().filter(next -> next.next().id().equals(f.stored().id())).forEach(next -> sentences.add(sentence(f, next, say, now)));
                continue;
            }
            making.current().ifPresent(act -> sentences.add(sentence(f, act, making.clock().orElse(null), say, now).with(Touch.of(f, now, felt))));
            for (Clock.Running running : making.running()) {
                if (running.clock().closes()) {
                    sentences.add(sentence(f, running.act(), running.clock(), say, now));
                }
            }
        }
        for (Piece piece : ready) {
            sentences.add(new Sentence("any time", "", "Begin the " + piece.title().toLowerCase(java.util.Locale.ROOT), "It is planned and waits for you.",
                    "/pieces/" + piece.id() + "/make", false, Long.MAX_VALUE, 0, 0));
        }
        sentences.sort(Comparator.comparingLong(Sentence::order));
        String empty = !sentences.isEmpty() || invite != null ? "" : "Nothing is running and nothing waits.";
        return new TodayView(say.heading(), say.air(), now.toEpochMilli(), empty, invite, apart, sentences, Tonight.of(planned, say, zone), WashLine.of(followed, say, now), Evening.of(followed, now, zone), curing, turning);
    }

    /** The next pull of a series, begun while the others dry. */
    private static Sentence sentence(Followed f, Meanwhile next, Say say, Instant now) {
        String why = "%s of hands until it can be left. %s".formatted(Span.words(next.hands()), next.plateBusy() ? "Every gel plate is in use until the pull before it is lifted."
                : !next.fits(now) && next.bound() != null ? "Something else is too late at %s: after that.".formatted(say.time(next.bound())) : next.asks() == null ? "Nothing else asks for you." : "Another asks from %s.".formatted(say.time(next.asks())));
        boolean fits = next.fits(now);
        return new Sentence(fits ? "now" : next.plateBusy() || next.bound() == null ? "later" : "after " + say.time(next.bound()), "", "Begin " + f.name(), why.strip(), "/bench/" + f.stored().id(), false, fits ? now.toEpochMilli() + 1 : Long.MAX_VALUE - 1, 0, 0);
    }

    private static Sentence sentence(Followed f, Act act, @Nullable Clock clock, Say say, Instant now) {
        String href = "/bench/" + f.stored().id();
        String title = act.title() + " · " + f.name();
        if (clock == null) {
            return new Sentence("now", "", title, act.how(), href, false, now.toEpochMilli(), 0, 0);
        }
        Clock.Phase phase = clock.phase(now);
        boolean pressing = clock.closes() && phase != Clock.Phase.TOO_SOON;
        @Nullable Instant turning = pressing ? clock.gone() : clock.opens();
        String when = switch (phase) {
            case TOO_SOON -> clock.opens() == null ? "not in this air" : clock.contradicted() ? "feel it at " + say.time(clock.opens()) : "from " + say.time(clock.opens());
            case GOOD -> clock.closes() ? "by " + say.time(clock.gone()) : "now";
            case CLOSING -> "by " + say.time(clock.gone());
            case GONE -> "late";
        };
        String why = switch (phase) {
            case TOO_SOON -> clock.never() || clock.contradicted() ? clock.unusual()
                    : clock.advised() != null && clock.advised().isAfter(clock.opens()) ? "First check then; safe from %s. %s".formatted(say.time(clock.advised()), clock.why()) : clock.why();
            case GOOD, CLOSING -> clock.why();
            case GONE -> "It was to be done by %s. Look whether it still gives, and tell the bench.".formatted(say.time(clock.gone()));
        };
        return new Sentence(when, turning == null || phase == Clock.Phase.GOOD && !clock.closes() ? "" : say.away(turning), title, why, href,
                phase == Clock.Phase.CLOSING || phase == Clock.Phase.GONE, turning == null ? Long.MAX_VALUE - 2 : turning.toEpochMilli() - (pressing ? 1 : 0), turning == null ? 0 : clock.opens().toEpochMilli(),
                clock.closes() ? clock.gone().toEpochMilli() : 0);
    }
}
