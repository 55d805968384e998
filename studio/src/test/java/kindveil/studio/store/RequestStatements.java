package kindveil.studio.store;

import java.util.concurrent.atomic.AtomicLong;
import org.hibernate.resource.jdbc.spi.StatementInspector;

/** Counts what the store is asked by requests only: what the studio looks after by itself falls where it falls. */
public class RequestStatements implements StatementInspector {
    private static final AtomicLong COUNTED = new AtomicLong();

    @Override
    public String inspect(String sql) {
        if (Thread.currentThread().getName().startsWith("http-")) {
            COUNTED.incrementAndGet();
        }
        return sql;
    }

    static long counted() {
        return COUNTED.get();
    }
}
