package kindveil.studio.store;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import kindveil.light.Colour;
import kindveil.measure.Length;
import kindveil.sheet.Paper;
import kindveil.studio.work.Design;
import kindveil.studio.work.HandWish;
import kindveil.studio.work.Piece;
import kindveil.tone.Treatment.Levels;
import kindveil.way.Ground;
import kindveil.way.PrintKind;
import kindveil.way.Support;
import kindveil.way.Wish;

@Entity
@Table(name = "piece")
class PieceEntity {
    @Id
    UUID id;
    @Version
    int version;
    String title;
    Instant created;
    @Column(name = "picture_id")
    UUID picture;
    @Column(name = "ground_picture_id")
    UUID groundPicture;
    @Column(name = "print_width_nm")
    long printWidth;
    @Column(name = "black_point")
    int blackPoint;
    @Column(name = "white_point")
    int whitePoint;
    Integer tones;
    String way;
    @Column(name = "bed_um")
    Double bed;
    @Enumerated(EnumType.STRING)
    Support support;
    @Enumerated(EnumType.STRING)
    Ground ground;
    @Column(name = "ground_colour")
    String groundColour;
    @Enumerated(EnumType.STRING)
    Wish wish;
    @Enumerated(EnumType.STRING)
    @Column(name = "print_kind")
    PrintKind printKind;
    @Enumerated(EnumType.STRING)
    @Column(name = "hand_wish")
    HandWish hand;
    @Enumerated(EnumType.STRING)
    Paper paper;
    int copies;
    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "piece_choice", joinColumns = @JoinColumn(name = "piece_id"))
    @MapKeyColumn(name = "choice")
    @Column(name = "chosen")
    Map<String, String> choices = new HashMap<>();

    void take(Piece piece) {
        Design design = piece.design();
        title = piece.title();
        groundPicture = piece.groundPicture();
        picture = piece.picture();
        printWidth = design.printWidth().nanometres();
        blackPoint = design.levels().black();
        whitePoint = design.levels().white();
        tones = design.tones();
        way = design.way();
        bed = design.bedMicrometres();
        support = design.support();
        ground = design.ground();
        groundColour = design.groundColour().toString();
        wish = design.wish();
        printKind = design.print();
        hand = design.hand();
        paper = design.paper();
        copies = design.copies();
        choices.clear();
        choices.putAll(design.choices());
    }

    Piece piece() {
        Design design = new Design(new Length(printWidth), new Levels(blackPoint, whitePoint), tones, way, choices, bed, support, ground,
                Colour.parse("ground colour", groundColour), wish, printKind, hand, paper, copies);
        return new Piece(id, version, title, created, picture, groundPicture, design);
    }
}
