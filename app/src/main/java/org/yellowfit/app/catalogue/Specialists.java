package org.yellowfit.app.catalogue;

import jakarta.annotation.PreDestroy;
import java.util.EnumMap;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.springframework.stereotype.Component;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.plant.Policy;

/**
 * Finds in the background which plants fit few places, when the catalogue has changed (rule L5). Until it is known the
 * order goes without.
 */
@Component
class Specialists {

    private final ExecutorService worker = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "specialists");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    });
    /** The last state that was worked out: plants that have not changed since keep what they had. For the worker. */
    private final Map<Policy, Catalogue> latest = new EnumMap<>(Policy.class);

    void find(Policy policy, Catalogue catalogue) {
        worker.execute(() -> {
            catalogue.findSpecialists(latest.get(policy));
            latest.put(policy, catalogue);
        });
    }

    @PreDestroy
    void stop() {
        worker.shutdownNow();
    }
}
