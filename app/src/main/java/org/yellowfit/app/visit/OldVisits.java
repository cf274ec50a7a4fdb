package org.yellowfit.app.visit;

import java.time.Instant;
import java.time.ZoneId;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.people.Trail;
import org.yellowfit.app.shop.ShopSettings;

/** What is kept of customers goes by itself once nobody has touched it for as long as the shop has set. */
@Component
class OldVisits {

    private static final Logger LOG = LoggerFactory.getLogger(OldVisits.class);

    private final VisitRepository visits;
    private final ShopSettings shop;
    private final Trail trail;

    OldVisits(VisitRepository visits, ShopSettings shop, Trail trail) {
        this.visits = visits;
        this.shop = shop;
        this.trail = trail;
    }

    /** Soon after each start, then every six hours: a machine that is off at night does it by day. */
    @Scheduled(initialDelay = 2, fixedDelay = 360, timeUnit = TimeUnit.MINUTES)
    @Transactional
    public void erase() {
        shop.get().eraseAfterMonths().ifPresent(months -> erase(before(Instant.now(), months)));
    }

    static Instant before(Instant now, int months) {
        return now.atZone(ZoneId.systemDefault()).minusMonths(months).toInstant();
    }

    /** Of two instances that do it at once each erases what the other has not. */
    private void erase(Instant before) {
        int erased = visits.eraseUntouchedSince(before);
        if (erased > 0) {
            LOG.info("{} visits that nobody had touched since {} are erased", erased, before);
            trail.note(Trail.Deed.ERASED, erased + " visits untouched since " + before);
        }
    }
}
