package kindveil.tone;

import kindveil.image.Plane;

/** A plain light background made clear, as far as it can be reached from the border; lights inside the subject stay. */
public record PlainBackground() implements Treatment {
    @Override
    public Plane apply(Plane luminance, double pixelsPerMillimetre) {
        Plane subject = Subject.mask(luminance);
        return Plane.compute(luminance.width(), luminance.height(), (x, y) -> subject.at(x, y) == 0 ? 1 : luminance.at(x, y));
    }

    @Override
    public String code() {
        return "background";
    }

    @Override
    public String words() {
        return "clear the plain background";
    }
}
