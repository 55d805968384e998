package kindveil.studio.work;

import java.util.Optional;
import java.util.UUID;

/** Keeps pictures. */
public interface Pictures {
    Optional<StoredPicture> find(UUID id);

    byte[] full(UUID id);

    byte[] preview(UUID id);

    void keep(StoredPicture picture, byte[] fullPng, byte[] previewPng);
}
