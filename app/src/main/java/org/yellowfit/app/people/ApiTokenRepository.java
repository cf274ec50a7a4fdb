package org.yellowfit.app.people;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ApiTokenRepository extends JpaRepository<ApiToken, Long> {

    Optional<ApiToken> findByDigestAndRevokedAtIsNull(String digest);

    List<ApiToken> findAllByShopIdOrderByCreatedAtDesc(long shopId);
}
