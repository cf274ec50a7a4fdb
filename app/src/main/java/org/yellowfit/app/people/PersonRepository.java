package org.yellowfit.app.people;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PersonRepository extends JpaRepository<Person, Long> {

    Optional<Person> findByUsername(String username);

    Optional<Person> findByInvitation(String digest);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from Person p where p.username = :username")
    Optional<Person> lock(String username);

    /** Whoever else adds or changes people waits until this transaction ends. */
    @Modifying
    @Query(value = "lock table person in share row exclusive mode", nativeQuery = true)
    void oneAtATime();

    List<Person> findAllByShopIdOrderByDisplayName(long shopId);
}
