package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.Piece;
import kindveil.studio.work.Pieces;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

@Repository
@Transactional
class StoredPieces implements Pieces {
    private final EntityManager entities;
    private final JsonMapper json;

    StoredPieces(EntityManager entities, JsonMapper json) {
        this.entities = entities;
        this.json = json;
    }

    @Override
    public Optional<Piece> find(UUID id) {
        return Optional.ofNullable(entities.find(PieceEntity.class, id)).map(e -> e.piece(json));
    }

    @Override
    public List<Piece> all() {
        return entities.createQuery("select p from PieceEntity p order by p.created desc, p.title", PieceEntity.class).getResultStream().map(e -> e.piece(json)).toList();
    }

    @Override
    public void add(Piece piece) {
        PieceEntity e = new PieceEntity();
        e.id = piece.id();
        e.created = piece.created();
        e.take(piece, json);
        entities.persist(e);
    }

    @Override
    public Piece replace(Piece piece) {
        PieceEntity e = entities.find(PieceEntity.class, piece.id());
        if (e == null) {
            throw new NotFound("piece", piece.id());
        }
        if (e.version != piece.version()) {
            throw new Outdated(e.title);
        }
        e.take(piece, json);
        entities.flush();
        return e.piece(json);
    }
}
