package kindveil.studio.page;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.multipart.MultipartFile;

/** A file as it came, or nothing. @param name what it was called @param chosen whether one was @param bytes empty where none came */
public record Upload(String name, boolean chosen, byte[] bytes) {
    public static final Upload NOTHING = new Upload("no file", false, new byte[0]);

    public static Upload of(@Nullable MultipartFile file, String otherwise) throws IOException {
        boolean named = file != null && file.getOriginalFilename() != null && !file.getOriginalFilename().isBlank();
        return new Upload(named ? file.getOriginalFilename() : otherwise, named, file == null ? new byte[0] : file.getBytes());
    }

    /** Those of several that were chosen. */
    public static List<Upload> chosen(@Nullable List<MultipartFile> files) throws IOException {
        List<Upload> chosen = new ArrayList<>();
        for (MultipartFile file : files == null ? List.<MultipartFile>of() : files) {
            chosen.add(of(file, NOTHING.name));
        }
        return chosen.stream().filter(Upload::chosen).toList();
    }

    public boolean came() {
        return bytes.length > 0;
    }
}
