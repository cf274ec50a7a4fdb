package org.yellowfit.app.visit;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface VisitRevisionRepository extends JpaRepository<VisitRevision, Long> {

    Optional<VisitRevision> findByVisitIdAndVersion(UUID visitId, long version);
}
