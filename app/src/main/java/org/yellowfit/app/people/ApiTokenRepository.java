package org.yellowfit.app.people;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface ApiTokenRepository extends JpaRepository<ApiToken, Long> {

    Optional<ApiToken> findByDigest(String digest);

    @Modifying
    @Query("update ApiToken t set t.usedAt = :now where t.id = :id")
    void used(long id, Instant now);

    List<ApiToken> findAllByShopIdOrderByCreatedAtDesc(long shopId);
}
