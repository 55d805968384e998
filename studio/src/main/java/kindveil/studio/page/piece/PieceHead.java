package kindveil.studio.page.piece;

import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Veil;
import org.jspecify.annotations.Nullable;

/**
 * Title, veils and stations of a piece's page.
 *
 * @param once so that another like it is made once however often it is sent; {@code next} what that would be called
 * @param base address of the veil in hand, before the station's name
 * @param here the station this page is
 */
public record PieceHead(UUID id, int version, String title, UUID once, String next, String here, String base, List<Station> stations, List<VeilTab> veils) {
    private static final Pattern NUMBERED = Pattern.compile("(.+), (\\d{1,4})");
    private static final List<String> ORDER = List.of("Source", "Build", "Arrange", "Print", "Make", "Finish", "Notes");
    private static final List<String> OF_A_PICTURE = List.of("Source", "Print");

    /** One of them. */
    public record Station(String name, String address, boolean here) {
    }

    /** One veil, in the order they are made. @param picture it brings, or null @param words its way */
    public record VeilTab(int number, @Nullable UUID picture, String words, String address, boolean here) {
    }

    public static PieceHead of(Piece piece, String here) {
        List<Station> stations = ORDER.stream().filter(name -> piece.veil().bringsPicture() || !OF_A_PICTURE.contains(name))
                .map(name -> new Station(name, base(piece) + "/" + name.toLowerCase(Locale.ROOT), name.equals(here))).toList();
        List<VeilTab> veils = IntStream.range(0, piece.veils().size()).mapToObj(i -> {
            Veil veil = piece.veils().get(i);
            String station = !veil.bringsPicture() && OF_A_PICTURE.contains(here) ? "build" : here.toLowerCase(Locale.ROOT);
            return new VeilTab(i + 1, veil.picture(), veil.design().theWay().name(), base(piece.at(i + 1)) + "/" + station, i == piece.inHand());
        }).toList();
        return new PieceHead(piece.id(), piece.version(), piece.title(), UUID.randomUUID(), next(piece.title()), here, base(piece), stations, veils);
    }

    /** What the next of a kind is called: “Heron” is followed by “Heron, 2”, and that by “Heron, 3”. */
    static String next(String title) {
        Matcher numbered = NUMBERED.matcher(title);
        boolean one = numbered.matches();
        String first = one ? numbered.group(1) : title;
        String number = ", " + (one ? Integer.parseInt(numbered.group(2)) + 1 : 2);
        return first.substring(0, Math.min(first.length(), PieceWork.LONGEST_TITLE - number.length())) + number;
    }

    /** Address of the veil in hand. */
    public static String base(Piece piece) {
        return piece.inHand() == 0 ? "/pieces/" + piece.id() : "/pieces/%s/veils/%d".formatted(piece.id(), piece.inHand() + 1);
    }
}
