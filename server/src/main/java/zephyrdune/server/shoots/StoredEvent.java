package zephyrdune.server.shoots;

import java.time.Instant;
import java.util.UUID;
import zephyrdune.shoot.runsheet.ShootEvent;

/**
 * Something that happened with a dish.
 *
 * @param id that whoever told it gave it; what is sent twice is kept once
 * @param dish its key
 * @param at by the clock of who told it
 */
record StoredEvent(UUID id, String dish, ShootEvent.What what, Instant at) {}
