package org.yellowfit.app.visit;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
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

    List<VisitEntity> findAllByOrderByChangedAtDesc(Limit limit);
}
