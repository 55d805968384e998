package kindveil.studio.archive;

import java.time.Instant;
import java.time.LocalTime;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import kindveil.drying.Night;
import kindveil.light.Colour;
import kindveil.making.Deed;
import kindveil.making.Sign;
import kindveil.measure.Length;
import kindveil.studio.store.form.BookForm;
import kindveil.studio.store.form.DesignForm;
import kindveil.studio.store.form.DiaryForm;
import kindveil.studio.store.form.JarForm;
import kindveil.studio.store.form.JudgedForm;
import kindveil.studio.store.form.OwnedForm;
import kindveil.studio.store.form.PlanForm;
import kindveil.studio.store.form.SupportForm;
import kindveil.studio.store.form.TeachingForm;
import kindveil.studio.store.form.Vocabulary;
import kindveil.studio.work.book.StudioBook;
import kindveil.studio.work.jar.Drawn;
import kindveil.studio.work.jar.StudioJar;
import kindveil.studio.work.log.LogEntry;
import kindveil.studio.work.making.Pull;
import kindveil.studio.work.making.Replan;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.making.ToldDeed;
import kindveil.studio.work.picture.StoredPicture;
import kindveil.studio.work.piece.Basis;
import kindveil.studio.work.piece.Page;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.Veil;
import kindveil.studio.work.room.ToldRoom;
import kindveil.way.ActId;
import kindveil.way.Base;
import org.jspecify.annotations.Nullable;

/**
 * What stands in {@code studio.json}. Lengths in nm, times as ISO 8601 instants, colours linear sRGB; words are those of
 * {@code store.form}, which outlive the program's own names.
 *
 * @param version of this form
 * @param written when, by the studio's clock
 * @param diary when hands are free and what is planned, where all of the studio is in it
 * @param teaching what is learned from, likewise
 */
record ArchiveForm(String format, int version, Instant written, List<PieceForm> pieces, List<MakingForm> makings, List<EntryForm> entries, List<OwnedForm> owned, List<AirForm> air,
        @Nullable DiaryForm diary, @Nullable TeachingForm teaching, List<BookRow> books, List<JarRow> jars, List<DrawnForm> drawn, List<PictureForm> pictures) {
    static final String FORMAT = "kind-veil-archive";
    static final int VERSION = 1;

    /** What is left out is none. */
    ArchiveForm {
        pieces = Objects.requireNonNullElse(pieces, List.of());
        makings = Objects.requireNonNullElse(makings, List.of());
        entries = Objects.requireNonNullElse(entries, List.of());
        owned = Objects.requireNonNullElse(owned, List.of());
        air = Objects.requireNonNullElse(air, List.of());
        books = Objects.requireNonNullElse(books, List.of());
        jars = Objects.requireNonNullElse(jars, List.of());
        drawn = Objects.requireNonNullElse(drawn, List.of());
        pictures = Objects.requireNonNullElse(pictures, List.of());
    }

    record PieceForm(UUID id, String title, Instant created, String support, @Nullable SupportForm ownSupport, String ground, double[] groundColour, @Nullable UUID groundPicture, @Nullable Long pageWidth, @Nullable Long pageHeight,
            List<VeilForm> veils) {
        static PieceForm of(Piece piece) {
            Basis basis = piece.basis();
            return new PieceForm(piece.id(), piece.title(), piece.created(), basis.base().support().id(), SupportForm.own(basis.base().support()), Vocabulary.GROUND.of(basis.base().ground()),
                    new double[] {basis.colour().red(), basis.colour().green(), basis.colour().blue()}, basis.photographId(), basis.page().map(page -> page.width().nanometres()).orElse(null),
                    basis.page().map(page -> page.height().nanometres()).orElse(null), piece.veils().stream().map(VeilForm::of).toList());
        }

        Piece piece() {
            Page page = pageWidth == null || pageHeight == null ? null : new Page(new Length(pageWidth), new Length(pageHeight));
            Basis basis = new Basis(new Base(SupportForm.read(support, ownSupport), Vocabulary.GROUND.read(ground)), new Colour(groundColour[0], groundColour[1], groundColour[2]), groundPicture, page);
            return new Piece(id, 0, title, created, basis, veils.stream().map(VeilForm::veil).toList(), 0);
        }
    }

    record VeilForm(@Nullable UUID picture, long right, long down, DesignForm design) {
        static VeilForm of(Veil veil) {
            return new VeilForm(veil.picture(), veil.x().nanometres(), veil.y().nanometres(), DesignForm.of(veil.design()));
        }

        Veil veil() {
            return new Veil(picture, new Length(right), new Length(down), design.design());
        }
    }

    record MakingForm(UUID id, UUID piece, Instant begun, PlanForm plan, List<DeedForm> deeds, List<SignForm> signs, boolean laidAside, @Nullable PullForm pull, @Nullable String result, List<ReplanForm> replans) {
        /** An archive from before there were signs, or changes of a plan, has none. */
        MakingForm {
            signs = Objects.requireNonNullElse(signs, List.of());
            replans = Objects.requireNonNullElse(replans, List.of());
        }

        static MakingForm of(StoredMaking making) {
            return new MakingForm(making.id(), making.piece(), making.begun(), PlanForm.of(making.plan()), making.told().stream().map(DeedForm::of).toList(), making.signs().stream().map(SignForm::of).toList(), making.laidAside(),
                    making.pull() == null ? null : new PullForm(making.pull().series(), making.pull().number(), making.pull().plates()), making.result() == null ? null : Vocabulary.RESULT.of(making.result()),
                    making.replans().stream().map(replan -> new ReplanForm(replan.after(), replan.at(), replan.words(), PlanForm.of(replan.plan()))).toList());
        }

        /** In the air that was told while it was made. */
        StoredMaking making(List<ToldRoom> air) {
            return new StoredMaking(id, piece, begun, plan.begun(), deeds.stream().map(DeedForm::deed).toList(), signs.stream().map(SignForm::sign).toList(), air, laidAside,
                    pull == null ? null : new Pull(pull.series, pull.number, pull.plates), result == null ? null : Vocabulary.RESULT.read(result),
                    replans.stream().map(replan -> new Replan(replan.after, replan.at, replan.words, replan.plan.begun())).toList());
        }
    }

    /** A plan changed while it was made. */
    record ReplanForm(int after, Instant at, String words, PlanForm plan) {
    }

    record PullForm(UUID series, int number, int plates) {
    }

    record DeedForm(String act, int answer, Instant at, Instant told, boolean assumed, boolean againstAdvice, @Nullable Instant since) {
        static DeedForm of(ToldDeed told) {
            return new DeedForm(told.deed().act().toString(), told.deed().answer(), told.deed().at(), told.told(), told.deed().assumed(), told.againstAdvice(), told.deed().since());
        }

        ToldDeed deed() {
            return new ToldDeed(new Deed(ActId.parse(act), answer, at, assumed, since), told, againstAdvice);
        }
    }

    record SignForm(String act, String tale, int reply, Instant at) {
        static SignForm of(Sign sign) {
            return new SignForm(sign.act().toString(), Vocabulary.TELL_TALE.of(sign.tale()), sign.reply(), sign.at());
        }

        Sign sign() {
            return new Sign(ActId.parse(act), Vocabulary.TELL_TALE.read(tale), reply, at);
        }
    }

    record EntryForm(UUID id, int revision, UUID piece, @Nullable UUID making, Instant written, String verdict, String came, String different, @Nullable String tack, @Nullable String fibre,
            @Nullable Double stretch, String byProducts, @Nullable String cause, JudgedForm judged, @Nullable UUID photo, boolean struck) {
        static EntryForm of(LogEntry entry) {
            LogEntry.Findings found = entry.findings();
            return new EntryForm(entry.id(), entry.revision(), entry.piece(), entry.making(), entry.written(), Vocabulary.VERDICT.of(entry.verdict()), entry.came(), entry.different(),
                    found.tack() == null ? null : Vocabulary.TACK.of(found.tack()), found.fibre() == null ? null : Vocabulary.FIBRE.of(found.fibre()), found.stretch(), found.byProducts(),
                    found.cause() == null ? null : Vocabulary.CAUSE.of(found.cause()), JudgedForm.of(entry.judged()), entry.photo(), entry.struck());
        }

        LogEntry entry() {
            LogEntry.Findings found = new LogEntry.Findings(tack == null ? null : Vocabulary.TACK.read(tack), fibre == null ? null : Vocabulary.FIBRE.read(fibre), stretch, byProducts,
                    cause == null ? null : Vocabulary.CAUSE.read(cause));
            return new LogEntry(id, revision, piece, making, written, Vocabulary.VERDICT.read(verdict), came, different, found, judged.judged(), photo, struck);
        }
    }

    /** A jar of something mixed. */
    record JarRow(UUID id, Instant made, JarForm jar) {
        static JarRow of(StudioJar jar) {
            return new JarRow(jar.id(), jar.made(), JarForm.of(jar));
        }

        StudioJar told() {
            return jar.jar(id, 0, made);
        }
    }

    /** What was taken out of a jar or a lot: ml, or mm of tape. @param by the making whose deed took it, or the jar mixed of it */
    record DrawnForm(UUID by, int seq, int row, String product, @Nullable UUID lot, @Nullable UUID jar, double amount, Instant at) {
        static DrawnForm of(Drawn drawn) {
            return new DrawnForm(drawn.by(), drawn.seq(), drawn.row(), drawn.product(), drawn.lot(), drawn.jar(), drawn.amount(), drawn.at());
        }

        Drawn told() {
            return new Drawn(by, seq, row, product, lot, jar, amount, at);
        }
    }

    /** A bound book. */
    record BookRow(UUID id, Instant begun, BookForm book) {
        static BookRow of(StudioBook book) {
            return new BookRow(book.id(), book.begun(), BookForm.of(book));
        }

        StudioBook told() {
            return book.book(id, 0, begun);
        }
    }

    /** @param cooler at night by so many degrees, from and to a time of day; nothing in archives of before */
    record AirForm(Instant at, double celsius, double percent, @Nullable Double cooler, @Nullable String nightFrom, @Nullable String nightTo) {
        static AirForm of(ToldRoom told) {
            return new AirForm(told.at(), told.celsius(), told.percent(), told.night().cooler(), told.night().from().toString(), told.night().to().toString());
        }

        ToldRoom told() {
            return new ToldRoom(at, celsius, percent, cooler == null || nightFrom == null || nightTo == null ? Night.ALIKE : new Night(cooler, LocalTime.parse(nightFrom), LocalTime.parse(nightTo)));
        }
    }

    /** @param file its place in the ZIP */
    record PictureForm(UUID id, String name, int width, int height, Instant added, String file) {
        static PictureForm of(StoredPicture picture) {
            return new PictureForm(picture.id(), picture.name(), picture.width(), picture.height(), picture.added(), "pictures/" + picture.id());
        }

        StoredPicture picture() {
            return new StoredPicture(id, name, width, height, added);
        }
    }
}
