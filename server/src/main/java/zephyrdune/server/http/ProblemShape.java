package zephyrdune.server.http;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import zephyrdune.formats.BadFile;
import zephyrdune.server.sets.StoredSet;

/**
 * What problem details look like, for the published API.
 *
 * @param errors what is wrong with which field, when fields are
 * @param current the set as it was saved elsewhere, when that is the problem
 */
record ProblemShape(
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String title,
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) int status,
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String detail,
        String type,
        String instance,
        List<BadFile.Problem> errors,
        StoredSet current) {}
