package zephyrdune.server.power;

import java.time.Clock;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import zephyrdune.server.single.SingleDocument;

/** Which receiver is connected. */
@Repository
class ReceiverStore {

    private static final JsonMapper JSON = new JsonMapper();

    private final SingleDocument kept;

    ReceiverStore(JdbcClient jdbc, Clock clock) {
        kept = new SingleDocument(jdbc, clock, "power_receiver");
    }

    /** @param address empty for the one to practise with, which is somewhere else each time */
    record Connected(String address, boolean practice) {}

    Optional<Connected> find() {
        return kept.find().map(saved -> JSON.readValue(saved.document(), Connected.class));
    }

    @Transactional
    public void keep(Connected connected) {
        kept.delete();
        kept.replace(0, JSON.valueToTree(connected));
    }

    @Transactional
    public void forget() {
        kept.delete();
    }
}
