package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import kindveil.studio.store.form.JarForm;
import kindveil.studio.store.form.Json;
import kindveil.studio.work.jar.StudioJar;

@Entity
@Table(name = "jar")
class JarEntity {
    @Id
    UUID id;
    @Version
    int version;
    Instant made;
    @Lob
    @Column(name = "jar_json")
    String jar;

    void take(StudioJar told) {
        jar = Json.write(JarForm.of(told));
    }

    /** {@link kindveil.studio.store.form.Unreadable} where it cannot be read. */
    StudioJar jar() {
        return Json.guarded(() -> Json.read(jar, JarForm.class).jar(id, version, made));
    }
}
