package zephyrdune.server.access;

import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * Who may come in.
 *
 * @param owner the user who may, by number; negative for the one the server runs as
 * @param key what opens it for others; empty when nothing does
 */
@ConfigurationProperties("zephyrdune.access")
record AccessSettings(int owner, String key) {}
