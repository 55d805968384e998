package kindveil.studio.page.jar;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import kindveil.measure.UnitSystem;
import kindveil.product.Mixture;
import kindveil.product.Mixtures;
import kindveil.studio.page.Problems;
import org.junit.jupiter.api.Test;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;

/** A change of mind while a batch is filled in: what belonged to one mixture stays with it. */
class MixFormTest {
    /** As the form of a mixture stands, filled in, with another one chosen in its list. */
    private static MultiValueMap<String, String> chosen(Mixture shown, Mixture chosen) {
        MultiValueMap<String, String> sent = new LinkedMultiValueMap<>();
        sent.add("mixture", chosen.id());
        sent.add("shown", shown.id());
        sent.add("more", "30 ml");
        sent.add("bottle", "91");
        for (int i = 0; i < shown.ingredients().size(); i++) {
            sent.add("part", String.valueOf(7 + i));
        }
        return sent;
    }

    @Test
    void everyMixtureAfterEveryOther_isMixedAsItIsByItself() {
        int changed = 0;
        for (Mixture before : Mixtures.all()) {
            for (Mixture after : Mixtures.all()) {
                Problems problems = new Problems();
                MixForm.Batch batch = MixForm.of(chosen(before, after), "").read(Mixtures.all(), Map.of(), UnitSystem.METRIC, problems);
                if (before.equals(after)) {
                    continue;
                }
                changed++;
                assertFalse(problems.any(), before.id() + " to " + after.id() + ": " + problems.words());
                assertNotNull(batch);
                MultiValueMap<String, String> alone = new LinkedMultiValueMap<>(Map.of("mixture", List.of(after.id()), "more", List.of("30 ml")));
                MixForm.Batch fresh = MixForm.of(alone, "").read(Mixtures.all(), Map.of(), UnitSystem.METRIC, new Problems());
                assertNotNull(fresh);
                assertEquals(fresh.recipe(), batch.recipe(), before.id() + " to " + after.id());
                assertEquals(fresh.bottle(), batch.bottle());
            }
        }
        assertTrue(changed >= 30, changed + " changes");
    }

    /** What is typed of the mixture that stands there counts. */
    @Test
    void sameMixture_keepsWhatWasTyped() {
        Mixture slurry = Mixtures.all().stream().filter(mixture -> mixture.id().equals("slurry")).findFirst().orElseThrow();
        MixForm form = MixForm.of(chosen(slurry, slurry), "");
        assertEquals("7", form.parts().getFirst());
    }
}
