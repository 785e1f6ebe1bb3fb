package zephyrdune.server.shoots;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.net.URI;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.formats.DishList;
import zephyrdune.formats.ShootClock;
import zephyrdune.server.problems.Missing;
import zephyrdune.server.problems.OfSet;
import zephyrdune.server.problems.SavedSince;
import zephyrdune.server.sets.SetStore;
import zephyrdune.server.sets.StoredSet;
import zephyrdune.server.shoots.StoredShoot.DeletedShoot;
import zephyrdune.server.shoots.StoredShoot.ShootSummary;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.brief.ShootDish;
import zephyrdune.units.measure.Refused;

@RestController
@RequestMapping("/api/shoots")
@Tag(name = "shoots", description = "Days on which dishes are photographed, and what happened on them")
class ShootController {

    /** A dish of a shoot has some five. */
    private static final int MOST_EVENTS = 2_000;

    private static final int LONGEST_LIST = 100_000;

    private final ShootStore store;
    private final ShootEventStore events;
    private final SetStore sets;

    ShootController(ShootStore store, ShootEventStore events, SetStore sets) {
        this.store = store;
        this.events = events;
        this.sets = sets;
    }

    /**
     * A shoot to save and what the writer has seen.
     *
     * @param version the version that the writer's copy was made from
     */
    record SaveShoot(int version, Shoot shoot) {}

    /**
     * A list of dishes that somebody pasted.
     *
     * @param shoot that they are for
     */
    record PastedDishes(String text, Shoot shoot) {}

    @GetMapping
    @Operation(operationId = "listShoots", summary = "All shoots, the latest day first")
    List<ShootSummary> list() {
        return store.list();
    }

    @PostMapping
    @Operation(operationId = "addShoot", summary = "Save a new shoot")
    @ApiResponse(responseCode = "201")
    ResponseEntity<StoredShoot> add(@RequestBody Shoot shoot) {
        requireDay(shoot);
        StoredShoot stored = store.add(shoot);
        return ResponseEntity.created(URI.create("/api/shoots/" + stored.id())).body(stored);
    }

    @GetMapping("/{id}")
    @Operation(operationId = "getShoot", summary = "One shoot")
    StoredShoot get(@PathVariable UUID id) {
        return store.find(id).orElseThrow(ShootController::missing);
    }

    @PutMapping("/{id}")
    @Operation(
            operationId = "saveShoot",
            summary = "Save a shoot on top of the version the writer has seen; 409 when someone else saved since")
    StoredShoot save(@PathVariable UUID id, @RequestBody SaveShoot save) {
        requireDay(save.shoot());
        return store.replace(id, save.version(), save.shoot()).orElseThrow(() -> new SavedSince("shoot", get(id)));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "deleteShoot", summary = "Delete a shoot; for thirty days it can be brought back")
    void delete(@PathVariable UUID id, @RequestParam int version) {
        if (!store.delete(id, version)) {
            throw new SavedSince("shoot", get(id));
        }
    }

    @GetMapping("/deleted")
    @Operation(operationId = "listDeletedShoots", summary = "Deleted shoots that can be brought back, for thirty days")
    List<DeletedShoot> deleted() {
        return store.deleted();
    }

    @PostMapping("/{id}/restore")
    @Operation(operationId = "restoreShoot", summary = "Bring a deleted shoot back")
    StoredShoot restore(@PathVariable UUID id) {
        return store.restore(id).orElseThrow(ShootController::missing);
    }

    @GetMapping("/{id}/events")
    @Operation(operationId = "shootEvents", summary = "What happened at a shoot, the earliest first")
    List<StoredEvent> listEvents(@PathVariable UUID id) {
        return events.of(id);
    }

    @PutMapping("/{id}/events")
    @Operation(operationId = "putShootEvents", summary = "Tell what happened; what was told before is kept once")
    List<StoredEvent> keepEvents(@PathVariable UUID id, @RequestBody List<StoredEvent> told) {
        if (told.size() > MOST_EVENTS) {
            throw new Refused("events", "At most %d events are taken at once".formatted(MOST_EVENTS));
        }
        get(id);
        return OfSet.keep(() -> events.keep(id, told));
    }

    @DeleteMapping("/{id}/events/{event}")
    @Operation(operationId = "takeBackShootEvent", summary = "Take back something that was told by mistake")
    List<StoredEvent> takeBack(@PathVariable UUID id, @PathVariable UUID event) {
        return events.takeBack(id, event);
    }

    @PostMapping("/dishes")
    @Operation(
            operationId = "pastedDishes",
            summary = "The shoot with dishes from a list: lines, or comma- or tab-separated values; nothing is saved")
    Shoot pasted(@RequestBody PastedDishes pasted) {
        if (pasted.text().length() > LONGEST_LIST) {
            throw new Refused("text", "The list is longer than %d characters; shorten it".formatted(LONGEST_LIST));
        }
        List<ShootDish> dishes = new ArrayList<>(pasted.shoot().dishes());
        List<String> keys = dishes.stream().map(ShootDish::key).toList();
        dishes.addAll(DishList.read(pasted.text(), keys, titles()));
        return pasted.shoot().withDishes(dishes);
    }

    private Map<String, String> titles() {
        return sets.list().stream().collect(Collectors.toMap(set -> set.id().toString(), StoredSet.Summary::title));
    }

    private static void requireDay(Shoot shoot) {
        ShootClock.of(shoot);
    }

    private static Missing missing() {
        return new Missing("There is no such shoot; it may have been deleted");
    }
}
