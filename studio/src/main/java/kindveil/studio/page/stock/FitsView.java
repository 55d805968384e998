package kindveil.studio.page.stock;

import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import kindveil.bench.Hand;
import kindveil.measure.Length;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Say;
import kindveil.studio.page.piece.LookView;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.stock.Prints;
import org.jspecify.annotations.Nullable;

/** What a print of the stock would be in each piece that is not begun. @param several whether more than one is there @param fits what would do, as wanted first @param not what would not */
record FitsView(UUID id, String name, String what, int left, boolean several, List<Fit> fits, List<Fit> not, List<String> problems) implements PageView {
    /** One place for it. @param where as the picture of which veil, or glued down @param comes what would come of it */
    record Fit(UUID piece, int veil, String title, String picture, String where, String comes, boolean asWanted) {
    }

    static FitsView of(Prints.Stack stack, List<Prints.Fit> all, List<String> problems, Say say) {
        List<Fit> fits = all.stream().filter(fit -> fit.refused() == null).sorted(Comparator.comparing(Prints.Fit::glued).thenComparing(fit -> !fit.asWanted())).map(fit -> fit(stack, fit, say)).toList();
        List<Fit> not = all.stream().filter(fit -> fit.refused() != null).map(fit -> fit(stack, fit, say)).toList();
        return new FitsView(stack.owned().id(), stack.owned().name(), "%s, %s wide".formatted(stack.sort().words(), say.one(stack.owned().size().width())), stack.left(), stack.left() > 1, fits, not, problems);
    }

    private static Fit fit(Prints.Stack stack, Prints.Fit fit, Say say) {
        Piece piece = fit.piece();
        String where = fit.glued() ? "glued down under all of it, paper and all" : piece.veils().size() > 1 ? "as the print of veil %d, %s".formatted(fit.veil(), piece.veils().get(fit.veil() - 1).design().theWay().name()) : "as its print, by " + piece.design().theWay().name();
        return new Fit(piece.id(), fit.veil(), piece.title(), LookView.finished(piece.at(piece.veils().size()), true), where, comes(stack, fit, say), fit.asWanted());
    }

    private static String comes(Prints.Stack stack, Prints.Fit fit, Say say) {
        @Nullable String refused = fit.refused();
        if (refused != null) {
            return say.it(refused);
        }
        String hand = fit.hand() == Hand.READS_RIGHT ? "It would read the right way round" : "It would stand mirrored";
        String wanted = fit.glued() ? "" : fit.asWanted() ? ", as you want it" : ", which is not as you want it";
        Length own = stack.owned().size().width();
        String width = fit.glued() || own.equals(fit.width()) ? "." : "; the image would be %s wide, not %s.".formatted(say.one(own), say.one(fit.width()));
        return hand + wanted + width;
    }
}
