package kindveil.studio.page;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import kindveil.measure.UnusableValue;
import org.jspecify.annotations.Nullable;
import org.springframework.web.multipart.MultipartFile;

/** A file as it came, or nothing; read when it is asked for, so that many are never held at once. @param name what it was called @param chosen whether one was */
public record Upload(String name, boolean chosen, @Nullable MultipartFile file) {
    public static final Upload NOTHING = new Upload("no file", false, null);
    /** What one file may have at most, MB. */
    private static final long MOST = 64;
    private static final long MEGABYTE = 1024 * 1024;

    public static Upload of(@Nullable MultipartFile file, String otherwise) {
        boolean named = file != null && file.getOriginalFilename() != null && !file.getOriginalFilename().isBlank();
        return new Upload(named ? file.getOriginalFilename() : otherwise, named, file);
    }

    /** Those of several that were chosen. */
    public static List<Upload> chosen(@Nullable List<MultipartFile> files) {
        List<Upload> chosen = new ArrayList<>();
        for (MultipartFile file : files == null ? List.<MultipartFile>of() : files) {
            chosen.add(of(file, NOTHING.name));
        }
        return chosen.stream().filter(Upload::chosen).toList();
    }

    /** What is in it; empty where none came. */
    public byte[] bytes() {
        if (file == null) {
            return new byte[0];
        }
        if (file.getSize() > MOST * MEGABYTE) {
            throw new UnusableValue("File", "%s, %d MB".formatted(name, file.getSize() / MEGABYTE), "at most %d MB".formatted(MOST), "Save it smaller, or as JPEG, and choose it again.");
        }
        try {
            return file.getBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public boolean came() {
        return file != null && !file.isEmpty();
    }
}
