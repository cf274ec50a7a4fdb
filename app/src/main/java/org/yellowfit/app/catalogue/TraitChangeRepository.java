package org.yellowfit.app.catalogue;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface TraitChangeRepository extends JpaRepository<TraitChange, Long> {

    List<TraitChange> findTop40ByCultivarIdOrderByIdDesc(String cultivarId);

    Optional<TraitChange> findFirstByCultivarIdAndUndoneAtIsNullOrderByIdDesc(String cultivarId);
}
