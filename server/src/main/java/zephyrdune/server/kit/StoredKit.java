package zephyrdune.server.kit;

import zephyrdune.kit.Kit;

/**
 * The kit as it was last saved.
 *
 * @param version goes up by one with every save; 0 before the first
 */
public record StoredKit(int version, Kit kit) {}
