package org.yellowfit.app.takeaway;

import java.util.List;
import org.yellowfit.app.visit.Visit;

/** The plans by which a visit's beds are set out; the take-away knows no bed. */
public interface PlanSheets {

    /**
     * One bed.
     *
     * @param how  by which two points, in a sentence
     * @param rows each plant with its two tapes, and how far it stands off the line through their ends
     */
    record Plan(String name, String svg, String how, List<Row> rows) {}

    record Row(int number, String plant, String fromA, String fromB, String offLine) {}

    /** Empty where nothing is placed. */
    List<Plan> plans(Visit visit);
}
