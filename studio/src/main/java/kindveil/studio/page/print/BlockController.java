package kindveil.studio.page.print;

import java.util.List;
import java.util.UUID;
import kindveil.light.Colour;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.sheet.BlockCut;
import kindveil.studio.intake.CutFile;
import kindveil.studio.page.Download;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.sheet.BlockWork;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The blocks of a piece, and what cutting them and printing an edition from them takes. */
@Controller
class BlockController {
    private final PieceWork pieces;
    private final BlockWork blocks;
    private final Say say;

    BlockController(PieceWork pieces, BlockWork blocks, Say say) {
        this.pieces = pieces;
        this.blocks = blocks;
        this.say = say;
    }

    /** What is asked of the blocks, as it was typed. */
    record Asked(@Nullable String border, @Nullable String tool, @Nullable String blocks, @Nullable String parted, @Nullable String impressions, @Nullable String colour, @Nullable String line) {
        Asked usual(Say say) {
            return new Asked(or(border, say.usual(5, 0.25)), or(tool, say.it("0.2 mm")), or(blocks, "1"), or(parted, BlockWork.Parted.TONES.name()), or(impressions, "10"), or(colour, "#ff0000"), or(line, say.it("0.05 mm")));
        }

        private static String or(@Nullable String told, String usual) {
            return told == null || told.isBlank() ? usual : told;
        }
    }

    /** What is asked, read. */
    record Wanted(Length border, Length tool, int blocks, BlockWork.Parted parted, int impressions, Colour colour, Length line) {
        static @Nullable Wanted of(Asked asked, Problems problems) {
            Length border = problems.read(() -> Length.parseSize("Border", asked.border, Length.ofMillimetres(0), Length.ofMillimetres(60)));
            Length tool = problems.read(() -> Length.parseSize("Tool", asked.tool, Length.ofMillimetres(0.05), Length.ofMillimetres(5)));
            Integer count = problems.whole("Blocks", asked.blocks, 1, BlockWork.MOST_BLOCKS, "blocks", "One prints all darks in one ink; each more adds a tone.");
            BlockWork.Parted parted = problems.choice(BlockWork.Parted.class, "Parted", asked.parted);
            Integer impressions = problems.whole("Impressions", asked.impressions, 1, 500, "impressions", "How many you want in the end.");
            Colour colour = problems.read(() -> Colour.parse("Colour of the cutting line", asked.colour));
            Length line = problems.read(() -> Length.parseSize("Width of the cutting line", asked.line, Length.ofMillimetres(0.01), Length.ofMillimetres(1)));
            return problems.any() ? null : new Wanted(border, tool, count, parted, impressions, colour, line);
        }
    }

    @GetMapping({"/pieces/{id}/print/block", "/pieces/{id}/veils/{veil}/print/block"})
    ModelAndView block(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, Asked asked) {
        Planned planned = planned(id, veil);
        Problems problems = new Problems();
        Asked all = asked.usual(say);
        Wanted wanted = Wanted.of(all, problems);
        BlockWork.Set cut = wanted == null ? new BlockWork.Set(List.of(), List.of(), List.of()) : blocks.parted(planned, wanted.parted, wanted.blocks, wanted.border, wanted.tool);
        return BlockView.of(planned, all, wanted, cut, problems.words(), say).in("piece/block");
    }

    @GetMapping({"/pieces/{id}/block.svg", "/pieces/{id}/veils/{veil}/block.svg"})
    ResponseEntity<String> svg(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, Asked asked, @RequestParam(defaultValue = "1") int number) {
        Planned planned = planned(id, veil);
        Wanted wanted = required(asked);
        return Download.of(name(planned, wanted, number) + ".svg", MediaType.parseMediaType("image/svg+xml")).body(CutFile.svg(title(planned, wanted, number), one(planned, wanted, number), stroke(planned, wanted)));
    }

    @GetMapping({"/pieces/{id}/block.pdf", "/pieces/{id}/veils/{veil}/block.pdf"})
    ResponseEntity<byte[]> pdf(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, Asked asked, @RequestParam(defaultValue = "1") int number) {
        Planned planned = planned(id, veil);
        Wanted wanted = required(asked);
        return Download.of(name(planned, wanted, number) + ".pdf", MediaType.APPLICATION_PDF).body(CutFile.pdf(title(planned, wanted, number), one(planned, wanted, number), stroke(planned, wanted)));
    }

    /** Only a piece that prints from a block has one. */
    private Planned planned(UUID id, @Nullable Integer veil) {
        Planned planned = pieces.plan(pieces.get(id, veil));
        if (!BlockWork.of(planned)) {
            throw new NotFound("block", planned.piece().title());
        }
        return planned;
    }

    private BlockCut one(Planned planned, Wanted wanted, int number) {
        List<BlockCut> cut = blocks.parted(planned, wanted.parted, wanted.blocks, wanted.border, wanted.tool).blocks();
        if (number < 1 || number > cut.size()) {
            throw new NotFound("block", number);
        }
        return cut.get(number - 1);
    }

    private Wanted required(Asked asked) {
        Problems problems = new Problems();
        Wanted wanted = Wanted.of(asked.usual(say), problems);
        if (wanted == null) {
            throw new UnusableValue("block", "what was asked", "border, tool, blocks, how they are parted and line within their ranges", String.join(" ", problems.words()));
        }
        return wanted;
    }

    private static CutFile.Stroke stroke(Planned planned, Wanted wanted) {
        return new CutFile.Stroke(wanted.colour, wanted.line.millimetres(), planned.mirrored());
    }

    private static String name(Planned planned, Wanted wanted, int number) {
        return Download.named(planned.piece().title(), "piece") + "-block" + (wanted.blocks == 1 ? "" : "-" + number);
    }

    private static String title(Planned planned, Wanted wanted, int number) {
        return "%s, block %d of %d%s".formatted(planned.piece().title(), number, wanted.blocks, planned.mirrored() ? ", mirrored" : "");
    }
}
