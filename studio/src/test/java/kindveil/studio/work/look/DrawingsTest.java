package kindveil.studio.work.look;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.AdditionalAnswers.delegatesTo;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import kindveil.bench.Hand;
import kindveil.bench.Mask;
import kindveil.bench.PrintKind;
import kindveil.image.Plane;
import kindveil.light.ProcessInk;
import kindveil.measure.Length;
import kindveil.reading.StackReading.Cover;
import kindveil.studio.OpenStudio;
import kindveil.studio.Samples;
import kindveil.studio.work.picture.PictureWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.source.SourceWork;
import kindveil.way.Wish;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(OpenStudio.class)
class DrawingsTest {
    private final PieceWork pieces;
    private final PictureWork pictures;
    private final SourceWork sources;
    private final Set<String> within = ConcurrentHashMap.newKeySet();
    private final List<String> nested = new ArrayList<>();
    private int asked;

    DrawingsTest(PieceWork pieces, PictureWork pictures, SourceWork sources) {
        this.pieces = pieces;
        this.pictures = pictures;
        this.sources = sources;
    }

    /** A memory that tells when it is asked while it works something out on the same thread. */
    @SuppressWarnings("unchecked")
    private Cache<List<Object>, Plane> watched(Cache<List<Object>, Plane> cache) {
        Cache<List<Object>, Plane> watched = mock(Cache.class, delegatesTo(cache));
        String here = Thread.currentThread().threadId() + " " + System.identityHashCode(cache);
        doAnswer(call -> {
            asked++;
            if (within.contains(here)) {
                nested.add(call.getArgument(0).toString());
            }
            Function<List<Object>, Plane> draw = call.getArgument(1);
            return cache.get(call.getArgument(0), key -> {
                within.add(here);
                try {
                    return draw.apply(key);
                } finally {
                    within.remove(here);
                }
            });
        }).when(watched).get(any(), any(Function.class));
        doAnswer(call -> {
            if (within.contains(here)) {
                nested.add("put " + call.getArgument(0));
            }
            cache.put(call.getArgument(0), call.getArgument(1));
            return null;
        }).when(watched).put(any(), any());
        return watched;
    }

    /** For every wish, edge, print and kind of cover: nothing is looked up in a memory while something is worked out for the same one. */
    @Test
    void nothingIsRemembered_whileSomethingIsWorkedOutForTheSameMemory() {
        Piece piece = pieces.begin("Dye", Length.ofMillimetres(80), "dye.png", Samples.cornerPng());
        for (Wish wish : Wish.values()) {
            for (PrintKind print : List.of(PrintKind.GOOD_TONER, PrintKind.DYE_INKJET, PrintKind.COLOUR_TONER)) {
                for (String edge : List.of("cut", "torn")) {
                    Piece wished = piece.with(piece.design().with(wish).choosing(java.util.Map.of("edge", edge)).with(piece.design().printing().with(print)));
                    Frame frame = Frame.of(wished, pictures, sources, Drawings.empty().each(this::watched), 120);
                    List<@Nullable ProcessInk> inks = new ArrayList<>(print.inColours() ? List.of(ProcessInk.values()) : List.of());
                    inks.add(null);
                    for (@Nullable ProcessInk ink : inks) {
                        for (boolean stain : new boolean[] {false, true}) {
                            Plane covered = frame.coverage(new Cover(new Mask(Mask.Part.DARKS, Hand.READS_RIGHT, 0), ink, stain));
                            assertEquals(frame.width(), covered.width());
                        }
                    }
                }
            }
        }
        assertEquals(List.of(), nested);
        assertTrue(asked > 100, asked + " times asked");
    }
}
