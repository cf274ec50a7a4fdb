package org.yellowfit.app.counter;

import java.util.List;
import java.util.UUID;

/** What customers have said by their links and nobody at the counter has seen. */
public interface FromCustomers {

    /** @param text what they said, with the plant it is about */
    record Word(long id, UUID visitId, String place, String text, String when) {}

    List<Word> unseen(int most);

    /** How many reminders wait to be sent. */
    int remindersDue();
}
