package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kindveil.studio.work.Damaged;
import kindveil.studio.work.Kept;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.Pieces;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
@Transactional
class StoredPieces implements Pieces {
    private static final String ALL = "select distinct p from PieceEntity p left join fetch p.veils order by p.created desc, p.title";
    private final EntityManager entities;

    StoredPieces(EntityManager entities) {
        this.entities = entities;
    }

    @Override
    public Optional<Piece> find(UUID id) {
        return SetApart.one(entities.find(PieceEntity.class, id), "piece", id, PieceEntity::piece);
    }

    @Override
    public void hold(UUID id) {
        if (entities.find(PieceEntity.class, id, LockModeType.PESSIMISTIC_WRITE) == null) {
            throw new NotFound("piece", id);
        }
    }

    @Override
    public Kept<Piece> kept() {
        return read(entities.createQuery(ALL, PieceEntity.class).getResultList());
    }

    @Override
    public List<Piece> all(Collection<UUID> ids) {
        return ids.isEmpty() ? List.of() : read(entities.createQuery("select distinct p from PieceEntity p left join fetch p.veils where p.id in :ids", PieceEntity.class).setParameter("ids", ids).getResultList()).read();
    }

    @Override
    public List<Piece> unmade(int most) {
        List<UUID> ids = entities.createQuery("select p.id from PieceEntity p where not exists (select m.id from MakingEntity m where m.piece = p.id) order by p.created desc, p.title", UUID.class)
                .setMaxResults(most).getResultList();
        return all(ids).stream().sorted(Comparator.comparingInt(piece -> ids.indexOf(piece.id()))).toList();
    }

    @Override
    public boolean none() {
        return entities.createQuery("select count(p) from PieceEntity p", Long.class).getSingleResult() == 0;
    }

    private static Kept<Piece> read(List<PieceEntity> rows) {
        return SetApart.of(rows, PieceEntity::piece, (e, wrong) -> new Damaged("The piece “%s”".formatted(e.title), e.id, wrong));
    }

    @Override
    public void add(Piece piece) {
        PieceEntity e = new PieceEntity();
        e.id = piece.id();
        e.created = piece.created();
        e.take(piece);
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
        e.take(piece);
        entities.flush();
        return e.piece();
    }
}
