package kindveil.bench;

import java.util.Arrays;
import java.util.Optional;

import kindveil.light.Inks;
import kindveil.product.Release;

/** What made the print, on which sheet, and what follows from both. Transmittances are one-way, of a solid dark (assumed). */
public enum PrintKind {
    GOOD_TONER("laser print, strong blacks", Ink.TONER, Sheet.COPY_PAPER, 0.2),
    PHOTOCOPY("photocopy", Ink.TONER, Sheet.COPY_PAPER, 0.2),
    WEAK_TONER("laser print, weak single run", Ink.TONER, Sheet.COPY_PAPER, 0.45),
    COLOUR_TONER("laser print in colours", Ink.TONER, Sheet.COPY_PAPER, coloured(1, 0.2, Inks.WHITE)),
    DYE_INKJET("inkjet, dye ink on plain paper", Ink.DYE, Sheet.COPY_PAPER, coloured(0.8, 0.3, Inks.WHITE)),
    PIGMENT_INKJET("inkjet, pigment ink on plain paper", Ink.PIGMENT, Sheet.COPY_PAPER, coloured(0.85, 0.25, Inks.WHITE)),
    MIXED_INKJET("inkjet, pigment black and dye colours on plain paper", Ink.MIXED, Sheet.COPY_PAPER, coloured(0.8, 0.28, Inks.WHITE)),
    MAGAZINE("page of an uncoated magazine or newspaper", Ink.PRINTERS, Sheet.MAGAZINE, coloured(0.75, 0.35, 84)),
    COATED_MAGAZINE("page of a shiny magazine", Ink.PRINTERS, Sheet.COATED_MAGAZINE, coloured(0.95, 0.3, 91)),
    FILM_PIGMENT("pigment inkjet on coated film", Ink.PIGMENT, Sheet.COATED_FILM, coloured(1.15, 0.2, Inks.WHITE)),
    FILM_DYE("dye inkjet on coated film", Ink.DYE, Sheet.COATED_FILM, coloured(1.25, 0.28, Inks.WHITE)),
    FILM_MIXED("mixed inkjet on coated film", Ink.MIXED, Sheet.COATED_FILM, coloured(1.2, 0.24, Inks.WHITE)),
    TISSUE_TONER("laser print on tissue", Ink.TONER, Sheet.TISSUE, 0.3),
    DYE_SUBLIMATION("dye-sublimation photo print", Ink.SUBLIMED, Sheet.PHOTO_PAPER, coloured(1.3, 0.15, Inks.WHITE));

    /** What the image is made of. */
    public enum Ink {
        TONER, PRINTERS, DYE, PIGMENT, MIXED, SUBLIMED
    }

    /** From this share of colour on a mixed print behaves as a dye print (assumed). */
    static final double COLOURFUL = 0.15;
    private static final double COLOURLESS = 0.01;
    private final String words;
    private final Ink ink;
    private final Sheet sheet;
    private final Inks inks;

    PrintKind(String words, Ink ink, Sheet sheet, double black) {
        this(words, ink, sheet, Inks.black(black));
    }

    PrintKind(String words, Ink ink, Sheet sheet, Inks inks) {
        this.words = words;
        this.ink = ink;
        this.sheet = sheet;
        this.inks = inks;
    }

    private static Inks coloured(double density, double black, double paper) {
        return new Inks(true, density, black, paper);
    }

    /** What it is printed with, on its own white (assumed, until a patch strip of that machine says more). */
    public Inks inks() {
        return inks;
    }

    public String words() {
        return words;
    }

    public Ink ink() {
        return ink;
    }

    public Sheet sheet() {
        return sheet;
    }

    /** Whether water leaves it where it is: inkjet bleeds from plain paper, whatever its ink. */
    public boolean waterproof() {
        return switch (ink) {
            case TONER, PRINTERS, SUBLIMED -> true;
            case DYE, PIGMENT, MIXED -> sheet == Sheet.COATED_FILM;
        };
    }

    /** Whether it lets go of its sheet into a binder that has dried on it. */
    public boolean lifts() {
        return sheet != Sheet.COATED_MAGAZINE;
    }

    /** Whether wet oil or plate paint holds on its darks and not on its lights. */
    public boolean holdsPaint() {
        return ink == Ink.TONER && sheet == Sheet.COPY_PAPER;
    }

    /** Whether it has a layer that releases the ink when it is wetted with its own solution. */
    public boolean receiver() {
        return sheet == Sheet.COATED_FILM;
    }

    /** What a solution must let go for its image to come off whole. */
    public Release.Lets letsGo() {
        return receiver() ? Release.Lets.RECEIVED_INK : Release.Lets.TONER;
    }

    /** How far its ink behaves as dye, 0 to 1, for a picture of which {@code colourShare} is coloured. */
    public double dyeShare(double colourShare) {
        return switch (ink) {
            case DYE -> 1;
            case MIXED -> colourShare;
            case TONER, PRINTERS, PIGMENT, SUBLIMED -> 0;
        };
    }

    /** Whether it prints in colours, or in black alone. */
    public boolean inColours() {
        return inks.coloured();
    }

    /** The same ink on the same sheet in colours, where this one is black alone and such a one is printed. */
    public Optional<PrintKind> coloured() {
        return inColours() ? Optional.empty() : Arrays.stream(values()).filter(other -> other.inColours() && other.ink == ink && other.sheet == sheet).findFirst();
    }

    /** What becomes of the colours of a picture of which {@code share} is coloured, 0 to 1. */
    public String colouring(double share) {
        if (share < COLOURLESS) {
            return "Hardly anything of it is coloured.";
        }
        String coloured = Math.round(share * 100) + " % of it is coloured";
        return switch (ink) {
            case TONER -> coloured + (inks.coloured() ? ": toner holds its colours." : ": printed black, only its light and dark is kept.");
            case PRINTERS -> coloured + ": printer's ink carries its colours.";
            case SUBLIMED -> coloured + ": the dye layer carries its colours.";
            case PIGMENT -> coloured + ": pigment holds its colours" + (sheet == Sheet.COATED_FILM ? "." : ", once it is fixed.");
            case DYE -> coloured + ": dye runs in water" + (sheet == Sheet.COATED_FILM ? ", colour may stay on the film and fine writing blurs." : ", so fix it before it gets wet.");
            case MIXED -> coloured + (share >= COLOURFUL ? ": the black is pigment and holds, the colours are dye and run; take it as a dye print."
                    : ": nearly all of it is pigment black, which holds.");
        };
    }

    /** How it is to be printed, for whoever stands at the printer. */
    public String printing() {
        return switch (sheet) {
            case COPY_PAPER -> (ink == Ink.TONER ? "Laser or photocopy" : "Inkjet") + ", on thin plain copy paper, at 100 %, no enhancement, no fit-to-page.";
            case COATED_FILM -> "On the coated side of the film, at 100 %, no fit-to-page, best quality; let the ink dry before it is laid.";
            case TISSUE -> "Tissue mounted on copy paper with a removable adhesive, laser only, at 100 %, fed by hand.";
            case PHOTO_PAPER -> "As a dye-sublimation photo print at 100 %, no border added.";
            case MAGAZINE, COATED_MAGAZINE -> "Cut from the page itself; this sheet shows its size and place.";
        };
    }

    /** One-way transmittance of its solid dark. */
    public double transmittance() {
        return inks.black();
    }
}
