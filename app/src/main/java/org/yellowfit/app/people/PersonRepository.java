package org.yellowfit.app.people;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PersonRepository extends JpaRepository<Person, Long> {

    Optional<Person> findByUsername(String username);

    /** Whoever else adds or changes people waits until this transaction ends. */
    @Modifying
    @Query(value = "lock table person in share row exclusive mode", nativeQuery = true)
    void oneAtATime();

    List<Person> findAllByShopIdOrderByDisplayName(long shopId);
}
