package kindveil.studio.work.picture;

import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** Keeps pictures. */
public interface Pictures {
    Optional<StoredPicture> find(UUID id);

    /** Those of them that are there, in one go. */
    Map<UUID, StoredPicture> all(Collection<UUID> ids);

    /** The file as it came. */
    byte[] original(UUID id);

    /** Its working copy as PNG, if one is kept already. */
    Optional<byte[]> preview(UUID id);

    void keep(StoredPicture picture, byte[] original);

    /** Keeps a working copy beside it; does nothing where the picture is not there, or not yet, or where the disk has no room for it. */
    void keepPreview(UUID id, byte[] previewPng);
}
