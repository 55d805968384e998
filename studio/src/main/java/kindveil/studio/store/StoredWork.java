package kindveil.studio.store;

import java.util.List;
import kindveil.catalogue.Catalogue;
import kindveil.way.Brief;
import kindveil.way.Work;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** A work as it is kept with a making: each way by its key, with its brief. */
record StoredWork(String way, Brief brief) {
    static String write(JsonMapper json, Work work) {
        return json.writeValueAsString(work.parts().stream().map(part -> new StoredWork(part.way().key(), part.brief())).toList());
    }

    static Work read(JsonMapper json, String text) {
        List<StoredWork> parts = json.readValue(text, new TypeReference<>() {
        });
        return new Work(parts.stream().map(part -> new Work.Part(Catalogue.way(part.way()), part.brief())).toList());
    }
}
