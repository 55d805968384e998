package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "following")
class FollowingEntity extends OnlyRow {
    @Lob
    @Column(name = "following_json")
    @Nullable String following;

    @Override
    @Nullable String text() {
        return following;
    }

    @Override
    void text(String text) {
        following = text;
    }
}
