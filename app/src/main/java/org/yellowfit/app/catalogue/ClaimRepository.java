package org.yellowfit.app.catalogue;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ClaimRepository extends JpaRepository<ClaimEntity, Long> {

    List<ClaimEntity> findByCultivarIdOrderById(String cultivarId);

    List<ClaimEntity> findByCultivarIdIn(Collection<String> cultivarIds);
}
