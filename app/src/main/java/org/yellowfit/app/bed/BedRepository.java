package org.yellowfit.app.bed;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BedRepository extends JpaRepository<BedEntity, UUID> {}
