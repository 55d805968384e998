package kindveil.studio.store;

import com.github.benmanes.caffeine.cache.Cache;
import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import kindveil.making.Begun;
import kindveil.making.Making;
import kindveil.making.Sign;
import kindveil.studio.store.form.Json;
import kindveil.studio.store.form.PlanForm;
import kindveil.studio.work.Caches;
import kindveil.studio.work.Damaged;
import kindveil.studio.work.Kept;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.device.Told;
import kindveil.studio.work.making.MakingLine;
import kindveil.studio.work.making.Pull;
import kindveil.studio.work.making.Replan;
import kindveil.studio.work.making.Result;
import kindveil.studio.work.making.Makings;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.making.ToldDeed;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.room.ToldRoom;
import kindveil.way.ActId;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
@Transactional
class StoredMakings implements Makings {
    private final EntityManager entities;
    private final Rooms rooms;
    private final ZoneId zone;
    private final ApplicationEventPublisher others;
    /** Plans as they were read, long texts that never change: by whose they are and what stands there. */
    private final Cache<List<Object>, Begun> plans = Caches.bounded().maximumSize(100).build();

    StoredMakings(EntityManager entities, Rooms rooms, ApplicationEventPublisher others, ZoneId zone) {
        this.zone = zone;
        this.entities = entities;
        this.others = others;
        this.rooms = rooms;
    }

    @Override
    public Optional<StoredMaking> find(UUID id) {
        return SetApart.one(entities.find(MakingEntity.class, id), "making", id, e -> making(e, told(List.of(id)).getOrDefault(id, List.of()), signs(List.of(id)).getOrDefault(id, List.of()), replans(List.of(id)).getOrDefault(id, List.of()), ToldRoom.nightly(rooms.since(e.begun), zone)));
    }

    @Override
    public List<MakingLine> ofPiece(UUID piece) {
        return entities.createQuery("select e from MakingEntity e where e.piece = :piece order by e.begun desc", MakingEntity.class)
                .setParameter("piece", piece).getResultList().stream().map(MakingEntity::line).toList();
    }

    @Override
    public Map<UUID, MakingLine> newest() {
        Map<UUID, MakingLine> newest = new LinkedHashMap<>();
        entities.createQuery("select e.id, e.piece, e.begun, e.laidAside, e.finished, e.atHand, e.series, e.pull, e.plates, e.result from MakingEntity e "
                + "where e.begun = (select max(o.begun) from MakingEntity o where o.piece = e.piece) or (e.finished = false and e.laidAside = false) order by e.begun, e.pull desc", Object[].class)
                .getResultList().stream().map(StoredMakings::line).forEach(line -> newest.merge(line.piece(), line, (before, later) -> before.active() && !later.active() ? before : later));
        return newest;
    }

    /** Without its plan, which is long. */
    private static MakingLine line(Object[] row) {
        MakingEntity e = new MakingEntity();
        e.id = (UUID) row[0];
        e.piece = (UUID) row[1];
        e.begun = (Instant) row[2];
        e.laidAside = (boolean) row[3];
        e.finished = (boolean) row[4];
        e.atHand = (String) row[5];
        e.series = (UUID) row[6];
        e.pull = (int) row[7];
        e.plates = (int) row[8];
        e.result = (String) row[9];
        return e.line();
    }

    @Override
    public List<StoredMaking> ofSeries(UUID series) {
        return entities.createQuery("select e.id from MakingEntity e where e.series = :series order by e.pull", UUID.class).setParameter("series", series).getResultList().stream().flatMap(id -> find(id).stream()).toList();
    }

    @Override
    public void join(UUID making, Pull pull) {
        locked(making).pulled(pull);
    }

    @Override
    public void came(UUID making, @Nullable Result result) {
        locked(making).came(result);
    }

    @Override
    public void remove(UUID making) {
        MakingEntity e = locked(making);
        entities.createQuery("delete from SignEntity s where s.making = :making").setParameter("making", making).executeUpdate();
        entities.createQuery("delete from ReplanEntity r where r.key.making = :making").setParameter("making", making).executeUpdate();
        entities.createQuery("delete from DeedEntity d where d.key.making = :making").setParameter("making", making).executeUpdate();
        entities.remove(e);
    }

    @Override
    public Kept<StoredMaking> active() {
        List<MakingEntity> open = entities.createQuery("select e from MakingEntity e where (e.plan is null or e.laidAside = false and e.finished = false) and not exists (select p.id from PieceEntity p where p.id = e.piece and p.takenAway is not null) order by e.begun", MakingEntity.class).getResultList();
        return open.isEmpty() ? new Kept<>(List.of(), List.of()) : whole(open);
    }

    /** With all that was told of them. @param open oldest first, at least one */
    private Kept<StoredMaking> whole(List<MakingEntity> open) {
        Map<UUID, List<ToldDeed>> told = told(open.stream().map(e -> e.id).toList());
        Map<UUID, List<SignEntity>> signs = signs(open.stream().map(e -> e.id).toList());
        Map<UUID, List<ReplanEntity>> replans = replans(open.stream().map(e -> e.id).toList());
        List<ToldRoom> air = rooms.since(open.getFirst().begun);
        return SetApart.of(open, e -> making(e, told.getOrDefault(e.id, List.of()), signs.getOrDefault(e.id, List.of()), replans.getOrDefault(e.id, List.of()), ToldRoom.nightly(since(air, e.begun), zone)), (e, wrong) -> new Damaged("A making", e.id, wrong));
    }

    @Override
    public List<StoredMaking> withSigns(int most) {
        List<UUID> newest = entities.createQuery("select s.making from SignEntity s group by s.making order by max(s.seen) desc", UUID.class).setMaxResults(most).getResultList();
        // what is damaged is told of where it is looked at; nothing is learned from it
        return newest.isEmpty() ? List.of() : whole(entities.createQuery("select e from MakingEntity e where e.id in :newest order by e.begun", MakingEntity.class).setParameter("newest", newest).getResultList()).read();
    }

    @Override
    public List<StoredMaking> finished(int most) {
        List<MakingEntity> newest = entities.createQuery("select e from MakingEntity e where e.finished = true and e.plan is not null order by e.begun desc", MakingEntity.class).setMaxResults(most).getResultList();
        return newest.isEmpty() ? List.of() : whole(newest.reversed()).read();
    }

    @Override
    public List<MakingLine> finishedSince(Instant begun, int most) {
        return entities.createQuery("select e.id, e.piece, e.begun, e.laidAside, e.finished, e.atHand, e.series, e.pull, e.plates, e.result from MakingEntity e where e.finished = true and e.laidAside = false and e.begun > :begun "
                + "and exists (select p.id from PieceEntity p where p.id = e.piece and p.takenAway is null) order by e.begun desc", Object[].class).setParameter("begun", begun).setMaxResults(most).getResultList().stream().map(StoredMakings::line).toList();
    }

    @Override
    public long finished() {
        return entities.createQuery("select count(e) from MakingEntity e where e.finished = true", Long.class).getSingleResult();
    }

    @Override
    public long signed() {
        return entities.createQuery("select count(s) from SignEntity s", Long.class).getSingleResult();
    }

    /** The last told before a moment, and all after it. */
    private static List<ToldRoom> since(List<ToldRoom> air, Instant begun) {
        int from = 0;
        for (int i = 0; i < air.size(); i++) {
            from = air.get(i).at().isAfter(begun) ? from : i;
        }
        return air.subList(from, air.size());
    }

    private Begun plan(MakingEntity e) {
        String text = Objects.requireNonNullElse(e.plan, "");
        List<Object> key = List.of(e.id, text.length(), text.hashCode());
        Begun known = plans.getIfPresent(key);
        if (known == null) {
            // read outside the cache: whoever reads holds nothing another could wait for
            PlanForm form = Json.read(e.plan, PlanForm.class);
            known = Json.guarded(form::begun);
            plans.put(key, known);
        }
        return known;
    }

    private StoredMaking making(MakingEntity e, List<ToldDeed> told, List<SignEntity> signs, List<ReplanEntity> replans, List<ToldRoom> air) {
        return new StoredMaking(e.id, e.piece, e.begun, plan(e), told, Json.guarded(() -> signs.stream().map(SignEntity::sign).toList()), air, e.laidAside, e.pull(), e.result == null ? null : Json.guarded(e::result),
                replans.stream().map(ReplanEntity::replan).toList());
    }

    private Map<UUID, List<ToldDeed>> told(List<UUID> makings) {
        return entities.createQuery("select d from DeedEntity d where d.key.making in :makings order by d.key.making, d.key.seq", DeedEntity.class).setParameter("makings", makings)
                .getResultList().stream().collect(Collectors.groupingBy(d -> d.key.making(), Collectors.mapping(DeedEntity::told, Collectors.toList())));
    }

    private Map<UUID, List<SignEntity>> signs(List<UUID> makings) {
        return entities.createQuery("select s from SignEntity s where s.making in :makings order by s.seen", SignEntity.class).setParameter("makings", makings).getResultList().stream().collect(Collectors.groupingBy(s -> s.making));
    }

    @Override
    public void add(StoredMaking making) {
        others.publishEvent(new Told.Making(making.id()));
        MakingEntity e = new MakingEntity();
        e.id = making.id();
        e.piece = making.piece();
        e.begun = making.begun();
        e.plan = Json.write(PlanForm.of(making.plan()));
        e.laidAside = making.laidAside();
        e.pulled(making.pull());
        e.came(making.result());
        e.stands(making.making());
        entities.persist(e);
        for (int i = 0; i < making.told().size(); i++) {
            entities.persist(DeedEntity.of(making.id(), i, making.told().get(i)));
        }
        making.signs().forEach(sign -> entities.persist(SignEntity.of(making.id(), sign)));
        for (int i = 0; i < making.replans().size(); i++) {
            entities.persist(ReplanEntity.of(making.id(), i, making.replans().get(i)));
        }
    }

    @Override
    public void tell(UUID making, int seq, List<ToldDeed> deeds, Making after) {
        MakingEntity e = requireNext(making, seq);
        for (int i = 0; i < deeds.size(); i++) {
            entities.persist(DeedEntity.of(making, seq + i, deeds.get(i)));
        }
        e.stands(after);
    }

    @Override
    public void takeBack(UUID making, int seq, ActId signs, Making after) {
        MakingEntity e = requireNext(making, seq + 1);
        entities.remove(entities.find(DeedEntity.class, new DeedEntity.Key(making, seq)));
        unsign(making, signs);
        e.stands(after);
    }

    private void unsign(UUID making, ActId act) {
        entities.createQuery("delete from SignEntity s where s.making = :making and s.part = :part and s.act = :act").setParameter("making", making).setParameter("part", act.part()).setParameter("act", act.key()).executeUpdate();
    }

    @Override
    public void sign(UUID making, int seq, ActId act, List<Sign> signs) {
        requireNext(making, seq);
        unsign(making, act);
        signs.forEach(sign -> entities.persist(SignEntity.of(making, sign)));
    }

    @Override
    public void replan(UUID making, int seq, int number, Replan replan, Making after) {
        MakingEntity e = requireNext(making, seq);
        if (replans(List.of(making)).getOrDefault(making, List.of()).size() != number) {
            throw new Outdated("The bench");
        }
        entities.persist(ReplanEntity.of(making, number, replan));
        e.stands(after);
    }

    @Override
    public void unplan(UUID making, int seq, Making after) {
        MakingEntity e = requireNext(making, seq);
        entities.remove(replans(List.of(making)).get(making).getLast());
        e.stands(after);
    }

    private Map<UUID, List<ReplanEntity>> replans(List<UUID> makings) {
        return entities.createQuery("select r from ReplanEntity r where r.key.making in :makings order by r.key.making, r.key.number", ReplanEntity.class).setParameter("makings", makings).getResultList().stream().collect(Collectors.groupingBy(r -> r.key.making()));
    }

    @Override
    public void backdate(UUID making, Instant begun) {
        requireNext(making, 0).begun = begun;
    }

    @Override
    public void layAside(UUID making, boolean aside) {
        locked(making).laidAside = aside;
    }

    /** Two tellings of one making wait for each other, so the second sees what the first wrote; other devices hear of it once it is kept. */
    private MakingEntity locked(UUID making) {
        others.publishEvent(new Told.Making(making));
        MakingEntity e = entities.find(MakingEntity.class, making, LockModeType.PESSIMISTIC_WRITE);
        if (e == null) {
            throw new NotFound("making", making);
        }
        return e;
    }

    private MakingEntity requireNext(UUID making, int seq) {
        MakingEntity e = locked(making);
        long count = entities.createQuery("select count(d) from DeedEntity d where d.key.making = :making", Long.class).setParameter("making", making).getSingleResult();
        if (count != seq) {
            throw new Outdated("The bench");
        }
        return e;
    }
}
