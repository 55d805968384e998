package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import kindveil.studio.store.form.Json;
import kindveil.studio.store.form.PlanForm;
import kindveil.studio.work.making.Replan;

@Entity
@Table(name = "replan")
class ReplanEntity {
    @EmbeddedId
    Key key;
    @Column(name = "after")
    int deeds;
    @Column(name = "at")
    Instant changed;
    String words;
    @Lob
    @Column(name = "plan_json")
    String plan;

    /** Which change of which making, from 0. */
    @Embeddable
    record Key(@Column(name = "making_id") UUID making, @Column(name = "number") int number) {
    }

    static ReplanEntity of(UUID making, int number, Replan replan) {
        ReplanEntity e = new ReplanEntity();
        e.key = new Key(making, number);
        e.deeds = replan.after();
        e.changed = replan.at();
        e.words = replan.words();
        e.plan = Json.write(PlanForm.of(replan.plan()));
        return e;
    }

    /** {@link kindveil.studio.store.form.Unreadable} where it cannot be read. */
    Replan replan() {
        PlanForm form = Json.read(plan, PlanForm.class);
        return Json.guarded(() -> new Replan(deeds, changed, words, form.begun()));
    }
}
