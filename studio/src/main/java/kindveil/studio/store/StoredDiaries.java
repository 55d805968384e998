package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import kindveil.studio.store.form.DiaryForm;
import kindveil.studio.store.form.Json;
import kindveil.studio.store.form.Unreadable;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.sitting.Diaries;
import kindveil.studio.work.sitting.Diary;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
@Transactional
class StoredDiaries implements Diaries {
    private final EntityManager entities;

    StoredDiaries(EntityManager entities) {
        this.entities = entities;
    }

    /** What cannot be read is as nothing said: hours and pieces are said again in a moment. */
    @Override
    public Diary now() {
        DiaryEntity e = entities.find(DiaryEntity.class, DiaryEntity.ONLY);
        if (e == null) {
            return Diary.EMPTY;
        }
        try {
            DiaryForm form = Json.read(e.diary, DiaryForm.class);
            return Json.guarded(() -> form.diary(e.version));
        } catch (Unreadable unreadable) {
            return Diary.EMPTY.at(e.version);
        }
    }

    @Override
    public void replace(Diary diary) {
        DiaryEntity e = entities.find(DiaryEntity.class, DiaryEntity.ONLY);
        if ((e == null ? -1 : e.version) != diary.version()) {
            throw new Outdated("The plan of your evenings");
        }
        DiaryEntity kept = e == null ? new DiaryEntity() : e;
        kept.diary = Json.write(DiaryForm.of(diary));
        if (e == null) {
            entities.persist(kept);
        }
    }
}
