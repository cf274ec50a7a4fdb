package org.yellowfit.app.bed;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BedStepRepository extends JpaRepository<BedStep, Long> {

    Optional<BedStep> findFirstByVisitIdAndMadeByAndUndoneOrderByNumberDesc(
            UUID visitId, String madeBy, boolean undone);

    Optional<BedStep> findFirstByVisitIdAndMadeByAndUndoneOrderByNumberAsc(UUID visitId, String madeBy, boolean undone);

    boolean existsByVisitIdAndMadeByAndUndone(UUID visitId, String madeBy, boolean undone);

    void deleteByVisitIdAndMadeByAndUndone(UUID visitId, String madeBy, boolean undone);
}
