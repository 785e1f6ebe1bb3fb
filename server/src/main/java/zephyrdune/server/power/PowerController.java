package zephyrdune.server.power;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.util.Optional;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.devices.PracticeReceiver;
import zephyrdune.server.problems.Missing;

/** Sets the power of lights that can be set from afar. */
@RestController
@Tag(name = "power", description = "Power that is set over the network")
class PowerController implements DisposableBean {

    private final ReceiverStore store;
    private final ReceiverClient client;
    private final Clock clock;

    /** Started when it is first asked for; null before. */
    private PracticeReceiver practice;

    PowerController(ReceiverStore store, ReceiverClient client, Clock clock) {
        this.store = store;
        this.client = client;
        this.clock = clock;
    }

    /** @param address as it is typed: host and port */
    record ReceiverAddress(String address) {}

    /** @param mark as the light's control has it */
    record PowerMark(String mark) {}

    @GetMapping("/api/power-receiver")
    @Operation(
            operationId = "powerReceiver",
            summary = "The receiver that is connected, as it tells of itself; 204 for none")
    @ApiResponse(responseCode = "200", useReturnTypeSchema = true)
    @ApiResponse(responseCode = "204", description = "None is connected", content = @Content)
    ResponseEntity<PowerReceiver> get() {
        Optional<ReceiverStore.Connected> connected = store.find();
        if (connected.isEmpty()) {
            return ResponseEntity.noContent().build();
        }
        return ResponseEntity.ok(
                client.receiver(address(connected.get()), connected.get().practice()));
    }

    @PutMapping("/api/power-receiver")
    @Operation(operationId = "connectPowerReceiver", summary = "Connect a receiver on this network by its address")
    PowerReceiver connect(@RequestBody ReceiverAddress asked) {
        String address = ReceiverClient.address(asked.address());
        PowerReceiver receiver = client.receiver(address, false);
        store.keep(new ReceiverStore.Connected(address, false));
        return receiver;
    }

    @PostMapping("/api/power-receiver/practice")
    @Operation(operationId = "practisePower", summary = "Connect the receiver to practise with")
    PowerReceiver practise() {
        PowerReceiver receiver = client.receiver(practiceAddress(), true);
        store.keep(new ReceiverStore.Connected("", true));
        return receiver;
    }

    @DeleteMapping("/api/power-receiver")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "disconnectPowerReceiver", summary = "Connect none")
    void disconnect() {
        store.forget();
    }

    @PutMapping("/api/power-receiver/groups/{group}")
    @Operation(operationId = "setPower", summary = "Set the power of a light on the receiver that is connected")
    PowerReceiver.PowerGroup set(@PathVariable String group, @RequestBody PowerMark power) {
        ReceiverStore.Connected connected =
                store.find().orElseThrow(() -> new Missing("No receiver is connected; connect one"));
        return client.set(address(connected), group, power.mark());
    }

    private String address(ReceiverStore.Connected connected) {
        return connected.practice() ? practiceAddress() : connected.address();
    }

    private synchronized String practiceAddress() {
        if (practice == null) {
            try {
                practice = new PracticeReceiver(0, clock);
            } catch (IOException noPort) {
                throw new UncheckedIOException(noPort);
            }
        }
        return practice.address().toString();
    }

    @Override
    public synchronized void destroy() {
        if (practice != null) {
            practice.close();
        }
    }
}
