package kindveil.studio.page.print;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.measure.Volume;
import kindveil.sheet.BlockCut;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Say;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.sheet.BlockWork;
import org.jspecify.annotations.Nullable;

/**
 * The page of blocks.
 *
 * @param parted how several blocks part the picture, to choose from; empty where it has no colours
 * @param box of the drawing, mm
 * @param standing puts the image in its place on the block, mirrored as it is cut; empty where nothing can be drawn
 * @param heading how it is cut
 * @param told what the edition takes
 */
record BlockView(PieceHead head, BlockController.Asked asked, List<Pick> parted, String box, double width, double height, String standing, String heading, List<Drawn> blocks, List<String> told, List<String> problems) implements PageView {
    private static final double WORTH_SAYING = 0.003;
    /** From the lightest block to the darkest. */
    private static final String[][] TONES = {{"#22313a"}, {"#8fa3a6", "#22313a"}, {"#b7c2bf", "#6f868b", "#22313a"}, {"#c9d0cb", "#93a5a6", "#5c737a", "#22313a"}};

    /**
     * One block.
     *
     * @param fill of what prints in the drawing
     * @param thin what is thinner than the tool, as a path; likewise narrow, what is too narrow for it
     * @param lines what cutting it means
     */
    record Drawn(String name, String prints, String fill, String thin, String narrow, List<String> lines, String svg, String pdf) {
    }

    static BlockView of(Planned planned, BlockController.Asked asked, BlockController.@Nullable Wanted wanted, BlockWork.Set set, List<String> problems, Say say) {
        PieceHead head = PieceHead.of(planned.piece(), "Print");
        List<BlockCut> cut = set.blocks();
        boolean coloured = !planned.piece().design().treatments().blackAndWhite();
        List<Pick> parted = coloured ? Pick.typed(BlockWork.Parted.values(), BlockWork.Parted::words, String.valueOf(asked.parted())) : List.of();
        boolean mirrored = planned.mirrored();
        String heading = mirrored ? "Cut it mirrored" : "Cut it as it stands";
        if (wanted == null || cut.isEmpty()) {
            return new BlockView(head, asked, parted, "0 0 100 100", 100, 100, "", heading, List.of(), List.of(), problems);
        }
        BlockCut first = cut.getFirst();
        double b = wanted.border().millimetres();
        double w = first.blockWidth().millimetres();
        double h = first.blockHeight().millimetres();
        String query = query(asked);
        List<Drawn> drawn = IntStream.range(0, cut.size()).mapToObj(i -> drawn(set, i, head.base(), query, wanted, say)).toList();
        String standing = mirrored ? "translate(%s %s) scale(-1 1)".formatted(w - b, b) : "translate(%s %s)".formatted(b, b);
        return new BlockView(head, asked, parted, "-1 -1 %s %s".formatted(w + 2, h + 2), w, h, standing, heading, drawn, told(planned, set, wanted, say), problems);
    }

    private static Drawn drawn(BlockWork.Set set, int i, String base, String query, BlockController.Wanted wanted, Say say) {
        BlockCut block = set.blocks().get(i);
        int all = set.blocks().size();
        String fill = set.inks().isEmpty() ? TONES[all - 1][i] : set.inks().get(i).toString();
        double wide = block.imageWidth().millimetres();
        double thin = block.tooThin().area() / Math.max(1e-9, block.prints().area());
        double narrow = block.tooNarrow().area() / Math.max(1e-9, block.voids().area());
        List<String> lines = new ArrayList<>();
        if (!set.inks().isEmpty()) {
            lines.add("Ink like %s, L* %s on the paper; opaque enough to stand over what is printed before.".formatted(fill, Figures.rounded(set.inks().get(i).lab().lightness(), 0)));
        }
        lines.add("%s prints; %s of line to cut, %s to clear.".formatted(say.percent(block.inked()), length(block.outlines(), say), say.area(new kindveil.measure.Area(block.clearedSquareMillimetres()))));
        if (thin > WORTH_SAYING) {
            lines.add("%s of what should stand is thinner than %s and breaks away (orange): a finer tool, a larger print, or draw it bolder.".formatted(share(thin), say.one(wanted.tool())));
        }
        if (narrow > WORTH_SAYING) {
            lines.add("%s of the lights are narrower than that and close up (hatched).".formatted(share(narrow)));
        }
        lines.add(block.clean() ? "The widest light is %s across: cut it %s deep, or it prints in its middle.".formatted(say.one(block.widestVoid()), say.one(deep(block.depth())))
                : "The widest light is %s across, too wide for a block of %s: leave an island in it, or cut its middle out right through.".formatted(say.one(block.widestVoid()), say.one(BlockCut.PLY)));
        String number = "&number=" + (i + 1);
        return new Drawn(all == 1 ? "The block" : "Block %d of %d%s".formatted(i + 1, all, i == 0 ? ", the lightest, printed first" : i == all - 1 ? ", the darkest, printed last" : ""), block.prints().path(wide), fill,
                thin > WORTH_SAYING ? block.tooThin().path(wide) : "", narrow > WORTH_SAYING ? block.tooNarrow().path(wide) : "", lines, base + "/block.svg?" + query + number, base + "/block.pdf?" + query + number);
    }

    /** A depth is never rounded down. */
    private static Length deep(Length depth) {
        return Length.ofMillimetres(Math.ceil(depth.millimetres() * 10) / 10);
    }

    private static String share(double share) {
        return share < 0.01 ? "A trace" : Figures.rounded(share * 100, 0) + " %";
    }

    private static String length(Length length, Say say) {
        return say.measure() == kindveil.measure.UnitSystem.US ? "%s ft".formatted(Figures.rounded(length.millimetres() / 304.8, 1)) : "%s m".formatted(Figures.rounded(length.millimetres() / 1000, 1));
    }

    private static List<String> told(Planned planned, BlockWork.Set set, BlockController.Wanted wanted, Say say) {
        List<BlockCut> cut = set.blocks();
        BlockCut first = cut.getFirst();
        double film = BlockWork.film(planned);
        List<BlockCut.Edition> editions = cut.stream().map(block -> block.edition(wanted.impressions(), film)).toList();
        Volume ink = new Volume(editions.stream().mapToDouble(edition -> edition.ink().millilitres()).sum());
        int copies = editions.getFirst().copies();
        int scrap = editions.stream().mapToInt(BlockCut.Edition::scrap).sum();
        int pulls = cut.size() * copies + scrap;
        List<String> told = new ArrayList<>();
        told.add("%s of %s for an image of %s.".formatted(cut.size() == 1 ? "A block" : cut.size() + " blocks", say.size(first.blockWidth(), first.blockHeight()), say.size(first.imageWidth(), first.imageHeight())));
        told.add("For %d impressions: %d sheets ready, one in ten spoiled, and %d pulls on scrap before %s evenly.".formatted(wanted.impressions(), copies, scrap, cut.size() == 1 ? "it prints" : "they print"));
        told.add("%d pulls in all, %s of ink with what stays on the slab%s.".formatted(pulls, say.both(ink), cut.size() == 1 ? "" : ", " + String.join(" + ", editions.stream().map(edition -> say.one(edition.ink())).toList())));
        if (cut.size() > 1) {
            told.add("All blocks have one frame: register paper and block by two neighbouring edges, always the same.");
        }
        if (!set.inks().isEmpty()) {
            told.add("Each lighter colour runs %s under the darker ones, that no paper shows between.".formatted(say.it("0.3 mm")));
            told.add("How far the print is from the picture on average, ΔE: %s.".formatted(IntStream.range(0, set.off().size()).mapToObj(i -> "%s %s".formatted(i == 0 ? "one block" : (i + 1) + " blocks", Figures.rounded(set.off().get(i), 1)))
                    .collect(java.util.stream.Collectors.joining(", "))));
            if (cut.size() < wanted.blocks()) {
                told.add("It has no more than %d colours worth a block of their own.".formatted(cut.size()));
            }
        }
        return told;
    }

    private static String query(BlockController.Asked asked) {
        return "border=%s&tool=%s&blocks=%s&parted=%s&impressions=%s&colour=%s&line=%s".formatted(sent(asked.border()), sent(asked.tool()), sent(asked.blocks()), sent(asked.parted()), sent(asked.impressions()), sent(asked.colour()), sent(asked.line()));
    }

    private static String sent(@Nullable String text) {
        return URLEncoder.encode(text == null ? "" : text, StandardCharsets.UTF_8);
    }
}
