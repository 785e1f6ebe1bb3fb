package zephyrdune.server.power;

import java.util.List;

/**
 * A receiver as it tells of itself.
 *
 * @param address {@code http://host:port}
 * @param practice whether it is the one to practise with
 */
record PowerReceiver(String address, boolean practice, String name, List<PowerGroup> groups) {

    /**
     * A light that it sets.
     *
     * @param kind flash or lamp
     * @param mark that its control is at
     * @param readyInSeconds until it can be fired; 0 for at once
     * @param marks of its control, from full downwards
     */
    record PowerGroup(String name, String kind, String mark, double readyInSeconds, List<String> marks) {}
}
