package org.yellowfit.app.climate;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface StationRepository extends JpaRepository<StationEntity, UUID> {

    List<StationEntity> findAllByOrderByNameAscIdAsc();

    @Modifying
    @Query("update StationEntity s set s.usual = false where s.usual = true")
    void noneIsUsual();
}
