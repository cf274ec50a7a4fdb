package org.yellowfit.app.people;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Service;

/** Where somebody is signed in, and ending that. */
@Service
public class Sessions {

    /** Attribute of a session: from which address it was begun. */
    static final String FROM = "from";

    /** One place somebody is signed in at; {@code key} names it without being the session's own id. */
    public record Place(String key, String from, Instant since, Instant lastUsed, boolean here) {}

    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final Trail trail;

    Sessions(FindByIndexNameSessionRepository<? extends Session> sessions, Trail trail) {
        this.trail = trail;
        this.sessions = sessions;
    }

    /** @param here id of the session that asks */
    public List<Place> of(String username, String here) {
        return sessions.findByPrincipalName(username).values().stream()
                .map(session -> new Place(
                        key(session.getId()),
                        String.valueOf((Object) session.getAttributeOrDefault(FROM, "")),
                        session.getCreationTime(),
                        session.getLastAccessedTime(),
                        session.getId().equals(here)))
                .sorted(Comparator.comparing(Place::lastUsed).reversed())
                .toList();
    }

    public void end(String username, String key) {
        ids(username).filter(id -> key(id).equals(key)).forEach(sessions::deleteById);
        trail.note(Trail.Deed.SESSION, username);
    }

    public void endOthers(String username, String here) {
        endAll(username, here);
        trail.note(Trail.Deed.SESSION, username);
    }

    /** @param here id of a session that goes on; empty for none */
    void endAll(String username, String here) {
        ids(username).filter(id -> !id.equals(here)).forEach(sessions::deleteById);
    }

    private java.util.stream.Stream<String> ids(String username) {
        return List.copyOf(sessions.findByPrincipalName(username).keySet()).stream();
    }

    /** An id is a key to the account: it is not written into a page. */
    private static String key(String id) {
        return Digests.sha256(id).substring(0, 16);
    }
}
