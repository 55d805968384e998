package kindveil.studio.archive;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import kindveil.studio.archive.ArchiveForm.AirForm;
import kindveil.studio.archive.ArchiveForm.BookRow;
import kindveil.studio.archive.ArchiveForm.DrawnForm;
import kindveil.studio.archive.ArchiveForm.EntryForm;
import kindveil.studio.archive.ArchiveForm.JarRow;
import kindveil.studio.archive.ArchiveForm.MakingForm;
import kindveil.studio.archive.ArchiveForm.PictureForm;
import kindveil.studio.archive.ArchiveForm.PieceForm;
import kindveil.studio.intake.PictureIntake;
import kindveil.studio.store.form.DiaryForm;
import kindveil.studio.store.form.Json;
import kindveil.studio.store.form.OwnedForm;
import kindveil.studio.store.form.TeachingForm;
import kindveil.studio.store.form.Unreadable;
import kindveil.studio.work.Beside;
import kindveil.studio.work.learning.Teaching;
import kindveil.studio.work.learning.Teachings;
import kindveil.studio.work.DiskRoom;
import kindveil.studio.work.book.Books;
import kindveil.studio.work.jar.Jars;
import kindveil.studio.work.log.Log;
import kindveil.studio.work.log.LogEntry;
import kindveil.studio.work.making.MakingLine;
import kindveil.studio.work.making.Makings;
import kindveil.studio.work.making.Pull;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.picture.Pictures;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Pieces;
import kindveil.studio.work.piece.Veil;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.shelf.Lineage;
import kindveil.studio.work.shelf.Owned;
import kindveil.studio.work.shelf.Print;
import kindveil.studio.work.shelf.Shelf;
import kindveil.studio.work.sitting.Diaries;
import kindveil.studio.work.sitting.Diary;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes the studio, or pieces of it, into an archive; takes one in. */
@Service
@Transactional
public class ArchiveWork {
    private static final String FROM_ARCHIVE = ", from an archive";
    private static final int LONGEST_TITLE = 120;
    private static final long MEGABYTE = 1_000_000;
    private final Pieces pieces;
    private final PieceWork work;
    private final Makings makings;
    private final Log log;
    private final Pictures pictures;
    private final Rooms rooms;
    private final Shelf shelf;
    private final Diaries diaries;
    private final Teachings teachings;
    private final Clock clock;
    private final Books books;
    private final Jars jars;
    private final DiskRoom room;

    ArchiveWork(Pieces pieces, PieceWork work, Makings makings, Log log, Pictures pictures, Rooms rooms, Shelf shelf, Diaries diaries, Teachings teachings, Clock clock, Books books, Jars jars, DiskRoom room) {
        this.room = room;
        this.jars = jars;
        this.books = books;
        this.pieces = pieces;
        this.work = work;
        this.makings = makings;
        this.log = log;
        this.pictures = pictures;
        this.rooms = rooms;
        this.shelf = shelf;
        this.diaries = diaries;
        this.teachings = teachings;
        this.clock = clock;
    }

    /**
     * What came of taking an archive in.
     *
     * @param added titles of pieces that were not here
     * @param same titles of pieces that were here as they are
     * @param differing titles of pieces that were here otherwise, and are now here twice
     */
    public record Taken(List<String> added, List<String> same, List<String> differing, int makings, int entries, int pictures) {
    }

    // --- out

    /** @param chosen pieces; all of the studio for none */
    @Transactional(readOnly = true)
    public void write(Collection<UUID> chosen, OutputStream to) {
        List<Piece> of = chosen.isEmpty() ? pieces.all() : pieces.all(chosen);
        List<StoredMaking> made = of.stream().flatMap(piece -> makings.ofPiece(piece.id()).stream()).map(MakingLine::id).flatMap(id -> makings.find(id).stream()).toList();
        List<LogEntry> written = of.stream().flatMap(piece -> log.ofPiece(piece.id()).stream()).flatMap(entry -> log.history(entry.id()).stream()).toList();
        Set<UUID> named = new LinkedHashSet<>();
        of.forEach(piece -> {
            piece.veils().stream().map(Veil::picture).filter(Objects::nonNull).forEach(named::add);
            piece.basis().photograph().ifPresent(named::add);
        });
        written.forEach(entry -> Stream.of(entry.photo(), entry.judged().foreseen()).filter(Objects::nonNull).forEach(named::add));
        List<Owned> owned = chosen.isEmpty() ? shelf.kept().read() : List.of();
        Owned.of(owned, Print.class).stream().flatMap(print -> print.from().stream()).map(Lineage::picture).forEach(named::add);
        ArchiveForm form = new ArchiveForm(ArchiveForm.FORMAT, ArchiveForm.VERSION, clock.instant(), of.stream().map(PieceForm::of).toList(), made.stream().map(MakingForm::of).toList(),
                written.stream().map(EntryForm::of).toList(), owned.stream().map(OwnedForm::of).toList(),
                rooms.since(made.stream().map(StoredMaking::begun).min(Comparator.naturalOrder()).orElse(clock.instant())).stream().map(AirForm::of).toList(),
                chosen.isEmpty() ? DiaryForm.of(diaries.now()) : null, chosen.isEmpty() ? TeachingForm.of(teachings.now()) : null, chosen.isEmpty() ? books.kept().read().stream().map(BookRow::of).toList() : List.of(), chosen.isEmpty() ? jars.kept().read().stream().map(JarRow::of).toList() : List.of(),
                chosen.isEmpty() ? jars.drawn().stream().map(DrawnForm::of).toList() : List.of(), pictures.all(named).values().stream().map(PictureForm::of).sorted(Comparator.comparing(PictureForm::id)).toList());
        try {
            ArchiveFile.write(form, pictures::original, to);
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    // --- in

    /** Takes one in; refused whole, in words, where anything of it cannot be. */
    public Taken take(InputStream from) {
        try (Beside beside = Beside.open()) {
            Path copy = beside.folder().resolve("archive.zip");
            Files.copy(from, copy);
            try (ArchiveFile file = ArchiveFile.read(copy)) {
                if (!room.isThereFor(file.pictured())) {
                    throw ArchiveFile.refused("its pictures take %d MB, and the disk has %d left".formatted(file.pictured() / MEGABYTE, room.left() / MEGABYTE));
                }
                return Json.guarded(() -> new Taking(file).all());
            }
        } catch (Unreadable broken) {
            throw ArchiveFile.refused(String.valueOf(broken.getMessage()));
        } catch (IOException unread) {
            throw ArchiveFile.refused("it could not be read to its end");
        }
    }

    /** One archive on its way in. */
    private final class Taking {
        private final ArchiveFile file;
        private final boolean empty = pieces.none();
        private final Map<UUID, UUID> renamed = new HashMap<>();
        private final List<String> added = new ArrayList<>();
        private final List<String> same = new ArrayList<>();
        private final List<String> differing = new ArrayList<>();
        private int entries;

        Taking(ArchiveFile file) {
            this.file = file;
        }

        Taken all() throws UncheckedIOException {
            int pictured = takePictures();
            ArchiveForm form = file.form();
            // the air of another studio belongs to its own makings; where there are none, it is this one's past
            if (empty) {
                rooms.remember(form.air().stream().map(AirForm::told).toList());
            }
            takeEvenings(form);
            form.owned().stream().filter(owned -> shelf.find(owned.id()).isEmpty()).forEach(owned -> shelf.keep(owned.owned()));
            form.pieces().forEach(this::take);
            form.books().stream().filter(book -> books.find(book.id()).isEmpty()).forEach(book -> books.add(book.told()));
            // what was drawn belongs to jars and lots as they stood there: it is taken with them, or not at all
            Set<UUID> fresh = new HashSet<>();
            form.jars().stream().filter(jar -> jars.find(jar.id()).isEmpty()).forEach(jar -> {
                jars.add(jar.told());
                fresh.add(jar.id());
            });
            jars.draw(form.drawn().stream().map(DrawnForm::told).filter(drawn -> empty || drawn.jar() != null && fresh.contains(drawn.jar())).toList());
            int made = (int) form.makings().stream().filter(this::take).count();
            takeEntries(form.entries());
            return new Taken(added, same, differing, made, entries, pictured);
        }

        /** What is said here of one's evenings, and of what is learned from, stays. */
        private void takeEvenings(ArchiveForm form) {
            Diary diary = diaries.now();
            if (empty && form.diary() != null && diary.saysNothing()) {
                diaries.replace(form.diary().diary(diary.version()));
            }
            Teaching teaching = teachings.now();
            if (empty && form.teaching() != null && teaching.equals(Teaching.ALL.at(teaching.version()))) {
                teachings.replace(form.teaching().teaching(teaching.version()));
            }
        }

        private int takePictures() {
            int taken = 0;
            for (PictureForm picture : file.form().pictures()) {
                if (pictures.find(picture.id()).isEmpty()) {
                    try {
                        byte[] bytes = file.picture(picture);
                        PictureIntake.read(picture.name(), bytes);
                        pictures.keep(picture.picture(), bytes);
                        taken++;
                    } catch (IOException e) {
                        throw new UncheckedIOException(e);
                    }
                }
            }
            return taken;
        }

        private void take(PieceForm form) {
            Piece piece = form.piece();
            Optional<Piece> here = pieces.find(form.id());
            if (here.isPresent() && Json.write(PieceForm.of(here.get())).equals(Json.write(form))) {
                same.add(piece.title());
                return;
            }
            PieceWork.title(piece.title());
            Piece taken = piece;
            if (here.isPresent()) {
                UUID other = UUID.randomUUID();
                renamed.put(form.id(), other);
                String title = piece.title().length() + FROM_ARCHIVE.length() > LONGEST_TITLE ? piece.title() : piece.title() + FROM_ARCHIVE;
                taken = new Piece(other, 0, title, piece.created(), piece.basis(), piece.veils(), 0);
            }
            work.plan(taken);
            pieces.add(taken);
            (here.isPresent() ? differing : added).add(piece.title());
        }

        private UUID piece(UUID id) {
            return renamed.getOrDefault(id, id);
        }

        /** True where it was not here. */
        private boolean take(MakingForm form) {
            boolean otherPiece = renamed.containsKey(form.piece());
            Optional<StoredMaking> here = makings.find(form.id());
            if (here.isPresent() && !otherPiece && Json.write(MakingForm.of(here.get())).equals(Json.write(form))) {
                return false;
            }
            UUID id = here.isPresent() ? UUID.randomUUID() : form.id();
            if (here.isPresent()) {
                renamed.put(form.id(), id);
            }
            StoredMaking making = form.making(file.form().air().stream().map(AirForm::told).filter(air -> !air.at().isBefore(form.begun())).toList());
            // the pulls of a series that was here already stay a series of their own
            Pull pull = making.pull() == null || here.isEmpty() ? making.pull() : new Pull(renamed.computeIfAbsent(making.pull().series(), series -> UUID.randomUUID()), making.pull().number(), making.pull().plates());
            makings.add(new StoredMaking(id, piece(form.piece()), making.begun(), making.plan(), making.told(), making.signs(), making.rooms(), making.laidAside() || here.isPresent(), pull, making.result(), making.replans()));
            return true;
        }

        private void takeEntries(List<EntryForm> forms) {
            Map<UUID, List<EntryForm>> each = new java.util.LinkedHashMap<>();
            forms.forEach(form -> each.computeIfAbsent(form.id(), id -> new ArrayList<>()).add(form));
            each.forEach((id, revisions) -> {
                List<LogEntry> here = log.find(id).isPresent() ? log.history(id) : List.of();
                boolean otherPiece = renamed.containsKey(revisions.getFirst().piece());
                if (!here.isEmpty() && !otherPiece && here.stream().map(EntryForm::of).map(Json::write).toList().equals(revisions.stream().map(Json::write).toList())) {
                    return;
                }
                UUID as = here.isEmpty() ? id : UUID.randomUUID();
                revisions.stream().map(EntryForm::entry).forEach(entry -> log.add(new LogEntry(as, entry.revision(), piece(entry.piece()),
                        entry.making() == null ? null : renamed.getOrDefault(entry.making(), entry.making()), entry.written(), entry.verdict(), entry.came(), entry.different(), entry.findings(),
                        entry.judged(), entry.photo(), entry.struck())));
                entries++;
            });
        }
    }
}
