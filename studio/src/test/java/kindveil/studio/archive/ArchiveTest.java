package kindveil.studio.archive;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import kindveil.studio.store.form.DesignForm;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import java.time.Duration;
import java.time.LocalTime;
import kindveil.drying.Night;
import kindveil.finish.BookReading;
import kindveil.studio.work.book.BookWork;
import kindveil.studio.work.book.StudioBook;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.room.StudioRoom;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.stream.Stream;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.sitting.Hours;
import kindveil.studio.store.form.OwnedForm;
import kindveil.studio.store.form.DiaryForm;
import kindveil.studio.store.form.TeachingForm;
import kindveil.studio.work.sitting.Diaries;
import kindveil.studio.work.sitting.Diary;
import kindveil.studio.work.learning.LearnWork;
import kindveil.studio.work.log.Log;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.picture.Pictures;
import kindveil.studio.work.look.ReadsWork;
import kindveil.making.Replanning;
import kindveil.studio.work.log.Results;
import kindveil.studio.work.making.MakingLine;
import kindveil.studio.work.making.ReplanWork;
import kindveil.studio.work.making.Result;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.sheet.RealWork;
import kindveil.studio.work.stock.Prints;
import org.junit.jupiter.api.Test;

class ArchiveTest {
    private static byte[] archive(Studio studio, UUID... chosen) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        studio.bean(ArchiveWork.class).write(Arrays.asList(chosen), out);
        return out.toByteArray();
    }

    private static ArchiveWork.Taken take(Studio studio, byte[] archive) {
        return studio.bean(ArchiveWork.class).take(new ByteArrayInputStream(archive));
    }

    /** A piece of two veils in the middle of a making, with an entry written and corrected. */
    private static Piece laid(Studio studio, String title) {
        Web web = new Web(studio.address());
        PieceWork pieces = studio.bean(PieceWork.class);
        Piece piece = pieces.begin(title, Length.ofMillimetres(90), "oar.png", Samples.cornerPng());
        pieces.add(piece, kindveil.catalogue.Catalogue.way("tape-lift"), "stub.png", Samples.encoded(Samples.corner(300, 200), "jpeg"));
        String bench = web.post("/pieces/" + piece.id() + "/make", Map.of()).path();
        for (int seq = 0; seq < 4; seq++) {
            web.post(bench + "/tell", Map.of("seq", String.valueOf(seq), "answer", "0", "ago", "0"));
        }
        web.post("/room", Map.of("version", "-1", "degrees", "17", "percent", "61", "units", "METRIC"));
        UUID entry = UUID.randomUUID();
        web.uploads("/pieces/" + piece.id() + "/notes", Map.of("once", entry.toString(), "verdict", "NEARLY", "came", "A ghost."), Map.of("photo", Samples.cornerPng()));
        studio.bean(LogWork.class).strike(entry, 0, true);
        return pieces.get(piece.id());
    }

    private static List<String> seen(Studio studio, UUID piece) {
        Web web = new Web(studio.address());
        String bench = "/bench/" + studio.bean(MakeWork.class).ofPiece(piece).getFirst().id();
        // however long that takes on a busy machine
        Piece both = studio.bean(PieceWork.class).get(piece);
        both.veils().forEach(veil -> studio.bean(ReadsWork.class).gains(both.at(both.veils().indexOf(veil) + 1)));
        // an act told minutes ago can be told as done between; how long a test takes is not compared
        // what was changed since a studio was opened is that studio's own
        return List.of(web.get("/pieces/" + piece + "/build?foresee=true").words().replace("Take back the last change ", ""), web.get("/pieces/" + piece + "/veils/2/build?foresee=true").words().replace("Take back the last change ", ""), web.get("/pieces/" + piece + "/make").words(),
                web.get(bench).words().replaceAll("\\d\\d:\\d\\d", "…").replaceAll("I did it earlier .*? was done then ", ""), web.get("/pieces/" + piece + "/notes").words());
    }

    @Test
    void archive_intoAnEmptyStudio_bringsEverythingBack_andTwiceItIsTheSame() throws IOException {
        byte[] file;
        UUID id;
        List<String> pages;
        byte[] original;
        Diary evenings;
        Instant since;
        StudioBook book;
        try (Studio from = OpenStudio.open("jdbc:h2:mem:from;DB_CLOSE_DELAY=-1")) {
            Piece piece = laid(from, "Oar");
            id = piece.id();
            pages = seen(from, id);
            original = from.bean(Pictures.class).original(piece.at(2).picture());
            Diaries diaries = from.bean(Diaries.class);
            diaries.replace(diaries.now().saying(Hours.parse("every Fri 18-20", from.clock().instant().atZone(from.clock().getZone()).toLocalDate()), null, List.of(id)));
            evenings = diaries.now();
            LearnWork learning = from.bean(LearnWork.class);
            learning.use(learning.taught().teaching().version(), true);
            learning.forget(learning.taught().teaching().version());
            since = learning.taught().teaching().since();
            book = from.bean(BookWork.class).begin(UUID.randomUUID(), "Landing journal", new BookReading.Book(24, 160, 6));
            from.bean(BookWork.class).change(book.laying(id, 5));
            rooms(from);
            file = archive(from);
        }
        try (Studio to = OpenStudio.open("jdbc:h2:mem:to;DB_CLOSE_DELAY=-1")) {
            new Web(to.address()).post("/room", Map.of("version", "-1", "degrees", "17", "percent", "61", "units", "METRIC"));
            LearnWork learning = to.bean(LearnWork.class);
            learning.use(learning.taught().teaching().version(), true);
            ArchiveWork.Taken taken = take(to, file);
            assertEquals(new ArchiveWork.Taken(List.of("Oar"), List.of(), List.of(), 1, 1, taken.pictures()), taken);
            assertEquals(evenings, to.bean(Diaries.class).now().at(evenings.version()), "when hands are free");
            assertEquals(since, learning.taught().teaching().since(), "what is learned from");
            assertEquals(Map.of(5, id), to.bean(BookWork.class).get(book.id()).pages(), "books");
            assertEquals(new Night(4, LocalTime.of(21, 0), LocalTime.of(6, 30)), to.bean(Rooms.class).since(from(id, to)).getFirst().night(), "nights");
            Diary said = to.bean(Diaries.class).now().without(id);
            to.bean(Diaries.class).replace(said);
            assertEquals(pages, seen(to, id));
            assertArrayEquals(original, to.bean(Pictures.class).original(to.bean(PieceWork.class).get(id).at(2).picture()));
            assertEquals(2, to.bean(Log.class).history(to.bean(Log.class).all().getFirst().id()).size(), "every revision");

            assertEquals(new ArchiveWork.Taken(List.of(), List.of("Oar"), List.of(), 0, 0, 0), take(to, file), "taken again it is the same");
            assertEquals(List.of(), to.bean(Diaries.class).now().pieces(), "what is said here stays");
            assertEquals(1, to.bean(PieceWork.class).all().size());

            Piece here = to.bean(PieceWork.class).get(id);
            to.bean(PieceWork.class).change(here.with(here.design().withSize(Length.ofMillimetres(70))));
            ArchiveWork.Taken differing = take(to, file);
            assertEquals(List.of("Oar"), differing.differing());
            assertEquals(List.of(70.0, 90.0), to.bean(PieceWork.class).all().stream().map(piece -> piece.design().printWidth().millimetres()).sorted().toList(), "both are kept");
            assertEquals(2, to.bean(LogWork.class).all().size());

            Web.Answer page = new Web(to.address()).upload("/archive", Map.of(), "archive", "oar.kind-veil.zip", archive(to, id));
            assertTrue(page.words().contains("One piece here already, just so Oar"), page.words());
        }
    }

    @Test
    void series_goesAlongWithWhatCame_andWithItsChangedPlan() {
        byte[] file;
        List<Prints.Stack> stacks;
        StoredMaking first;
        UUID piece;
        try (Studio from = OpenStudio.open("jdbc:h2:mem:series;DB_CLOSE_DELAY=-1")) {
            MakeWork makings = from.bean(MakeWork.class);
            piece = from.bean(PieceWork.class).begin("Stub", Length.ofMillimetres(60), "stub.png", Samples.cornerPng()).id();
            UUID id = makings.begin(piece, 3, 2).id();
            Replanning.Open open = from.bean(ReplanWork.class).open(makings.get(id)).stream().filter(one -> !one.options().isEmpty()).findFirst().orElseThrow();
            from.bean(ReplanWork.class).replan(id, 0, open.part(), open.key(), open.options().getFirst().key(), null);
            while (!makings.get(id).making().finished()) {
                makings.tell(id, makings.get(id).told().size(), makings.get(id).making().current().orElseThrow().expected(), 0, true);
            }
            from.bean(Results.class).came(id, Result.GHOST);
            first = makings.get(id);
            from.bean(RealWork.class).take(from.bean(PieceWork.class).plan(from.bean(PieceWork.class).get(piece)), 4);
            stacks = from.bean(Prints.class).all();
            file = archive(from);
        }
        try (Studio to = OpenStudio.open("jdbc:h2:mem:series-to;DB_CLOSE_DELAY=-1")) {
            take(to, file);
            MakeWork makings = to.bean(MakeWork.class);
            StoredMaking there = makings.get(first.id());
            assertEquals(first.pull(), there.pull());
            assertEquals(Result.GHOST, there.result());
            assertEquals(first.replans().getFirst().words(), there.replans().getFirst().words());
            assertEquals(first.now().plan().acts(), there.now().plan().acts());
            assertEquals(3, makings.pulls(there).size());
            assertEquals(List.of("Stub, pull 1"), to.bean(Prints.class).pulls().stream().map(kept -> kept.owned().name()).toList());
            assertEquals(stacks.stream().map(Prints.Stack::owned).toList(), to.bean(Prints.class).all().stream().map(Prints.Stack::owned).toList(), "prints with their lineage");
            assertEquals(List.of(4, 1), to.bean(Prints.class).all().stream().map(Prints.Stack::left).toList());
            Piece here = to.bean(PieceWork.class).get(piece);
            to.bean(PieceWork.class).change(here.with(here.design().withSize(Length.ofMillimetres(70))));
            take(to, file);
            Piece copy = to.bean(PieceWork.class).all().stream().filter(one -> !one.id().equals(piece)).findFirst().orElseThrow();
            List<MakingLine> copied = makings.ofPiece(copy.id());
            assertEquals(3, copied.size());
            assertEquals(1, copied.stream().map(line -> line.pull().series()).distinct().count(), "a series of its own");
            assertFalse(copied.getFirst().pull().series().equals(first.pull().series()));
            assertEquals(3, makings.pulls(there).size(), "and the one here is left as it was");
        }
    }

    @Test
    void archive_isReadByAPersonWithoutUs() throws IOException {
        try (Studio studio = OpenStudio.open("jdbc:h2:mem:read;DB_CLOSE_DELAY=-1")) {
            Piece piece = laid(studio, "Rowlock");
            try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive(studio, piece.id())))) {
                assertEquals("studio.json", zip.getNextEntry().getName());
                String json = new String(zip.readAllBytes(), StandardCharsets.UTF_8);
                assertTrue(json.contains("\"format\" : \"kind-veil-archive\"") && json.contains("\"title\" : \"Rowlock\"") && json.contains("\"way\" : \"tape-lift\"") && json.contains("\"came\" : \"A ghost.\""), json);
                assertTrue(zip.getNextEntry().getName().startsWith("pictures/"));
                assertTrue(List.of(600, 300, 400).contains(kindveil.studio.intake.PictureIntake.read("first", zip.readAllBytes()).getWidth()));
            }
        }
    }

    @Test
    void archive_ofTickedPieces_holdsThoseAlone() throws IOException {
        try (Studio studio = OpenStudio.open("jdbc:h2:mem:ticked;DB_CLOSE_DELAY=-1")) {
            List<UUID> all = Stream.of("Oar", "Rope", "Gauge").map(title -> studio.bean(PieceWork.class).begin(title, Length.ofMillimetres(90), "oar.png", Samples.cornerPng()).id()).toList();
            Web web = new Web(studio.address());
            all.forEach(id -> assertTrue(web.get("/pieces").text().contains("name=\"piece\" value=\"" + id), "each can be ticked"));
            byte[] two = web.bytes("/archive.zip?piece=%s&piece=%s".formatted(all.get(0), all.get(2)));
            try (Studio other = OpenStudio.open("jdbc:h2:mem:ticked-into;DB_CLOSE_DELAY=-1")) {
                assertEquals(List.of("Gauge", "Oar"), take(other, two).added().stream().sorted().toList());
            }
            assertEquals(404, web.get("/archive.zip?piece=" + UUID.randomUUID()).status());
        }
    }

    /** The archive of each released version goes on being taken in. */
    @Test
    void frozenArchives_areTakenIn() throws IOException {
        try (Studio studio = OpenStudio.open("jdbc:h2:mem:frozen-archive;DB_CLOSE_DELAY=-1")) {
            ArchiveWork.Taken taken = take(studio, Files.readAllBytes(Path.of("src/test/resources/frozen/archive-1.kind-veil.zip")));
            assertEquals(List.of("Oar"), taken.added());
            assertEquals(1, taken.makings());
            Piece piece = studio.bean(PieceWork.class).all().getFirst();
            assertEquals(List.of("gel-lay", "tape-lift"), piece.veils().stream().map(veil -> veil.design().way()).toList());
            assertEquals(4, studio.bean(MakeWork.class).newest(piece.id()).orElseThrow().told().size());
            assertTrue(studio.bean(LogWork.class).all().getFirst().struck());
            assertEquals(200, new Web(studio.address()).get("/pieces/" + piece.id() + "/build").status());
        }
    }

    @Test
    void schema_namesEveryFieldThatIsWritten() throws IOException {
        JsonNode schema = JsonMapper.builder().build().readTree(Files.readString(Path.of("../docs/archive.schema.json")));
        Map<String, Class<?>> parts = Map.of("piece", ArchiveForm.PieceForm.class, "veil", ArchiveForm.VeilForm.class, "design", DesignForm.class, "making", ArchiveForm.MakingForm.class, "deed", ArchiveForm.DeedForm.class,
                "entry", ArchiveForm.EntryForm.class, "owned", OwnedForm.class, "air", ArchiveForm.AirForm.class, "picture", ArchiveForm.PictureForm.class);
        Map<String, Class<?>> evenings = Map.of("diary", DiaryForm.class, "hours", DiaryForm.EntryForm.class, "kept", DiaryForm.KeptForm.class, "teaching", TeachingForm.class, "book", ArchiveForm.BookRow.class, "jar", ArchiveForm.JarRow.class, "drawn", ArchiveForm.DrawnForm.class);
        evenings.forEach((name, form) -> assertEquals(fields(form), new TreeSet<>(schema.path("$defs").path(name).path("properties").propertyNames()), name));
        parts.forEach((name, form) -> assertEquals(fields(form), new TreeSet<>(schema.path("$defs").path(name).path("properties").propertyNames()), name));
        assertEquals(fields(ArchiveForm.class), new TreeSet<>(schema.path("properties").propertyNames()));
    }

    private static Set<String> fields(Class<?> form) {
        return Arrays.stream(form.getRecordComponents()).map(component -> component.getName()).collect(Collectors.toCollection(TreeSet::new));
    }

    /** Told with its nights, before anything was begun. */
    private static void rooms(Studio from) {
        Rooms rooms = from.bean(Rooms.class);
        StudioRoom now = rooms.now();
        rooms.replace(new StudioRoom(now.version(), 20, 55, new Night(4, LocalTime.of(21, 0), LocalTime.of(6, 30)), now.units(), from.clock().instant().minus(Duration.ofDays(40))));
    }

    private static Instant from(UUID piece, Studio studio) {
        return studio.bean(MakeWork.class).newest(piece).orElseThrow().begun();
    }

    private static byte[] zip(String name, String text) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry(name));
            zip.write(text.getBytes(StandardCharsets.UTF_8));
        }
        return out.toByteArray();
    }

    @Test
    void archive_thatIsNone_isRefusedWhole_andNothingIsStored() throws IOException {
        try (Studio studio = OpenStudio.open("jdbc:h2:mem:none;DB_CLOSE_DELAY=-1")) {
            byte[] whole;
            try (Studio from = OpenStudio.open("jdbc:h2:mem:whole;DB_CLOSE_DELAY=-1")) {
                laid(from, "Oar");
                whole = archive(from);
            }
            Map<byte[], String> refused = new java.util.LinkedHashMap<>();
            refused.put("no zip".getBytes(StandardCharsets.UTF_8), "it breaks off or is damaged");
            refused.put(zip("other.json", "{}"), "it holds no studio.json");
            refused.put(Arrays.copyOf(whole, whole.length / 2), "");
            refused.put(zip("studio.json", "{"), "its studio.json cannot be read");
            refused.put(zip("studio.json", "{\"format\":\"other\"}"), "its format is not");
            refused.put(zip("studio.json", "{\"format\":\"kind-veil-archive\",\"version\":7}"), "it was written by a later program, in version 7; this one reads version 1");
            refused.forEach((bytes, why) -> {
                String words = assertThrows(UnusableValue.class, () -> take(studio, bytes)).getMessage();
                assertTrue(words.contains(why) && words.contains("nothing of it was stored"), words);
            });
            assertTrue(studio.bean(PieceWork.class).none());
        }
    }

    private static final String BEGINS = "{\"format\":\"kind-veil-archive\",\"version\":1,\"written\":\"2026-11-02T18:00:00Z\",";

    /** A little that asks for much: refused before it is built, and nothing of it stays on the disk. */
    @Test
    void archive_thatUnpacksToFarMore_isRefused() throws IOException {
        try (Studio studio = OpenStudio.open("jdbc:h2:mem:bombs;DB_CLOSE_DELAY=-1")) {
            Map<byte[], String> refused = new java.util.LinkedHashMap<>();
            refused.put(zip("studio.json", BEGINS + "\"pieces\":[" + "{},".repeat(8_000_000) + "{}]}"), "unpacks to");
            refused.put(zip("studio.json", BEGINS + "\"other\":" + "[".repeat(100_000) + "]".repeat(100_000) + "}"), "its studio.json cannot be read");
            refused.put(zip("studio.json", BEGINS + "\"pieces\":[{\"title\":\"" + "a".repeat(900_000) + "b".repeat(900_000) + "\"}]}"), "");
            String picture = BEGINS + "\"pictures\":[{\"id\":\"00000000-0000-4000-8000-000000000000\",\"name\":\"oar.png\",\"width\":10,\"height\":10,\"added\":\"2026-11-02T18:00:00Z\",\"file\":\"pictures/a\"}]}";
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            try (ZipOutputStream zip = new ZipOutputStream(out)) {
                zip.putNextEntry(new ZipEntry("studio.json"));
                zip.write(picture.getBytes(StandardCharsets.UTF_8));
                zip.putNextEntry(new ZipEntry("pictures/a"));
                zip.write(new byte[60_000_000]);
                for (int i = 0; i < 40; i++) {
                    zip.putNextEntry(new ZipEntry("pictures/nobody-names-" + i));
                    zip.write(new byte[10_000_000]);
                }
            }
            refused.put(out.toByteArray(), "unpacks to");
            refused.forEach((bytes, why) -> {
                String words = assertThrows(UnusableValue.class, () -> take(studio, bytes)).getMessage();
                assertTrue(words.contains(why), words);
            });
            assertTrue(studio.bean(PieceWork.class).none());
        }
    }

    /** Whatever of its text is another: taken, or refused in words, and never a fault. */
    @Test
    void archive_oneValueOfItOtherwise_isTakenOrRefused() throws IOException {
        byte[] whole;
        try (Studio from = OpenStudio.open("jdbc:h2:mem:oneother;DB_CLOSE_DELAY=-1")) {
            laid(from, "Oar");
            whole = archive(from);
        }
        java.util.Random random = new java.util.Random(17);
        List<String> wrong = new ArrayList<>();
        try (Studio studio = OpenStudio.open("jdbc:h2:mem:oneotherto;DB_CLOSE_DELAY=-1")) {
            Web web = new Web(studio.address());
            List<String> asked = new ArrayList<>(List.of("books", "jars", "pictures", "pieces", "makings", "entries", "owned", "air", "drawn").stream().flatMap(name -> java.util.stream.Stream.of("[{}]", "[null]", "{}", "[\"\"]").map(value -> "\"%s\":%s".formatted(name, value))).toList());
            for (String one : asked) {
                int status = web.upload("/archive", Map.of(), "archive", "a.zip", zip("studio.json", BEGINS + one + "}")).status();
                if (status >= 500 || status < 300) {
                    wrong.add(one + " " + status);
                }
            }
            for (int i = 0; i < Integer.getInteger("kindveil.damages", 40); i++) {
                Changed changed = changed(whole, random);
                int status = web.upload("/archive", Map.of(), "archive", "a.zip", changed.file).status();
                if (status >= 500) {
                    wrong.add(changed.what + " " + status);
                }
                for (String page : i % 8 == 7 ? List.of("/", "/pieces", "/log", "/shelf/prints", "/jars", "/books", "/sittings") : List.<String>of()) {
                    int shown = web.get(page).status();
                    if (shown >= 500) {
                        wrong.add(changed.what + " then " + page + " " + shown);
                    }
                }
            }
        }
        assertEquals(List.of(), wrong, () -> String.join("\n", wrong));
    }

    private record Changed(String what, byte[] file) {
    }

    /** The archive with one value of its text, drawn from all of them, made something else. */
    private static Changed changed(byte[] whole, java.util.Random random) throws IOException {
        JsonMapper json = JsonMapper.builder().build();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        String what = "";
        try (java.util.zip.ZipInputStream in = new java.util.zip.ZipInputStream(new ByteArrayInputStream(whole)); ZipOutputStream zip = new ZipOutputStream(out)) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                byte[] bytes = in.readAllBytes();
                zip.putNextEntry(new ZipEntry(entry.getName()));
                if (entry.getName().equals("studio.json")) {
                    JsonNode tree = json.readTree(bytes);
                    List<tools.jackson.databind.node.ObjectNode> objects = new ArrayList<>();
                    objects(tree, objects);
                    tools.jackson.databind.node.ObjectNode object = objects.get(random.nextInt(objects.size()));
                    List<String> names = new ArrayList<>(object.propertyNames());
                    if (!names.isEmpty()) {
                        String name = names.get(random.nextInt(names.size()));
                        Object other = Arrays.asList(null, "a\0b", "", -1, 2_000_000_000L, 1e300, List.of(), Map.of(), true, "../../x").get(random.nextInt(10));
                        object.set(name, json.valueToTree(other));
                        what = name + ": " + other;
                    }
                    bytes = json.writeValueAsBytes(tree);
                }
                zip.write(bytes);
            }
        }
        return new Changed(what, out.toByteArray());
    }

    private static void objects(JsonNode node, List<tools.jackson.databind.node.ObjectNode> found) {
        if (node instanceof tools.jackson.databind.node.ObjectNode object) {
            found.add(object);
        }
        node.forEach(child -> objects(child, found));
    }
}
