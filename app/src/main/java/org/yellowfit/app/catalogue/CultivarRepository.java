package org.yellowfit.app.catalogue;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface CultivarRepository extends JpaRepository<CultivarEntity, String> {

    /** Counts a change; the row stays locked to the end of the transaction, so that changes follow one another. */
    @Query(value = "update catalogue_change set version = version + 1 returning version", nativeQuery = true)
    long countChange();

    @Query(value = "select id from cultivar", nativeQuery = true)
    List<String> ids();

    @Modifying
    @Query(value = "update cultivar set changed_version = :version where id in (:ids)", nativeQuery = true)
    void touch(Collection<String> ids, long version);
}
