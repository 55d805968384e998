package kindveil.studio.page.source;

import java.util.List;
import java.util.stream.IntStream;
import kindveil.studio.page.Say;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.source.SourceWork;
import kindveil.tone.Advice;
import kindveil.tone.Verdict;

/**
 * What would help a picture to carry.
 *
 * @param plain index of the picture as it is
 * @param carries whether it carries without
 * @param base address of the veil in hand
 */
record OffersView(List<Offer> list, int plain, boolean carries, String base, int version) {
    private static final double WORTHWHILE = 0.03;

    /** A treatment that would help. */
    record Offer(int index, String words, String gain, String hint) {
    }

    static OffersView of(Piece piece, SourceWork sources, Say say) {
        List<Advice> advice = sources.advice(piece);
        SourceWork.Readings readings = sources.read(piece);
        double now = readings.treated().carrying();
        return new OffersView(IntStream.range(0, advice.size()).filter(i -> advice.get(i).after() >= now + WORTHWHILE)
                .mapToObj(i -> new Offer(i, say.it(advice.get(i).words()), "+" + Math.round((advice.get(i).after() - now) * 100),
                        "%s of it carries now, %s then".formatted(say.percent(now), say.percent(advice.get(i).after())))).toList(), advice.size(),
                readings.treated().verdict().grade() == Verdict.Grade.CARRIES, PieceHead.base(piece), piece.version());
    }
}
