package org.yellowfit.app.catalogue;

import java.util.List;
import java.util.Map;
import org.yellowfit.core.measure.UnitSystem;

/** What the shop's own records say of a plant, in sentences. */
public interface OwnRecords {

    /** The most trusted first; empty where nothing was ever noted. */
    List<String> told(String plant, UnitSystem units);

    /** Of these, what is otherwise than the label says. */
    List<String> news(String plant);

    /** By plant, what it was lost to where that is more than chance. */
    Map<String, List<String>> losses();
}
