package kindveil.studio.page.device;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import kindveil.studio.work.device.Told;
import kindveil.studio.work.making.MakeWork;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter.DataWithMediaType;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Says what happens to every page that listens, as it happens (server-sent events, HTML Standard 9.2). */
@Component
class Live implements DisposableBean {
    /** Pages of one device that listen at a time. */
    static final int MOST_OF_ONE = 16;
    private static final long BREATH_MILLISECONDS = 15_000;
    private final MakeWork makings;
    private final List<Listener> listeners = new CopyOnWriteArrayList<>();
    /** A page that takes long to hear must not hold up whoever told something. */
    private final ExecutorService sending = Executors.newVirtualThreadPerTaskExecutor();

    private record Listener(SseEmitter emitter, @Nullable UUID device) {
    }

    Live(MakeWork makings) {
        this.makings = makings;
    }

    /** @param making the one at hand, whose state is said at once, or null */
    SseEmitter listen(@Nullable UUID device, @Nullable UUID making) {
        SseEmitter emitter = new SseEmitter(0L);
        Listener listener = new Listener(emitter, device);
        emitter.onCompletion(() -> listeners.remove(listener));
        emitter.onError(gone -> listeners.remove(listener));
        beyond(device);
        // before its state is read: what is told between the two would be heard by nobody
        listeners.add(listener);
        try {
            // by the thread that answers: with it the head of the answer goes, which no other may write
            emitter.send(making == null ? SseEmitter.event().comment("listening").build() : made(making));
        } catch (IOException gone) {
            listeners.remove(listener);
            emitter.completeWithError(gone);
        }
        return emitter;
    }

    /** A device that listens once more than it may listens no longer where it began first; its page asks again when it is looked at. */
    private void beyond(@Nullable UUID device) {
        List<Listener> own = listeners.stream().filter(listener -> Objects.equals(listener.device, device)).toList();
        for (Listener oldest : own.subList(0, Math.max(0, own.size() + 1 - MOST_OF_ONE))) {
            listeners.remove(oldest);
            sending.execute(oldest.emitter::complete);
        }
    }

    private Set<DataWithMediaType> made(UUID making) {
        return SseEmitter.event().name("making").data(Map.of("id", making, "changes", makings.changes(making))).build();
    }

    private void send(Listener listener, Set<DataWithMediaType> event) {
        send(listener, event, () -> { });
    }

    private void send(Listener listener, Set<DataWithMediaType> event, Runnable then) {
        sending.execute(() -> {
            try {
                listener.emitter.send(event);
                then.run();
            } catch (IOException | IllegalStateException gone) {
                listeners.remove(listener);
                listener.emitter.completeWithError(gone);
            }
        });
    }

    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT, fallbackExecution = true)
    void told(Told told) {
        if (listeners.isEmpty()) {
            return;
        }
        switch (told) {
            case Told.Making making -> sending.execute(() -> {
                // read when it is kept, by a thread of its own
                Set<DataWithMediaType> event = made(making.id());
                listeners.forEach(listener -> send(listener, event));
            });
            case Told.Rings rings -> listeners.forEach(listener -> send(listener, SseEmitter.event().name("rings").data(Map.of("device", rings.device() == null ? "" : rings.device(), "name", rings.name())).build()));
            case Told.ShutOut out -> listeners.stream().filter(listener -> Objects.equals(listener.device, out.device())).forEach(listener -> {
                // one after the other: a stream that is closed first would never say why
                send(listener, SseEmitter.event().name("out").data(Map.of()).build(), listener.emitter::complete);
            });
        }
    }

    /** Finds out who is gone. */
    @Scheduled(fixedDelay = BREATH_MILLISECONDS)
    void breathe() {
        listeners.forEach(listener -> send(listener, SseEmitter.event().comment("breath").build()));
    }

    /** A studio that closes does not wait for those who only listen. */
    @EventListener(ContextClosedEvent.class)
    void close() {
        listeners.forEach(listener -> listener.emitter.complete());
    }

    @Override
    public void destroy() {
        sending.shutdownNow();
    }
}
