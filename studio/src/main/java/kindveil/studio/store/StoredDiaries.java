package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import kindveil.studio.store.form.DiaryForm;
import kindveil.studio.work.sitting.Diaries;
import kindveil.studio.work.sitting.Diary;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
@Transactional
class StoredDiaries implements Diaries {
    static final OnlyRow.Kind<DiaryForm, Diary> ROW = new OnlyRow.Kind<>(DiaryEntity.class, DiaryForm.class, DiaryForm::diary, "The plan of your evenings");
    private final EntityManager entities;

    StoredDiaries(EntityManager entities) {
        this.entities = entities;
    }

    @Override
    public Diary now() {
        return ROW.now(entities, Diary.EMPTY::at);
    }

    @Override
    public void replace(Diary diary) {
        OnlyRow.replace(entities, DiaryEntity.class, DiaryEntity::new, diary.version(), DiaryForm.of(diary), ROW.what());
    }
}
