package kindveil.studio.work.sheet;

import kindveil.studio.work.NotFound;
import kindveil.studio.work.Caches;
import kindveil.studio.work.making.StoredMaking;
import com.github.benmanes.caffeine.cache.Cache;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import kindveil.measure.Length;
import kindveil.measure.UnitSystem;
import kindveil.measure.UnusableValue;
import kindveil.sheet.Master;
import kindveil.sheet.Packing;
import kindveil.sheet.PrintSheet;
import kindveil.sheet.PrintSheet.Placed;
import kindveil.studio.intake.PrintPdf;
import kindveil.studio.work.sheet.SheetWork.Batch;
import kindveil.studio.work.sheet.SheetWork.Item;
import org.springframework.stereotype.Service;

/** What comes out of gathered sheets: files to print, masters for a copy shop, and how to print them in words. */
@Service
public class SheetFiles {
    private static final String SHEET = "Sheet %d of %d · ";
    private final PrintWork prints;
    private final Cache<List<Object>, Master> masters = Caches.bounded().maximumSize(100).build();

    SheetFiles(PrintWork prints) {
        this.prints = prints;
    }

    public List<PrintPdf.Leaf> leaves(Batch batch) {
        return leaves(batch, batch.sheets(), SHEET, IntStream.range(0, batch.sheets().size()).boxed().toList());
    }

    /** One of them, its number from 1. */
    public PrintPdf.Leaf leaf(Batch batch, int number) {
        if (!batch.sheets().isEmpty() && (number < 1 || number > batch.sheets().size())) {
            throw new NotFound("sheet", number);
        }
        return leaves(batch, batch.sheets(), SHEET, List.of(number - 1)).getFirst();
    }

    /** Those of {@code sheets} that are asked for, with only the images that lie on them. */
    private List<PrintPdf.Leaf> leaves(Batch batch, List<PrintSheet> sheets, String heading, List<Integer> asked) {
        if (sheets.isEmpty()) {
            throw new UnusableValue("sheets", "none", "sheets that hold all images", batch.trouble());
        }
        Set<String> there = asked.stream().flatMap(i -> sheets.get(i).places().stream()).map(Placed::what).collect(Collectors.toSet());
        Map<String, BufferedImage> images = new LinkedHashMap<>();
        Map<String, String> names = new LinkedHashMap<>();
        Map<String, Length> trims = new LinkedHashMap<>();
        for (Item item : batch.items().stream().filter(item -> there.contains(item.label())).toList()) {
            images.put(item.label(), prints.image(item.planned()));
            trims.put(item.label(), item.margin());
            names.put(item.label(), "%s · %s × %s · %s".formatted(item.label(), item.planned().brief().width().print(UnitSystem.METRIC), item.planned().brief().height().print(UnitSystem.METRIC),
                    item.mirrored() ? "mirrored" : "not mirrored"));
        }
        List<PrintPdf.Leaf> leaves = new ArrayList<>();
        for (int i : asked) {
            PrintSheet sheet = sheets.get(i);
            leaves.add(new PrintPdf.Leaf(sheet, images, names, heading.formatted(i + 1, sheets.size()) + contents(sheet), settings(batch), batch.setUp().rule().scale(), batch.setUp().runs() > 1, trims));
        }
        return leaves;
    }

    private static String contents(PrintSheet sheet) {
        return sheet.places().stream().collect(Collectors.groupingBy(Placed::what, LinkedHashMap::new, Collectors.counting())).entrySet().stream()
                .map(entry -> entry.getKey() + " × " + entry.getValue()).collect(Collectors.joining(", "));
    }

    /** How to print it, in words. */
    public static String settings(Batch batch) {
        String runs = batch.setUp().runs() > 1 ? " Run each sheet %d times, the same edge first, crosses over crosses.".formatted(batch.setUp().runs()) : "";
        int mirrored = (int) batch.items().stream().filter(Item::mirrored).count();
        return batch.kind().printing() + runs + " " + PrintWork.mirrorSetting(mirrored, batch.items().size());
    }

    public byte[] pdf(Batch batch) {
        return PrintPdf.write(batch.kind().words(), leaves(batch));
    }

    /** The dots to the inch its sheets are drawn with as pixels. */
    public static int dotsPerInch(Batch batch) {
        return batch.items().stream().anyMatch(item -> item.planned().piece().design().treatments().blackAndWhite()) ? PrintWork.BIT_DOTS_PER_INCH : PrintWork.GREY_DOTS_PER_INCH;
    }

    /** Masters for a copy shop, each to be copied as often. */
    public Master master(Batch batch) {
        List<Packing.Wanted> wanted = SheetWork.wanted(batch.items());
        return masters.get(List.of(batch.setUp().sheet(), wanted), key -> Master.of(batch.setUp().size(), wanted));
    }

    public byte[] masterPdf(Batch batch) {
        Master master = master(batch);
        return PrintPdf.write("Master for the copy shop", leaves(batch, master.sheets(), "Master %d of %d, copy it " + times(master.copies()) + " · ",
                IntStream.range(0, master.sheets().size()).boxed().toList()));
    }

    public static String times(int n) {
        return n == 1 ? "once" : n == 2 ? "twice" : n + " times";
    }
}
