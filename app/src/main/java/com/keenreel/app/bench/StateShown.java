package com.keenreel.app.bench;

import com.keenreel.core.option.Numbers;
import com.keenreel.core.reel.Carries;
import java.util.ArrayList;
import java.util.List;

/**
 * A state between before and after, as its slide's sheet speaks of it.
 *
 * @param number from 1
 * @param picture the id of its picture
 * @param name what it is called
 * @param ends where it is cut off at first, whole per cent
 * @param exactly the same, 0 to 1
 */
public record StateShown(int number, String picture, String name, String ends, double exactly) {
    static List<StateShown> of(Carries.Pair pair) {
        List<StateShown> all = new ArrayList<>();
        for (Carries.Between state : pair.between()) {
            all.add(new StateShown(
                    all.size() + 1,
                    state.picture().value(),
                    state.name(),
                    Numbers.rounded(100 * state.endsAt(), 0),
                    state.endsAt()));
        }
        return all;
    }

    /** What its name is called. */
    public String called() {
        return "State " + (number + 1) + " is called";
    }

    /** What its end is called. */
    public String endCalled() {
        return "State " + (number + 1) + " ends at, per cent";
    }

    /** What exchanging its picture is called. */
    public String exchangeCalled() {
        return "Exchange the picture of state " + (number + 1);
    }

    /** What leaving it out is called. */
    public String removeCalled() {
        return "Leave out state " + (number + 1);
    }
}
