package gatepin.web.lane;

import gatepin.core.job.Gate;
import gatepin.core.job.Lane;
import gatepin.core.job.Lane.Pin;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * One post of the fence.
 *
 * @param gate the gate
 * @param look how it is drawn: open, overridden, dropped, next or held
 * @param standing the same in a word
 * @param here whether this is the gate on the screen
 */
public record Post(Gate gate, String look, String standing, boolean here) {
    public static List<Post> fence(Lane lane, Optional<Gate> here) {
        List<Post> posts = new ArrayList<>();
        for (Gate gate : Gate.values()) {
            Pin pin = lane.pin(gate);
            boolean next = lane.next().equals(Optional.of(gate));
            String look = switch (pin.state()) {
                case PULLED -> "open";
                case OVERRIDDEN -> "overridden";
                case DROPPED -> "dropped";
                case HELD -> next ? "next" : "held";
            };
            String standing = switch (pin.state()) {
                case PULLED -> "passed";
                case OVERRIDDEN -> "passed by override";
                case DROPPED -> "pin dropped";
                case HELD -> next ? "next" : "held";
            };
            posts.add(new Post(gate, look, standing, here.equals(Optional.of(gate))));
        }
        return posts;
    }
}
