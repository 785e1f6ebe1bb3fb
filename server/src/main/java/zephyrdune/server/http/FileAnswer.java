package zephyrdune.server.http;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** Answered with a file. */
@ApiResponse(
        responseCode = "200",
        content =
                @Content(mediaType = "application/octet-stream", schema = @Schema(type = "string", format = "binary")))
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface FileAnswer {}
