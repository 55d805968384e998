package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kindveil.studio.store.form.Unreadable;
import kindveil.studio.work.Damaged;
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
        PieceEntity e = entities.find(PieceEntity.class, id);
        try {
            return Optional.ofNullable(e).map(PieceEntity::piece);
        } catch (Unreadable unreadable) {
            throw new NotFound("readable piece (%s)".formatted(unreadable.getMessage()), id);
        }
    }

    @Override
    public List<Piece> all() {
        return read(entities.createQuery(ALL, PieceEntity.class).getResultList());
    }

    @Override
    public List<Piece> all(Collection<UUID> ids) {
        return ids.isEmpty() ? List.of() : read(entities.createQuery("select distinct p from PieceEntity p left join fetch p.veils where p.id in :ids", PieceEntity.class).setParameter("ids", ids).getResultList());
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

    /** Those that can be read; the others are told of by {@link #damaged}. */
    private static List<Piece> read(List<PieceEntity> rows) {
        List<Piece> pieces = new ArrayList<>();
        for (PieceEntity e : rows) {
            try {
                pieces.add(e.piece());
            } catch (Unreadable setApart) {
                // told of by damaged()
            }
        }
        return pieces;
    }

    @Override
    public List<Damaged> damaged() {
        List<Damaged> damaged = new ArrayList<>();
        for (PieceEntity e : entities.createQuery(ALL, PieceEntity.class).getResultList()) {
            try {
                e.piece();
            } catch (Unreadable unreadable) {
                damaged.add(new Damaged("The piece “%s”".formatted(e.title), e.id, unreadable.getMessage()));
            }
        }
        return damaged;
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
