package kindveil.studio.store.form;

import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.shape.Region;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.Image;
import kindveil.studio.work.piece.Lay;
import kindveil.studio.work.piece.Manner;
import kindveil.studio.work.piece.Patch;
import kindveil.studio.work.piece.PrintPlan;
import kindveil.tone.Treatments;
import org.jspecify.annotations.Nullable;

/** A veil's design as it is kept. Lengths in nm, colours linear. */
public record DesignForm(long width, String treated, String before, String opaque, String seamless, String way, Map<String, String> choices, Map<String, Double> dials,
        Map<String, double[]> colours, Map<String, UUID> lots, String wish, String print, String hand, String paper, int copies, @Nullable ExistingForm exists, @Nullable LayForm lay) {
    /** A print that is there already. */
    public record ExistingForm(String print, String hand, long width, String wanted) {
        static @Nullable ExistingForm of(PrintPlan.@Nullable Existing e) {
            return e == null ? null : new ExistingForm(Vocabulary.PRINT.of(e.kind()), Vocabulary.HAND.of(e.hand()), e.width().nanometres(), Vocabulary.HAND_WISH.of(e.wanted()));
        }

        PrintPlan.Existing existing() {
            return new PrintPlan.Existing(Vocabulary.PRINT.read(print), Vocabulary.HAND.read(hand), new Length(width), Vocabulary.HAND_WISH.read(wanted));
        }
    }

    /** How it lies; a design from before anything was arranged has none. @param patch null where it covers the page, or brings a picture */
    public record LayForm(double turn, @Nullable PatchForm patch) {
        static LayForm of(Lay lay) {
            return new LayForm(lay.turn(), lay.patch() == null ? null : new PatchForm(lay.patch().width().nanometres(), lay.patch().height().nanometres(), lay.patch().shape().toString()));
        }

        Lay lay() {
            return new Lay(turn, patch == null ? null : new Patch(new Length(patch.width), new Length(patch.height), Region.parse(patch.shape)));
        }
    }

    public record PatchForm(long width, long height, String shape) {
    }

    public static DesignForm of(Design d) {
        Image i = d.image();
        Manner m = d.manner();
        return new DesignForm(i.width().nanometres(), i.treatments().toString(), i.before().toString(), i.opaque(), i.seamless(), m.way(), new TreeMap<>(m.choices()), new TreeMap<>(m.dials()),
                PlanForm.mapped(m.colours(), ProductForm::colour), new TreeMap<>(m.lots()), Vocabulary.WISH.of(d.wish()), Vocabulary.PRINT.of(d.print()), Vocabulary.HAND_WISH.of(d.hand()),
                Vocabulary.PAPER.of(d.paper()), d.copies(), ExistingForm.of(d.printing().exists()), d.lay().equals(Lay.STRAIGHT) ? null : LayForm.of(d.lay()));
    }

    public Design design() {
        Image image = new Image(new Length(width), Treatments.parse(treated), Treatments.parse(before), opaque, seamless);
        Manner manner = new Manner(way, choices, dials, PlanForm.mapped(colours, ProductForm::colour), lots);
        return new Design(image, manner, Vocabulary.WISH.read(wish), new PrintPlan(Vocabulary.PRINT.read(print), Vocabulary.HAND_WISH.read(hand), Vocabulary.PAPER.read(paper), copies, exists == null ? null : exists.existing()), lay == null ? Lay.STRAIGHT : lay.lay());
    }
}
