package zephyrdune.server.backup;

import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * Copies that are made by themselves.
 *
 * @param folder for them; empty for none
 * @param most that are kept; 0 for none
 */
@ConfigurationProperties("zephyrdune.copies")
record CopySettings(String folder, int most) {}
