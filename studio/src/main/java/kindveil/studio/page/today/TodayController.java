package kindveil.studio.page.today;

import kindveil.studio.work.Kept;
import kindveil.studio.work.OnlyRows;
import kindveil.studio.work.piece.Page;
import kindveil.studio.work.picture.StoredPicture;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Map;
import java.time.Duration;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Set;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.function.Function;
import java.util.stream.Stream;
import kindveil.measure.Length;
import kindveil.studio.demo.SamplePicture;
import kindveil.studio.page.HavingForm;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.page.Upload;
import kindveil.bench.Support;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.page.support.SupportForm;
import kindveil.studio.work.look.Beginning;
import kindveil.studio.work.look.WaysWork.Having;
import kindveil.studio.work.piece.Image;
import kindveil.studio.work.shelf.Supports;
import kindveil.studio.work.finish.FinishWork;
import kindveil.studio.work.jar.JarWork;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.MakingLine;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.picture.PictureWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.sitting.Diary;
import kindveil.studio.work.sitting.SittingWork;
import org.springframework.stereotype.Controller;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

@Controller
class TodayController {
    private static final int MOST_READY = 2;
    private static final int MOST_TRIED = 6;
    private static final int MOST_CURING = 4;
    /** Even a deep bed in a cool room has cured by then. */
    private static final Duration CURES = Duration.ofDays(45);
    private final MakeWork makings;
    private final PieceWork pieces;
    private final PictureWork pictures;
    private final Beginning beginning;
    private final Supports supports;
    private final Say say;
    private final SittingWork sittings;
    private final FinishWork finishing;
    private final JarWork jars;
    private final OnlyRows onlyRows;
    private final ZoneId zone;

    TodayController(MakeWork makings, PieceWork pieces, PictureWork pictures, Beginning beginning, Supports supports, Say say, SittingWork sittings, FinishWork finishing, JarWork jars, OnlyRows onlyRows, ZoneId zone) {
        this.jars = jars;
        this.onlyRows = onlyRows;
        this.finishing = finishing;
        this.sittings = sittings;
        this.beginning = beginning;
        this.supports = supports;
        this.makings = makings;
        this.pieces = pieces;
        this.pictures = pictures;
        this.say = say;
        this.zone = zone;
    }

    @GetMapping("/")
    ModelAndView today(@RequestParam(required = false) @Nullable UUID felt) {
        Kept<StoredMaking> active = makings.kept();
        boolean anything = !active.read().isEmpty() || !pieces.none();
        return view(active, anything ? null : invite(HavingForm.USUAL), felt).in("today/today");
    }

    private TodayView.Invite invite(Having having) {
        return TodayView.Invite.of(HavingForm.of(having, supports.all()), say);
    }

    /** A piece begun from a picture, or several, and from what is at hand. @param sample whether a picture to try is taken instead */
    @PostMapping("/begin")
    Object begin(@RequestParam(required = false) @Nullable UUID sent, @RequestParam(required = false) @Nullable List<MultipartFile> picture, @RequestParam String print, @RequestParam String support,
            @RequestParam String ground, @RequestParam String wish, @RequestParam(defaultValue = "") String width, @RequestParam(defaultValue = "") String sample, @RequestParam(defaultValue = "") String ownName,
            @RequestParam(defaultValue = "") String ownWeight) {
        Having chosen = HavingForm.read(supports, print, support, ground, wish);
        UUID once = sent == null ? UUID.randomUUID() : sent;
        Problems problems = new Problems();
        Support own = ownName.isBlank() && ownWeight.isBlank() ? null : own(problems, once, chosen.support(), ownName.strip(), ownWeight);
        Having having = own == null ? chosen : new Having(chosen.print(), own, chosen.ground(), chosen.wish());
        Length wide = problems.read(() -> Length.parseSize("Print width", width.isBlank() ? say.usual(120, 5) : width, Image.NARROWEST, Image.WIDEST));
        List<Piece> begun = new ArrayList<>();
        if (wide != null && !problems.any() && !sample.isEmpty()) {
            begun.add(beginning.begin(once, SamplePicture.TITLE, wide, SamplePicture.NAME, SamplePicture.png(), having));
        } else if (wide != null && !problems.any()) {
            List<Upload> files = Upload.chosen(picture);
            for (int i = 0; i < Math.max(1, files.size()); i++) {
                Upload file = files.isEmpty() ? Upload.NOTHING : files.get(i);
                UUID each = files.size() < 2 ? once : UUID.nameUUIDFromBytes((once + " " + i + " " + file.name()).getBytes(StandardCharsets.UTF_8));
                Piece piece = problems.read(() -> beginning.begin(each, PieceWork.titled(file.name()), wide, file.name(), file.bytes(), having));
                if (piece != null) {
                    begun.add(piece);
                }
            }
        }
        if (own != null && !begun.isEmpty()) {
            supports.keep(own);
        }
        if (problems.any()) {
            return view(makings.kept(), invite(chosen).refusing(problems.words(), ownName, ownWeight), null).in("today/today");
        }
        return begun.size() == 1 ? "redirect:" + PieceHead.base(begun.getFirst()) + "/build" : "redirect:/pieces";
    }

    /** A support of the artist's own, like one that is known; a name it has anyway. */
    private @Nullable Support own(Problems problems, UUID once, Support like, String name, String weight) {
        Support.Told told = SupportForm.typed(Map.of("weight", weight)).told(say.measure(), problems);
        return told == null ? null : problems.read(() -> like.own(UUID.nameUUIDFromBytes(("support of " + once).getBytes(StandardCharsets.UTF_8)).toString(), name.isEmpty() ? "my " + like.words() : name, told));
    }

    /** @param invite to a first piece, where there is none @param felt the making of which something was just felt */
    private TodayView view(Kept<StoredMaking> active, TodayView.@Nullable Invite invite, @Nullable UUID felt) {
        List<TodayView.Followed> followed = followed(active.read());
        List<Piece> ready = pieces.unmade(MOST_TRIED).stream().filter(piece -> pieces.plan(piece).sound()).limit(MOST_READY).toList();
        Stream<String> theirPieces = followed.size() < active.read().size() ? pieces.kept().sentences().stream() : Stream.empty();
        return TodayView.of(followed, ready, planned(followed), invite, Stream.of(active.sentences().stream(), theirPieces, onlyRows.apart().stream()).flatMap(Function.identity()).toList(), curing(), Turning.of(jars.standing(), say), felt, say, zone);
    }

    /** Made lately, and not ready for everything yet. */
    private List<Curing> curing() {
        List<MakingLine> lines = makings.finishedSince(say.now().minus(CURES), MOST_CURING);
        Map<UUID, Piece> theirs = lines.isEmpty() ? Map.of() : pieces.all(lines.stream().map(MakingLine::piece).distinct().toList());
        return lines.stream().filter(line -> theirs.containsKey(line.piece())).flatMap(line -> Curing.of(theirs.get(line.piece()).title(), "/pieces/" + line.piece() + "/finish", finishing.ready(line), say).stream()).toList();
    }

    /** What was planned for today, without what is done of it. */
    private List<Diary.Kept> planned(List<TodayView.Followed> followed) {
        Map<String, Set<String>> coming = new HashMap<>();
        for (TodayView.Followed each : followed) {
            Set<String> acts = each.making().coming().stream().map(act -> act.id().toString()).collect(Collectors.toSet());
            coming.put(each.stored().id().toString(), acts);
            coming.computeIfAbsent(each.stored().piece().toString(), piece -> new HashSet<>()).addAll(acts);
        }
        return sittings.today(coming);
    }

    /** With their pieces, each asked for once. */
    private List<TodayView.Followed> followed(List<StoredMaking> active) {
        Map<UUID, Piece> theirs = pieces.all(active.stream().map(StoredMaking::piece).distinct().toList());
        Map<UUID, StoredPicture> shown = pictures.all(theirs.values().stream().map(piece -> piece.leading().source()).distinct().toList());
        return active.stream().filter(making -> theirs.containsKey(making.piece())).map(making -> {
            Piece piece = theirs.get(making.piece());
            double aspect = piece.basis().page().map(Page::aspect).orElseGet(() -> shown.get(piece.leading().source()).shape(piece.leading().design().treatments()).aspect());
            return new TodayView.Followed(making, making.making(), piece, aspect);
        }).toList();
    }
}
