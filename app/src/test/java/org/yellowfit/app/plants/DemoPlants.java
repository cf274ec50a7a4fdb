package org.yellowfit.app.plants;

import java.io.IOException;
import org.yellowfit.core.fit.Catalogue;

/** The made-up catalogue as the fit reads it, without the application. */
final class DemoPlants {

    private DemoPlants() {}

    static Catalogue catalogue() throws IOException {
        Catalogue catalogue = Catalogue.of(org.yellowfit.app.drawing.DemoPlants.all());
        catalogue.findSpecialists(null);
        return catalogue;
    }
}
