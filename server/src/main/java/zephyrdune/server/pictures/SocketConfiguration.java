package zephyrdune.server.pictures;

import io.swagger.v3.core.converter.ModelConverters;
import java.util.List;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.socket.config.annotation.EnableWebSocket;
import org.springframework.web.socket.config.annotation.WebSocketConfigurer;
import org.springframework.web.socket.config.annotation.WebSocketHandlerRegistry;
import zephyrdune.render.picture.Loupe;

/** Where views connect. Only pages from this server may. */
@Configuration
@EnableWebSocket
class SocketConfiguration implements WebSocketConfigurer {

    private final PictureSocket socket;

    SocketConfiguration(PictureSocket socket) {
        this.socket = socket;
    }

    @Override
    public void registerWebSocketHandlers(WebSocketHandlerRegistry registry) {
        registry.addHandler(socket, "/api/pictures");
    }

    /** What goes over the connection is described with the rest. */
    @Bean
    @SuppressWarnings("unchecked") // as the library declares its schemas
    OpenApiCustomizer messageShapes() {
        return api -> {
            for (Class<?> type : List.of(FrameNews.class, Loupe.class)) {
                ModelConverters.getInstance(true).readAll(type).forEach((name, schema) -> {
                    schema.setRequired(List.copyOf(schema.getProperties().keySet()));
                    api.getComponents().addSchemas(name, schema);
                });
            }
        };
    }
}
