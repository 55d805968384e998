package kindveil.studio.work.look;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import kindveil.catalogue.Catalogue;
import kindveil.light.Colour;
import kindveil.light.Ends;
import kindveil.making.Begun;
import kindveil.reading.LookState;
import kindveil.studio.intake.Rasters;
import kindveil.studio.work.picture.PictureWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.way.Brief;
import kindveil.way.Pot;
import kindveil.way.Way;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What colours a piece or a making has: its ground, its paints, and the ends of how it looks. */
@Service
public class ColoursWork {
    private final LookWork looks;
    private final PictureWork pictures;
    private final PieceWork pieces;

    ColoursWork(LookWork looks, PictureWork pictures, PieceWork pieces) {
        this.looks = looks;
        this.pictures = pictures;
        this.pieces = pieces;
    }

    /**
     * The colours of one.
     *
     * @param paints by what they are for, in the order of the work
     * @param foreseen the ends of the look foreseen, or null where no picture of it was kept; likewise {@code came} of the photograph
     */
    public record Colours(Map<String, Colour> paints, @Nullable Ends foreseen, @Nullable Ends came) {
    }

    /** Of a piece as it is planned. @param photo of what came of it last, or null */
    public Colours of(Piece piece, @Nullable UUID photo) {
        Planned planned = pieces.plan(piece);
        Map<String, Colour> paints = new LinkedHashMap<>(Map.of("Ground", piece.groundColour()));
        planned.sequence().parts().forEach(part -> paints(paints, part.way(), part.brief()));
        byte[] look = looks.png(piece.at(piece.veils().size()), Map.of(), LookState.finished(planned.whole()), planned.whole().plannedPasses(), true);
        return new Colours(paints, Ends.of(Rasters.linear(Rasters.decode(look))), ends(photo));
    }

    /** Of what was made. @param plan it was made by, or null where none was told @param foreseen picture of the look then; likewise {@code photo} of what came */
    public Colours of(@Nullable Begun plan, @Nullable UUID foreseen, @Nullable UUID photo) {
        Map<String, Colour> paints = new LinkedHashMap<>();
        if (plan != null) {
            plan.parts().forEach(part -> paints(paints, Catalogue.way(part.way()), part.brief()));
        }
        return new Colours(paints, ends(foreseen), ends(photo));
    }

    private static void paints(Map<String, Colour> paints, Way way, Brief brief) {
        for (Pot pot : way.pots(brief)) {
            String name = pot.words();
            for (int n = 2; paints.containsKey(name); n++) {
                name = "%s, %d".formatted(pot.words(), n);
            }
            paints.put(name, way.coloured(brief, pot.key()));
        }
    }

    private @Nullable Ends ends(@Nullable UUID picture) {
        return Optional.ofNullable(picture).map(pictures::preview).map(Ends::of).orElse(null);
    }
}
