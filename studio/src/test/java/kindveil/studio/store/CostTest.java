package kindveil.studio.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import jakarta.persistence.EntityManagerFactory;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.hibernate.SessionFactory;
import org.hibernate.stat.Statistics;
import org.junit.jupiter.api.Test;

/** What the store is asked while a page is drawn does not grow with what lies in the studio. */
class CostTest {
    /** Statements and deed rows a page took. */
    private record Cost(long statements, long deeds) {
    }

    @Test
    void pages_askTheStoreAsOften_withFiveHundredMakingsAsWithTen() {
        try (Studio studio = OpenStudio.open("jdbc:h2:mem:cost", "--spring.jpa.properties.hibernate.session_factory.statement_inspector=" + RequestStatements.class.getName())) {
            Web web = new Web(studio.address());
            Piece first = studio.bean(PieceWork.class).begin("Oar 0", Length.ofMillimetres(90), "oar.png", Samples.cornerPng());
            fill(studio, first, 10);
            UUID active = studio.bean(MakeWork.class).active().getFirst().id();
            List<String> pages = List.of("/", "/pieces", "/log", "/sheets", "/room", "/ways", "/pieces/" + first.id() + "/make", "/pieces/" + first.id() + "/build", "/pieces/" + first.id() + "/notes", "/bench/" + active);
            Map<String, Cost> few = costs(studio, web, pages);
            fill(studio, first, 490);
            Map<String, Cost> many = costs(studio, web, pages);
            assertEquals(few, many);
            assertTrue(few.get("/").statements() <= 12, few.toString());
        }
    }

    private static Map<String, Cost> costs(Studio studio, Web web, List<String> pages) {
        Statistics asked = studio.bean(EntityManagerFactory.class).unwrap(SessionFactory.class).getStatistics();
        Map<String, Cost> costs = new TreeMap<>();
        for (String page : pages) {
            assertEquals(200, web.get(page).status(), page);
            // the lesser of two: what is learned is read anew once a minute, which may fall into one of them
            for (int i = 0; i < 2; i++) {
                asked.clear();
                long before = RequestStatements.counted();
                web.get(page);
                Cost cost = new Cost(RequestStatements.counted() - before, asked.getEntityStatistics(DeedEntity.class.getName()).getLoadCount());
                costs.merge(page, cost, (one, other) -> one.statements() <= other.statements() ? one : other);
            }
        }
        return costs;
    }

    /** Pieces of one picture, each made to its end but two, so that what is at hand stays the same. */
    private static void fill(Studio studio, Piece like, int more) {
        PieceWork pieces = studio.bean(PieceWork.class);
        MakeWork makings = studio.bean(MakeWork.class);
        List<StoredMaking> begun = new ArrayList<>();
        for (int i = 0; i < more; i++) {
            Piece piece = pieces.begin("Oar " + i, Length.ofMillimetres(90), like.picture());
            begun.add(makings.begin(piece.id()));
        }
        int left = makings.active().size() - 2;
        for (StoredMaking making : begun.subList(begun.size() - left, begun.size())) {
            makings.layAside(making.id());
        }
    }
}
