package org.yellowfit.app.climate;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface StationRepository extends JpaRepository<StationEntity, UUID> {

    List<StationEntity> findAllByOrderByNameAscIdAsc();

    /** Whoever else brings in or chooses a station waits until this transaction ends. */
    @Modifying
    @Query(value = "lock table station in share row exclusive mode", nativeQuery = true)
    void oneAtATime();

    @Modifying
    @Query("update StationEntity s set s.usual = false where s.usual = true")
    void noneIsUsual();
}
