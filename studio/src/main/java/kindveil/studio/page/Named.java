package kindveil.studio.page;

import java.util.Locale;
import java.util.UUID;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.picture.PictureWork;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What a veil is: the picture it brings, by its file, and its way. */
@Component("named")
public class Named {
    private static final int LONGEST = 26;
    private final PictureWork pictures;

    Named(PictureWork pictures) {
        this.pictures = pictures;
    }

    public String veil(@Nullable UUID picture, String way) {
        if (picture == null) {
            return way;
        }
        return "%s, %s".formatted(picture(picture), way.toLowerCase(Locale.ROOT));
    }

    /** A picture by its file. */
    public String picture(UUID picture) {
        String title = PieceWork.titled(pictures.get(picture).name());
        return title.length() > LONGEST ? title.substring(0, LONGEST - 1).strip() + "…" : title;
    }
}
