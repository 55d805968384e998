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
    private final EntityManager entities;

    StoredDiaries(EntityManager entities) {
        this.entities = entities;
    }

    @Override
    public Diary now() {
        return OnlyRow.now(entities, DiaryEntity.class, DiaryForm.class, DiaryForm::diary, Diary.EMPTY::at);
    }

    @Override
    public void replace(Diary diary) {
        OnlyRow.replace(entities, DiaryEntity.class, DiaryEntity::new, diary.version(), DiaryForm.of(diary), "The plan of your evenings");
    }
}
