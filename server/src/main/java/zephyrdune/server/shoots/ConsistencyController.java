package zephyrdune.server.shoots;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.ShootFormat;
import zephyrdune.server.problems.Missing;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.shoot.brief.KeptSet;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.brief.ShootDish;
import zephyrdune.shoot.log.Consistency;
import zephyrdune.shoot.log.LightFact;
import zephyrdune.shoot.log.LightFacts;
import zephyrdune.units.measure.Unit;

@RestController
@Tag(name = "shoots")
class ConsistencyController {

    private final ShootStore shoots;
    private final ShootSets sets;
    private final ComputeLimiter computing;

    ConsistencyController(ShootStore shoots, ShootSets sets, ComputeLimiter computing) {
        this.shoots = shoots;
        this.sets = sets;
        this.computing = computing;
    }

    /**
     * @param least of what is not seen to differ from the middle, in the unit
     * @param most likewise
     */
    record FactLineAnswer(
            LightFact fact,
            String title,
            Unit unit,
            double middle,
            double least,
            double most,
            List<Consistency.FactPlace> places) {}

    @PostMapping("/api/consistency")
    @Operation(
            operationId = "consistency",
            summary =
                    "How alike the light of a shoot's dishes is, number by number, each on the set of its first picture; against another shoot where one is named")
    CompletableFuture<List<FactLineAnswer>> consistency(
            @RequestParam Optional<UUID> against, @RequestBody Shoot shoot) {
        Optional<Shoot> other = against.map(this::shoot);
        return computing.slowly(() -> consistency(shoot, other).lines().stream()
                .map(line -> new FactLineAnswer(
                        line.fact(),
                        line.fact().title(),
                        line.fact().unit(),
                        line.middle(),
                        line.fact().least(line.middle()),
                        line.fact().most(line.middle()),
                        line.places()))
                .toList());
    }

    private Consistency consistency(Shoot shoot, Optional<Shoot> other) {
        return other.isEmpty()
                ? Consistency.of(facts(shoot))
                : Consistency.against(facts(other.get()).values(), facts(shoot));
    }

    private Shoot shoot(UUID id) {
        JsonNode tree = shoots.find(id)
                .map(StoredShoot::shoot)
                .orElseThrow(() -> new Missing("There is no such shoot; it may have been deleted"));
        try {
            return ShootFormat.read(tree);
        } catch (BadFile e) {
            throw new Missing("That shoot cannot be read: " + e.getMessage());
        }
    }

    private Map<String, LightFacts> facts(Shoot shoot) {
        Map<String, LightFacts> known = new LinkedHashMap<>();
        Map<String, LightFacts> facts = new LinkedHashMap<>();
        for (ShootDish dish : shoot.dishes()) {
            if (dish.shots().get(0).set() instanceof KeptSet kept) {
                sets.set(kept.id())
                        .ifPresent(set ->
                                facts.put(dish.key(), known.computeIfAbsent(kept.id(), id -> LightFacts.of(set))));
            }
        }
        return facts;
    }
}
