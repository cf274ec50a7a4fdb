package org.yellowfit.app.visit;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface VisitRepository extends JpaRepository<VisitEntity, UUID> {

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select v from VisitEntity v where v.id = :id")
    Optional<VisitEntity> lock(UUID id);

    /**
     * By a query: a load by the id makes its plan anew each time, since the shop is put into it.
     */
    @Query("select v from VisitEntity v where v.id = :id")
    Optional<VisitEntity> one(UUID id);

    /** @return how many went, with all that hung on them */
    @Modifying
    @Query("delete from VisitEntity v where v.changedAt < :before and not v.ownBed")
    int eraseUntouchedSince(Instant before);

    @Query("select v.id from VisitEntity v where v.ownBed")
    List<UUID> ownBeds();

    List<VisitEntity> findAllByOrderByChangedAtDesc(Limit limit);
}
