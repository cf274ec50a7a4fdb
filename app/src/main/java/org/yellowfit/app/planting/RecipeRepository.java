package org.yellowfit.app.planting;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface RecipeRepository extends JpaRepository<Recipe, Long> {

    List<Recipe> findAllByOrderByName();

    Optional<Recipe> findByName(String name);
}
