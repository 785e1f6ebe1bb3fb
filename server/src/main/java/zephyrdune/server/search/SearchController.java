package zephyrdune.server.search;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.answers.search.Found;
import zephyrdune.answers.search.Placement;
import zephyrdune.server.problems.Missing;
import zephyrdune.set.TableSet;

/** Whole placements for a look. */
@RestController
@Tag(name = "looks", description = "What pictures are meant to look like")
class SearchController {

    private final Searches searches;

    SearchController(Searches searches) {
        this.searches = searches;
    }

    /**
     * A placement that was found.
     *
     * @param met bands that are met, of all
     * @param misses what is missed, each in a few words
     * @param changes what has to be carried and moved from the set that was asked about
     * @param headroomStops of power that are left
     */
    record PlacementAnswer(
            TableSet set, long met, int bands, List<String> misses, List<String> changes, double headroomStops) {

        static PlacementAnswer of(Placement placement) {
            return new PlacementAnswer(
                    placement.set(),
                    placement.fit().met(),
                    placement.fit().verdicts().size(),
                    placement.fit().misses(),
                    placement.changes(),
                    placement.headroom());
        }
    }

    /**
     * How a search stands.
     *
     * @param share of the work that is done
     * @param evaluated placements that were read
     * @param placements the best that truly differ, the best first
     * @param ruledOut why others are not among them
     */
    record SearchAnswer(
            UUID id,
            RunningSearch.State state,
            double share,
            int evaluated,
            List<PlacementAnswer> placements,
            List<Found.RuledOut> ruledOut) {

        static SearchAnswer of(RunningSearch search) {
            Found found = search.found().orElse(new Found(List.of(), List.of(), 0, 0));
            return new SearchAnswer(
                    search.id(),
                    search.state(),
                    found.share(),
                    found.evaluated(),
                    found.placements().stream().map(PlacementAnswer::of).toList(),
                    found.ruledOut());
        }
    }

    @PostMapping("/api/searches")
    @Operation(
            operationId = "beginSearch",
            summary =
                    "Look for placements that have the set's look; goes on by itself. The same question asked twice is one search")
    SearchAnswer begin(@RequestBody SearchQuestion question) {
        return SearchAnswer.of(searches.begin(question));
    }

    @GetMapping("/api/searches/{id}")
    @Operation(operationId = "getSearch", summary = "How a search stands, and what it has found so far")
    SearchAnswer get(@PathVariable UUID id) {
        return SearchAnswer.of(find(id));
    }

    @DeleteMapping("/api/searches/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "stopSearch", summary = "End a search; what it has found stands")
    void stop(@PathVariable UUID id) {
        find(id).stop();
    }

    private RunningSearch find(UUID id) {
        return searches.find(id)
                .orElseThrow(
                        () -> new Missing("There is no such search; the server may have been started again since"));
    }
}
