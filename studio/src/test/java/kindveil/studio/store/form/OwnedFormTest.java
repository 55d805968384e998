package kindveil.studio.store.form;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import kindveil.bench.Hand;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.measure.Length;
import kindveil.mixing.Ageing;
import kindveil.product.Goods;
import kindveil.studio.work.shelf.Gear;
import kindveil.studio.work.shelf.Lineage;
import kindveil.studio.work.shelf.Lot;
import kindveil.studio.work.shelf.OwnSupport;
import kindveil.studio.work.shelf.Owned;
import kindveil.studio.work.shelf.Owned.Size;
import kindveil.studio.work.shelf.Print;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class OwnedFormTest {
    private static final Instant NOW = Instant.parse("2026-03-05T18:00:00Z");
    private static final Size SIZE = new Size(Length.ofMillimetres(120), Length.ofMillimetres(90));

    private static UUID id() {
        return UUID.nameUUIDFromBytes(new byte[] {1});
    }

    private static Lineage lineage() {
        return new Lineage(id(), "Oar", 1, "oar.png", id(), PrintKind.values()[0], Hand.MIRRORED, "copy shop at the landing", NOW, new Lineage.Use(id(), 2));
    }

    static List<Owned> everySort() {
        Stream<Owned> lots = Stream.of(new Lot(id(), "gloss-medium", "medium", 2, Goods.of("gloss-medium").called("own", "medium"), 1450L, LocalDate.of(2026, 1, 2), new Lot.Filling(250.0, 0.4, new Lot.Looked(NOW, Ageing.Sign.SKIN))),
                new Lot(id(), "", "mine", 1, Goods.of("gesso"), null, null, Lot.Filling.UNKNOWN), new Lot(id(), "gesso", "gesso", 0, Goods.of("gesso"), null, null, new Lot.Filling(500.0, null, new Lot.Looked(NOW, null))));
        Stream<Owned> prints = Stream.of(new Print(id(), "copy", "Oar", 3, SIZE, NOW, lineage()), new Print(id(), "ghost", "Oar", 1, SIZE, null, null));
        Stream<Owned> gear = Arrays.stream(Gear.Kind.values()).flatMap(kind -> Stream.of(new Gear(id(), kind, kind == Gear.Kind.PAPER ? "tissue" : "", "it", 7, SIZE, 0.5, 18.0, NOW), new Gear(id(), kind, "", "it", 0, null, null, null, null)));
        Stream<Owned> supports = Support.values().stream().map(like -> new OwnSupport(id(), like.own(id().toString(), "mine", Support.Told.NOTHING)));
        return Stream.of(lots, prints, gear, supports).flatMap(each -> each).toList();
    }

    @ParameterizedTest
    @MethodSource("everySort")
    void whatIsKept_isReadAsItWas(Owned owned) {
        String kept = Json.write(OwnedForm.of(owned));
        assertEquals(owned, Json.read(kept, OwnedForm.class).owned());
    }

    @Test
    void sorts_areToldApartByTheirToken() {
        Set<String> tokens = new HashSet<>();
        everySort().forEach(owned -> tokens.add(OwnedForm.of(owned).kind()));
        assertEquals(Set.of("lot", "print", "support", "tool", "plate", "tray", "weight", "paper", "film", "tape"), tokens);
    }

    /** What makes it what it is is missing, or nobody knows what it is: it is said of which. */
    @ParameterizedTest
    @MethodSource("kinds")
    void whatItIsOf_missing_isSaid(String kind) {
        OwnedForm bare = new OwnedForm(id(), kind, "", "Reed", 1, null, null, null, null, null, null, null, null, null, null, null, null);
        Unreadable wrong = assertThrows(Unreadable.class, () -> Json.guarded(bare::owned));
        assertTrue(wrong.getMessage().contains(kind), wrong.getMessage());
    }

    static List<String> kinds() {
        return List.of("lot", "print", "support", "anvil");
    }
}
