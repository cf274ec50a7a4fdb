package org.yellowfit.app.takeaway;

import java.time.ZoneId;
import java.util.List;
import org.springframework.stereotype.Service;
import org.yellowfit.app.counter.FromCustomers;
import org.yellowfit.app.words.Sentences;

@Service
class CustomerWords implements FromCustomers {

    private final HandoutLinks links;
    private final Reminders reminders;

    CustomerWords(HandoutLinks links, Reminders reminders) {
        this.links = links;
        this.reminders = reminders;
    }

    @Override
    public List<Word> unseen(int most) {
        return links.unseen(most).stream().map(CustomerWords::word).toList();
    }

    @Override
    public int remindersDue() {
        return reminders.due().size();
    }

    private static Word word(HandoutLinks.CustomerWord said) {
        String key = switch (said.kind()) {
            case DIED -> "word.died";
            case SEEN -> "word.seen";
            case QUESTION -> "word.asks";
        };
        String text = said.about().isEmpty()
                ? Sentences.say(key + ".all", said.said())
                : Sentences.say(key, said.about(), said.said());
        return new Word(
                said.id(),
                said.visitId(),
                said.place(),
                text,
                Sentences.date("date.day-time", said.at().atZone(ZoneId.systemDefault())));
    }
}
