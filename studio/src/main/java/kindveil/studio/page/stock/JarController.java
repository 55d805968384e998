package kindveil.studio.page.stock;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import kindveil.measure.NumberText;
import kindveil.measure.UnusableValue;
import kindveil.measure.Volume;
import kindveil.mixing.Ageing;
import kindveil.mixing.Shopping;
import kindveil.product.Optics;
import kindveil.product.Product;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.shelf.Lot;
import kindveil.studio.work.shelf.Owned;
import kindveil.studio.work.stock.Stock;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class JarController {
    private static final double COINS = 100;
    private static final int PERCENT = 100;
    private static final double LEAST_WATER = 5;
    private static final double MOST_WATER = 95;
    private final Stock stock;
    private final Say say;

    JarController(Stock stock, Say say) {
        this.stock = stock;
        this.say = say;
    }

    @GetMapping("/shelf/stock")
    ModelAndView stock() {
        return page(StockView.Form.fresh(say), List.of());
    }

    private ModelAndView page(StockView.Form form, List<String> problems) {
        return StockView.of(stock, form, problems, say).in("stock/stock");
    }

    /** One put there; or, by its id, told anew. */
    @PostMapping("/shelf/stock")
    Object keep(@RequestParam Map<String, String> all) {
        StockView.Form form = StockView.Form.of(all);
        Problems problems = new Problems();
        UUID id = problems.read(() -> Stock.id(form.id()));
        String kind = problems.read(() -> (id != null && form.kind().isEmpty() && stock.mine(id) ? Stream.of("") : Stock.kinds().stream().map(Product::id)).filter(form.kind()::equals).findFirst().orElseThrow(() -> new UnusableValue("What it is", form.kind(), "one of the choices shown", "Choose one of them.")));
        Volume holds = problems.read(() -> Volume.parse("It holds", form.holds(), say.measure(), Lot.LEAST_MILLILITRES, Lot.MOST_MILLILITRES));
        Ageing.Sign sign = form.sign().isEmpty() ? null : problems.choice(Ageing.Sign.class, "What you see", form.sign());
        Double level = problems.number("How full", form.level(), 0, PERCENT, "%", "0 is empty.");
        Integer count = problems.whole("How many", form.count(), 0, Owned.MOST, "", "Count them.");
        Long price = problems.read(() -> price(form.price()));
        Double water = form.water().isBlank() ? null : problems.number("Water in it", form.water(), LEAST_WATER, MOST_WATER, "%", "It stands on its data sheet; leave it empty for what is usual.");
        Optics.Sheen sheen = form.sheen().isBlank() ? null : problems.choice(Optics.Sheen.class, "How it dries", form.sheen());
        LocalDate opened = problems.read(() -> opened(form.opened()));
        if (!problems.any()) {
            problems.read(() -> {
                stock.keep(Objects.requireNonNull(id), Objects.requireNonNull(kind), form.name(), count, holds.millilitres(), level / PERCENT, price, opened, sign, new Stock.DataSheet(water == null ? null : Double.valueOf(water / PERCENT), sheen));
                return true;
            });
        }
        return problems.any() ? page(form, problems.words()) : "redirect:/shelf/stock";
    }

    private static @Nullable Long price(String text) {
        return text.isBlank() ? null : Math.round(UnusableValue.requireWithin("Price", NumberText.parse("Price", text, "").value(), 0, 1_000_000, "", "Leave it empty if you do not know.") * COINS);
    }

    private static @Nullable LocalDate opened(String text) {
        try {
            return text.isBlank() ? null : LocalDate.parse(text.strip());
        } catch (DateTimeParseException unread) {
            throw new UnusableValue("Opened", text, "a date such as 2026-03-05", "Leave it empty if it is not opened.");
        }
    }

    @PostMapping("/shelf/stock/{id}/remove")
    String remove(@PathVariable UUID id) {
        stock.remove(id);
        return "redirect:/shelf/stock";
    }

    /** What to buy, for a spreadsheet or a telephone. */
    @GetMapping("/shelf/to-buy.csv")
    ResponseEntity<byte[]> csv() {
        StringWriter to = new StringWriter();
        try (CSVPrinter lines = new CSVPrinter(to, CSVFormat.RFC4180)) {
            lines.printRecord("product", "needed ml", "on the shelf ml", "lacking ml", "buy", "for");
            for (Shopping.Row row : stock.toBuy(stock.asked()).rows()) {
                lines.printRecord(Cells.of(row.product().words(), StockView.figure(row.needed()), StockView.figure(row.have()), StockView.figure(row.lacks()), StockView.jars(row), String.join("; ", row.pieces().keySet())));
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return ResponseEntity.ok().contentType(MediaType.parseMediaType("text/csv;charset=utf-8")).header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=to-buy.csv").body(to.toString().getBytes(StandardCharsets.UTF_8));
    }

    static Optional<Double> cost(Lot lot) {
        return Optional.ofNullable(lot.price()).map(coins -> coins / COINS);
    }
}
