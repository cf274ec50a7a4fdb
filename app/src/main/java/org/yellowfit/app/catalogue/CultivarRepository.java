package org.yellowfit.app.catalogue;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface CultivarRepository extends JpaRepository<CultivarEntity, String> {

    @Query(value = "select version from catalogue_change", nativeQuery = true)
    long changes();

    @Modifying
    @Query(value = "update catalogue_change set version = version + 1", nativeQuery = true)
    void countChange();
}
