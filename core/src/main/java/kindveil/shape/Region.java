package kindveil.shape;

import org.locationtech.jts.operation.union.UnaryUnionOp;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;
import kindveil.image.Plane;
import kindveil.measure.UnusableValue;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.polygonize.Polygonizer;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/** A part of a picture with an exact outline, in widths of the picture. Equal when written the same. */
public final class Region {
    /** Of one stroke, in widths of the picture. */
    public static final double LONGEST_STROKE = 60;
    private static final int PART = 48;
    public static final int MOST_POINTS = 6000;
    private static final double UNIT = 100_000;
    private static final GeometryFactory SHAPES = new GeometryFactory();
    public static final Region EMPTY = new Region(SHAPES.createPolygon());
    private final Geometry geometry;

    private Region(Geometry geometry) {
        this.geometry = geometry;
    }

    /** Only what has an area, put in order. */
    private static Region of(Geometry geometry) {
        Geometry sound = geometry.isValid() ? geometry : GeometryFixer.fix(geometry);
        List<Polygon> polygons = new ArrayList<>();
        collect(sound, polygons);
        Geometry all = SHAPES.createMultiPolygon(polygons.toArray(Polygon[]::new));
        all.normalize();
        return new Region(all);
    }

    private static void collect(Geometry geometry, List<Polygon> polygons) {
        if (geometry instanceof Polygon polygon) {
            if (!polygon.isEmpty()) {
                polygons.add(polygon);
            }
            return;
        }
        for (int i = 0; i < geometry.getNumGeometries() && geometry.getNumGeometries() > 0 && geometry != geometry.getGeometryN(i); i++) {
            collect(geometry.getGeometryN(i), polygons);
        }
    }

    // ---- made

    public static Region rectangle(double left, double top, double right, double bottom) {
        return of(SHAPES.createPolygon(new Coordinate[] {new Coordinate(left, top), new Coordinate(right, top), new Coordinate(right, bottom),
                new Coordinate(left, bottom), new Coordinate(left, top)}));
    }

    /** Inside one ring of points, without the first again at its end. */
    public static Region ring(List<double[]> points) {
        return of(SHAPES.createPolygon(ring(points.toArray(double[][]::new))));
    }

    /**
     * What a round brush covers on its way through {@code points}: covered part by part and then joined, since a way that
     * crosses itself often costs by the square of its crossings. A way longer than {@link #LONGEST_STROKE} is refused.
     */
    public static Region stroke(List<double[]> points, double radius) {
        Coordinate[] way = points.stream().map(p -> new Coordinate(p[0], p[1])).toArray(Coordinate[]::new);
        if (way.length == 1) {
            return of(SHAPES.createPoint(way[0]).buffer(radius, 12));
        }
        UnusableValue.requireWithin("length of the stroke", SHAPES.createLineString(way).getLength(), 0, LONGEST_STROKE, "widths of the picture", "Lift the brush in between.");
        List<Geometry> parts = new ArrayList<>();
        for (int from = 0; from < way.length - 1; from += PART) {
            parts.add(SHAPES.createLineString(Arrays.copyOfRange(way, from, Math.min(way.length, from + PART + 1))).buffer(radius, 12));
        }
        return of(UnaryUnionOp.union(parts));
    }

    /** Everything in which a plane lies below {@code level}; parts smaller than {@code smallest} of a squared width are left out. */
    public static Region below(Plane plane, float level, double smallest) {
        Polygonizer closed = new Polygonizer(true);
        for (double[][] ring : Contours.below(plane, level)) {
            if (ring.length >= 3 && area(ring) >= smallest) {
                closed.add(ring(ring));
            }
        }
        return of(closed.getGeometry());
    }

    /** Everything between two values of a plane. */
    public static Region between(Plane plane, float from, float to, double smallest) {
        return below(Plane.compute(plane.width(), plane.height(), (x, y) -> Math.max(from - plane.at(x, y), plane.at(x, y) - to)), 0, smallest);
    }

    /** What can be reached from a place without the plane's value departing from that place's by more than {@code tolerance}. */
    public static Region grown(Plane plane, double x, double y, float tolerance) {
        int w = plane.width();
        int h = plane.height();
        int px = (int) Math.floor(x * w);
        int py = (int) Math.floor(y * w);
        if (px < 0 || py < 0 || px >= w || py >= h) {
            throw new UnusableValue("seed", String.format(Locale.ROOT, "%.3f, %.3f", x, y), "a place in the picture", "Touch the picture itself.");
        }
        float seed = plane.at(px, py);
        boolean[] in = new boolean[w * h];
        // each place is put on it once at most
        int[] edge = new int[w * h];
        int left = 1;
        edge[0] = py * w + px;
        in[edge[0]] = true;
        while (left > 0) {
            int at = edge[--left];
            int column = at % w;
            for (int side = 0; side < 4; side++) {
                int to = at + (side == 0 && column > 0 ? -1 : side == 1 && column < w - 1 ? 1 : side == 2 && at >= w ? -w : side == 3 && at < w * (h - 1) ? w : 0);
                if (!in[to] && Math.abs(plane.at(to % w, to / w) - seed) <= tolerance) {
                    in[to] = true;
                    edge[left++] = to;
                }
            }
        }
        float far = tolerance + 1;
        // what was not reached but is alike is as far off as a stranger
        Plane apart = Plane.compute(w, h, (i, j) -> {
            float d = Math.abs(plane.at(i, j) - seed);
            return in[j * w + i] ? Math.min(d, tolerance) : d <= tolerance ? far : d;
        });
        return below(apart, Math.nextUp(tolerance), 0);
    }

    private static LinearRing ring(double[][] points) {
        Coordinate[] all = new Coordinate[points.length + 1];
        for (int i = 0; i < points.length; i++) {
            all[i] = new Coordinate(points[i][0], points[i][1]);
        }
        all[points.length] = all[0].copy();
        return SHAPES.createLinearRing(all);
    }

    private static double area(double[][] ring) {
        double twice = 0;
        for (int i = 0; i < ring.length; i++) {
            double[] a = ring[i];
            double[] b = ring[(i + 1) % ring.length];
            twice += a[0] * b[1] - b[0] * a[1];
        }
        return Math.abs(twice) / 2;
    }

    // ---- reckoned with

    public Region plus(Region other) {
        return of(OverlayNGRobust.overlay(geometry, other.geometry, OverlayNG.UNION));
    }

    public Region minus(Region other) {
        return of(OverlayNGRobust.overlay(geometry, other.geometry, OverlayNG.DIFFERENCE));
    }

    public Region and(Region other) {
        return of(OverlayNGRobust.overlay(geometry, other.geometry, OverlayNG.INTERSECTION));
    }

    /** Wider all round by {@code by}, or narrower below 0. */
    public Region wider(double by) {
        return of(geometry.buffer(by, 12));
    }

    /** With fewer points, none of the outline moved by more than {@code tolerance}. */
    public Region simpler(double tolerance) {
        return of(TopologyPreservingSimplifier.simplify(geometry, tolerance));
    }

    /** Each point taken elsewhere, as by a turn or a crop. */
    public Region mapped(UnaryOperator<double[]> place) {
        Geometry copy = geometry.copy();
        copy.apply((Coordinate c) -> {
            double[] to = place.apply(new double[] {c.x, c.y});
            c.x = to[0];
            c.y = to[1];
        });
        copy.geometryChanged();
        return of(copy);
    }

    /** With one point of one ring moved; rings are counted as {@link #rings} lists them. */
    public Region moved(int ring, int point, double x, double y) {
        return changed(ring, points -> {
            require("point", point, points.size());
            points.set(point, new double[] {x, y});
            return points;
        });
    }

    /** Without one point; a ring of three goes whole. */
    public Region without(int ring, int point) {
        return changed(ring, points -> {
            require("point", point, points.size());
            points.remove(point);
            return points.size() < 3 ? List.of() : points;
        });
    }

    /** With one point more, after {@code point}. */
    public Region with(int ring, int point, double x, double y) {
        return changed(ring, points -> {
            require("point", point, points.size());
            points.add(point + 1, new double[] {x, y});
            return points;
        });
    }

    private static void require(String thing, int index, int count) {
        UnusableValue.requireWithin(thing, index, 0, Math.max(0, count - 1), "", "Points are counted along each outline from 0.");
    }

    private Region changed(int ring, UnaryOperator<List<double[]>> change) {
        List<List<double[]>> rings = rings();
        require("outline", ring, rings.size());
        List<double[]> points = change.apply(new ArrayList<>(rings.get(ring)));
        Polygonizer closed = new Polygonizer(true);
        List<LinearRing> lines = new ArrayList<>();
        for (int i = 0; i < rings.size(); i++) {
            List<double[]> now = i == ring ? points : rings.get(i);
            if (now.size() >= 3) {
                lines.add(ring(now.toArray(double[][]::new)));
                closed.add(lines.getLast());
            }
        }
        if (!SHAPES.createMultiLineString(lines.toArray(LinearRing[]::new)).isSimple()) {
            throw new UnusableValue("outline", "one that crosses itself or another", "outlines that do not cross", "Move the point back a little; nothing was changed.");
        }
        return of(closed.getGeometry());
    }

    // ---- asked

    public boolean isEmpty() {
        return geometry.isEmpty();
    }

    /** In squared widths. */
    public double area() {
        return geometry.getArea();
    }

    public int points() {
        return geometry.getNumPoints();
    }

    public boolean holds(double x, double y) {
        return geometry.intersects(SHAPES.createPoint(new Coordinate(x, y)));
    }

    /** The outlines, each a list of points without its first again at the end; a polygon's own before its holes. */
    public List<List<double[]>> rings() {
        List<List<double[]>> rings = new ArrayList<>();
        for (Polygon polygon : polygons()) {
            rings.add(points(polygon.getExteriorRing()));
            for (int k = 0; k < polygon.getNumInteriorRing(); k++) {
                rings.add(points(polygon.getInteriorRingN(k)));
            }
        }
        return rings;
    }

    private List<Polygon> polygons() {
        List<Polygon> polygons = new ArrayList<>();
        collect(geometry, polygons);
        return polygons;
    }

    private static List<double[]> points(LinearRing ring) {
        Coordinate[] all = ring.getCoordinates();
        return Arrays.stream(all, 0, all.length - 1).map(c -> new double[] {c.x, c.y}).toList();
    }

    /** As the data of an SVG path, each number times {@code scale}; fill it by the even-odd rule. */
    public String path(double scale) {
        DoubleFunction<String> number = v -> String.format(Locale.ROOT, "%.3f", v * scale).replaceAll("\\.?0+$", "");
        StringBuilder path = new StringBuilder();
        for (List<double[]> ring : rings()) {
            for (int i = 0; i < ring.size(); i++) {
                path.append(i == 0 ? 'M' : 'L').append(number.apply(ring.get(i)[0])).append(' ').append(number.apply(ring.get(i)[1]));
            }
            path.append('Z');
        }
        return path.toString();
    }

    /**
     * The exact share of each pixel that lies inside, for a picture of that many pixels; every edge adds the signed area
     * between itself and the right border, row by row.
     */
    public Plane coverage(int width, int height) {
        float[] gained = new float[(width + 2) * height];
        for (List<double[]> ring : rings()) {
            for (int i = 0; i < ring.size(); i++) {
                double[] a = ring.get(i);
                double[] b = ring.get((i + 1) % ring.size());
                edge(gained, width, height, a[0] * width, a[1] * width, b[0] * width, b[1] * width);
            }
        }
        float[] out = new float[width * height];
        for (int y = 0; y < height; y++) {
            double sum = 0;
            for (int x = 0; x < width; x++) {
                sum += gained[y * (width + 2) + x];
                out[y * width + x] = (float) Math.clamp(Math.abs(sum), 0, 1);
            }
        }
        return Plane.of(width, height, out);
    }

    private static void edge(float[] gained, int width, int height, double x0, double y0, double x1, double y1) {
        if (y0 == y1) {
            return;
        }
        boolean down = y0 < y1;
        double top = Math.max(0, Math.min(y0, y1));
        double foot = Math.min(height, Math.max(y0, y1));
        double slope = (x1 - x0) / (y1 - y0);
        for (int row = (int) top; row < foot; row++) {
            double from = Math.max(top, row);
            double to = Math.min(foot, row + 1.0);
            if (to > from) {
                slab(gained, row * (width + 2), width, x0 + (from - y0) * slope, x0 + (to - y0) * slope, down ? to - from : from - to);
            }
        }
    }

    /** A piece of an edge within one row, from {@code xa} to {@code xb}, of signed height {@code tall}. */
    private static void slab(float[] gained, int row, int width, double xa, double xb, double tall) {
        double low = Math.min(xa, xb);
        double high = Math.max(xa, xb);
        double left = Math.clamp(low, 0, width);
        double right = Math.clamp(high, 0, width);
        double beforeLeft = high <= 0 ? tall : low >= 0 ? 0 : tall * -low / (high - low);
        double afterRight = low >= width ? tall : high <= width ? 0 : tall * (high - width) / (high - low);
        gained[row] += (float) beforeLeft;
        if (high <= 0 || low >= width) {
            return;
        }
        double inside = tall - beforeLeft - afterRight;
        for (int cell = (int) left; cell <= right && cell < width; cell++) {
            double a = Math.max(left, cell);
            double b = Math.min(right, cell + 1.0);
            double share = right == left ? 1 : (b - a) / (right - left);
            double d = inside * share;
            double here = cell + 1 - (a + b) / 2;
            gained[row + cell] += (float) (d * here);
            gained[row + cell + 1] += (float) (d * (1 - here));
            if (right == left) {
                return;
            }
        }
    }

    // ---- written

    /** Polygons parted by {@code ;}, rings by {@code |}, points by spaces, in 1/100 000 of the width. */
    @Override
    public String toString() {
        return String.join(";", polygons().stream().map(polygon -> {
            List<String> rings = new ArrayList<>();
            rings.add(written(polygon.getExteriorRing()));
            for (int k = 0; k < polygon.getNumInteriorRing(); k++) {
                rings.add(written(polygon.getInteriorRingN(k)));
            }
            return String.join("|", rings);
        }).toList());
    }

    private static String written(LinearRing ring) {
        return String.join(" ", points(ring).stream().map(p -> Math.round(p[0] * UNIT) + "," + Math.round(p[1] * UNIT)).toList());
    }

    /** Reads what {@link #toString} writes. */
    public static Region parse(String text) {
        if (text.isBlank()) {
            return EMPTY;
        }
        try {
            List<Polygon> polygons = Arrays.stream(text.split(";")).map(Region::polygon).toList();
            Region region = of(SHAPES.createMultiPolygon(polygons.toArray(Polygon[]::new)));
            UnusableValue.requireWithin("points of the outline", region.points(), 0, MOST_POINTS, "", "Draw it simpler, or take small islands away.");
            return region;
        } catch (IllegalArgumentException | ArrayIndexOutOfBoundsException misread) {
            if (misread instanceof UnusableValue unusable) {
                throw unusable;
            }
            throw new UnusableValue("outline", text.length() > 40 ? text.substring(0, 40) + "…" : text, "rings of points in 1/100 000 of the width",
                    "For example: 10000,10000 50000,10000 50000,40000");
        }
    }

    private static Polygon polygon(String text) {
        String[] rings = text.split("\\|");
        LinearRing[] all = Arrays.stream(rings).map(Region::readRing).toArray(LinearRing[]::new);
        return SHAPES.createPolygon(all[0], Arrays.copyOfRange(all, 1, all.length));
    }

    private static LinearRing readRing(String text) {
        double[][] points = Arrays.stream(text.strip().split(" ")).map(p -> {
            String[] xy = p.split(",");
            return new double[] {Integer.parseInt(xy[0]) / UNIT, Integer.parseInt(xy[1]) / UNIT};
        }).toArray(double[][]::new);
        return ring(points);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Region region && region.toString().equals(toString());
    }

    @Override
    public int hashCode() {
        return toString().hashCode();
    }

    /** Whether two are the same but for {@code area} of a squared width. */
    public boolean near(Region other, double area) {
        return geometry instanceof MultiPolygon && OverlayNGRobust.overlay(geometry, other.geometry, OverlayNG.SYMDIFFERENCE).getArea() <= area;
    }
}
