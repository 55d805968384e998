package kindveil.studio.store;

import jakarta.persistence.Basic;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

@Entity
@Table(name = "picture")
class PictureEntity {
    @Id
    UUID id;
    String name;
    int width;
    int height;
    Instant added;
    @Lob
    @Basic(fetch = FetchType.LAZY)
    byte[] original;
    @Lob
    @Basic(fetch = FetchType.LAZY)
    @Column(name = "preview_png")
    byte[] previewPng;
}
