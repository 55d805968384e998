package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import kindveil.studio.store.form.Unreadable;
import java.util.Optional;
import java.util.UUID;
import kindveil.studio.work.Damaged;
import kindveil.studio.work.Kept;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.Pieces;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
@Transactional
class StoredPieces implements Pieces {
    private static final String ALL = "select distinct p from PieceEntity p left join fetch p.veils where p.takenAway is null order by p.created desc, p.title";
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
    public void remove(UUID id) {
        PieceEntity piece = entities.find(PieceEntity.class, id, LockModeType.PESSIMISTIC_WRITE);
        if (piece == null) {
            throw new NotFound("piece", id);
        }
        Set<UUID> shown = shown(piece);
        entities.createQuery("delete from SignEntity s where s.making in (select m.id from MakingEntity m where m.piece = :piece)").setParameter("piece", id).executeUpdate();
        entities.createQuery("delete from ReplanEntity r where r.key.making in (select m.id from MakingEntity m where m.piece = :piece)").setParameter("piece", id).executeUpdate();
        entities.createQuery("delete from DeedEntity d where d.key.making in (select m.id from MakingEntity m where m.piece = :piece)").setParameter("piece", id).executeUpdate();
        // what the first form kept of the log stands beside the present one
        entities.createNativeQuery("delete from log_entry where piece_id = :piece").setParameter("piece", id).executeUpdate();
        entities.createQuery("delete from LogEntity l where l.piece = :piece").setParameter("piece", id).executeUpdate();
        entities.createQuery("delete from MakingEntity m where m.piece = :piece").setParameter("piece", id).executeUpdate();
        entities.remove(piece);
        entities.flush();
        shown.stream().filter(picture -> !shownStill(picture)).forEach(picture -> entities.createQuery("delete from PictureEntity p where p.id = :picture").setParameter("picture", picture).executeUpdate());
    }

    /** Its sources, its ground, photographs of its results and what was foreseen of them. */
    private Set<UUID> shown(PieceEntity piece) {
        Set<UUID> shown = new HashSet<>();
        piece.veils.stream().map(veil -> veil.picture).filter(Objects::nonNull).forEach(shown::add);
        if (piece.groundPicture != null) {
            shown.add(piece.groundPicture);
        }
        for (LogEntity entry : entities.createQuery("select l from LogEntity l where l.piece = :piece", LogEntity.class).setParameter("piece", piece.id).getResultList()) {
            if (entry.photo != null) {
                shown.add(entry.photo);
            }
            foreseen(entry).ifPresent(shown::add);
        }
        return shown;
    }

    private static Optional<UUID> foreseen(LogEntity entry) {
        try {
            return Optional.ofNullable(entry.entry().judged().foreseen());
        } catch (Unreadable apart) {
            return Optional.empty();
        }
    }

    private boolean shownStill(UUID picture) {
        long named = entities.createQuery("select count(v) from PieceEntity p join p.veils v where v.picture = :picture", Long.class).setParameter("picture", picture).getSingleResult()
                + entities.createQuery("select count(p) from PieceEntity p where p.groundPicture = :picture", Long.class).setParameter("picture", picture).getSingleResult()
                + entities.createQuery("select count(l) from LogEntity l where l.photo = :picture or l.judged like :word", Long.class).setParameter("picture", picture)
                        .setParameter("word", "%" + picture + "%").getSingleResult();
        return named > 0;
    }

    @Override
    public Kept<Piece> kept() {
        List<PieceEntity> rows = entities.createQuery(ALL, PieceEntity.class).getResultList();
        Kept<Piece> kept = read(rows);
        rows.forEach(entities::detach);
        return kept;
    }

    @Override
    public List<Piece> all(Collection<UUID> ids) {
        return ids.isEmpty() ? List.of() : read(entities.createQuery("select distinct p from PieceEntity p left join fetch p.veils where p.id in :ids and p.takenAway is null", PieceEntity.class).setParameter("ids", ids).getResultList()).read();
    }

    @Override
    public List<Piece> unmade(int most) {
        List<UUID> ids = entities.createQuery("select p.id from PieceEntity p where p.takenAway is null and p.putAway = false and not exists (select m.id from MakingEntity m where m.piece = p.id) order by p.created desc, p.title", UUID.class)
                .setMaxResults(most).getResultList();
        return all(ids).stream().sorted(Comparator.comparingInt(piece -> ids.indexOf(piece.id()))).toList();
    }

    @Override
    public boolean none() {
        return entities.createQuery("select count(p) from PieceEntity p where p.takenAway is null", Long.class).getSingleResult() == 0;
    }

    @Override
    public Set<UUID> putAway() {
        return Set.copyOf(entities.createQuery("select p.id from PieceEntity p where p.putAway = true", UUID.class).getResultList());
    }

    @Override
    public void putAway(UUID id, boolean away) {
        lies(id, "putAway", away);
    }

    @Override
    public List<TakenAway> takenAway() {
        return entities.createQuery("select new kindveil.studio.work.piece.Pieces$TakenAway(p.id, p.title, p.takenAway) from PieceEntity p where p.takenAway is not null order by p.takenAway desc", TakenAway.class).getResultList();
    }

    @Override
    public void takeAway(UUID id, @Nullable Instant at) {
        lies(id, "takenAway", at);
    }

    /** Where it lies is not what it is: a page that shows it need not be asked for again. */
    private void lies(UUID id, String where, @Nullable Object value) {
        if (entities.createQuery("update PieceEntity p set p.%s = :value where p.id = :id".formatted(where)).setParameter("value", value).setParameter("id", id).executeUpdate() == 0) {
            throw new NotFound("piece", id);
        }
        entities.clear();
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
        Piece replaced = e.piece();
        // what is held is gone through at every flush: many changed in one go would take the square of their number
        entities.detach(e);
        return replaced;
    }
}
