package kindveil.studio.page.print;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import kindveil.measure.Figures;
import kindveil.reading.PullRow;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Say;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.sheet.PullWork.Film;
import kindveil.studio.work.sheet.PullWork.Pulled;

/**
 * The page of a row of pulls.
 *
 * @param offered every piece on a plate
 * @param wide of the plate, as it was typed; likewise tall and tubes
 * @param heading how often the plate is cleaned
 */
record PullsView(List<Offered> offered, String wide, String tall, String tubes, String heading, List<Row> rows, List<String> problems) implements PageView {
    /** One piece that could be pulled. */
    record Offered(UUID piece, String title, boolean chosen) {
    }

    /** One pull of the row. @param before what is done with the plate before it @param lines the paint it takes, and what is wrong with plate or paper */
    record Row(int number, String title, String address, String image, String pull, String before, boolean cleaned, List<String> lines) {
    }

    static PullsView of(List<Piece> all, Set<UUID> chosen, List<Pulled> pulled, PullRow row, String wide, String tall, String tubes, List<String> problems, Say say) {
        List<Row> rows = new ArrayList<>();
        List<Pulled> left = new ArrayList<>(pulled);
        for (PullRow.Step step : row.steps()) {
            Pulled one = left.stream().filter(other -> other.pull().equals(step.pull())).findFirst().orElseThrow();
            left.remove(one);
            rows.add(row(rows.size() + 1, one, step, tubes, say));
        }
        String heading = rows.isEmpty() ? "Nothing is planned on a plate" : row.cleanings() == 0 ? "No cleaning in between" : row.cleanings() == 1 ? "One cleaning in between" : row.cleanings() + " cleanings in between";
        return new PullsView(all.stream().map(piece -> new Offered(piece.id(), piece.title(), chosen.contains(piece.id()))).toList(), wide, tall, tubes, heading, rows, problems);
    }

    private static Row row(int number, Pulled one, PullRow.Step step, String tubes, Say say) {
        List<String> lines = new ArrayList<>(one.films().stream().map(film -> film(film, tubes, say)).toList());
        if (!one.problem().isEmpty()) {
            lines.add(say.it(one.problem()));
        }
        String before = number == 1 ? "The plate is clean." : step.cleaned() ? "Clean plate and brayer first: what is left would be seen (ΔE %s).".formatted(Figures.rounded(step.tint(), 1))
                : "No cleaning: what is left tints it by ΔE %s, which is not seen.".formatted(Figures.rounded(step.tint(), 1));
        return new Row(number, step.pull().name(), "/pieces/" + one.piece() + "/build", step.pull().image().toString(), step.pull().pull().toString(), before, step.cleaned(), lines);
    }

    private static String film(Film film, String tubes, Say say) {
        String drops = "%d drop%s%s".formatted(film.drops(), film.drops() == 1 ? "" : "s", tubes.strip().equals("1") ? "" : " of each tube");
        String becomes = film.becomes() > film.micrometres() * 1.25 ? "; that makes %s, roll the surplus off".formatted(say.film(film.becomes())) : "";
        return "%s: %s for %s, %s%s.".formatted(say.it(film.words()), say.both(film.volume()), say.film(film.micrometres()), drops, becomes);
    }
}
