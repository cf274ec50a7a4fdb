package org.yellowfit.app.takeaway;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ListLineRepository extends JpaRepository<ListLine, Long> {

    List<ListLine> findByVisitIdOrderByPosition(UUID visitId);
}
