package com.keenreel.publish;

import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.arrangement.Playing;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.CourseKind;
import com.keenreel.core.option.EndKind;
import com.keenreel.core.option.EntryKind;
import com.keenreel.core.option.FitKind;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.PairOptions;
import com.keenreel.core.option.PairView;
import com.keenreel.core.option.Phrase;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.PairBoxes;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.Stance;
import com.keenreel.core.space.Stop;
import com.keenreel.core.time.Change;
import com.keenreel.core.time.Drift;
import com.keenreel.core.time.Entering;
import com.keenreel.core.time.Motion;
import com.keenreel.core.time.Motion.ByPosition.Seam;
import com.keenreel.core.time.Schedule;
import com.keenreel.core.time.Sweep;
import java.util.List;
import java.util.Locale;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes everything that the player has to know, calculated here once. */
final class PlanWriter {
    private final Reel reel;
    private final Facts facts;
    private final Layout layout;
    private final Needs needs;

    /**
     * The plan of that reel.
     *
     * @param needs what it needs of the player
     */
    PlanWriter(Reel reel, Facts facts, Layout layout, Needs needs) {
        this.needs = needs;
        this.reel = reel;
        this.facts = facts;
        this.layout = layout;
    }

    String write() {
        ObjectNode plan = Json.MAPPER.createObjectNode();
        Spoken spoken = new Spoken(reel);
        Motion motion = Arrangements.of(reel).motion(reel);
        plan.put("lead", needs.lead());
        plan.put("way", reel.direction().sign());
        if (motion.upright()) {
            plan.put("axis", "y");
        }
        if (motion instanceof Motion.ByTime band) {
            plan.put("pointed", band.pointed());
        }
        if (Needs.enters(reel)) {
            Entering entering = Entering.of(reel.slides().size());
            ArrayNode delays = plan.putObject("enters")
                    .put("ms", entering.ms())
                    .put("easing", Entering.EASING.css())
                    .putArray("delays");
            entering.delays().forEach(delays::add);
        }
        if (layout.staysWhileScrolled()) {
            plan.put("stays", true);
        }
        plan.put("autoplay", Arrangements.of(reel).movesByItself(reel));
        if (reel.choices().get(MotionOptions.ANEW)) {
            plan.put("anew", true);
        }
        ArrayNode holds = plan.putArray("holds");
        reel.slides().forEach(slide -> holds.add(reel.hold(slide)));
        if (needs.has(Needs.Beside.TIMED)) {
            timing(plan.putObject("timing"));
        }
        if (needs.has(Needs.Beside.DRIFTING)) {
            ArrayNode drifts = plan.putArray("drifts");
            for (Slide slide : reel.slides()) {
                Drift drift = DriftRules.of(reel, slide, facts);
                if (drift.moves()) {
                    DriftRules.write(drift, drifts.addObject());
                } else {
                    drifts.addNull();
                }
            }
        }
        if (motion.stops()) {
            ArrayNode into = plan.putArray("into");
            for (int slide = 0; slide < reel.slides().size(); slide++) {
                into.add(motion.into(slide));
            }
        }
        ArrayNode changes = plan.putArray("changes");
        for (Change change : motion.changes()) {
            ObjectNode node = changes.addObject().put("ms", change.ms());
            node.set("on", PieceWriter.pieces(change.on()));
            node.set("back", PieceWriter.pieces(change.back()));
        }
        if (needs.has(Needs.Beside.LARGER)) {
            plan.put("larger", PlayerFiles.shipped().larger().name());
            if (reel.choices().get(SteeringOptions.ADDRESSED)) {
                plan.put("addressed", true);
            }
        }
        if (!needs.later().isEmpty()) {
            ArrayNode later = plan.putArray("later");
            needs.later()
                    .forEach(one -> later.add(
                            PlayerFiles.shipped().later(Needs.word(one)).name()));
        }
        if (needs.later().contains(Needs.Later.ENTRY)) {
            ObjectNode entry =
                    plan.putObject("entry").put("duration", Entering.WHOLE).put("easing", Entering.EASING.css());
            ObjectNode from = entry.putObject("from").put("opacity", 0);
            if (reel.choices().get(MotionOptions.ENTRY) == EntryKind.RISES) {
                from.put("transform", "translateY(" + Numbers.plain(Entering.RISES) + "px)");
            }
        }
        if (needs.later().contains(Needs.Later.FITS)) {
            ObjectNode from = Json.MAPPER.createObjectNode();
            for (SetUp setUp : SetUp.values()) {
                FitKind fit = reel.choices().get(ShapeOptions.FIT, setUp);
                from.put(setUp.word(), fit.name().toLowerCase(Locale.ROOT));
            }
            plan.putObject("fits")
                    .set("from", from)
                    .put("fill", spoken.say(Phrase.FILL))
                    .put("whole", spoken.say(Phrase.WHOLE))
                    .put("original", spoken.say(Phrase.ORIGINAL));
        }
        if (motion instanceof Motion.ByChange) {
            plan.put("hurry", Motion.ByChange.HURRY);
        }
        if (motion instanceof Motion.Stepped) {
            plan.putObject("settle")
                    .put("duration", Motion.Stepped.SETTLE)
                    .put("easing", Motion.Stepped.SETTLING.css())
                    .put("toward", Motion.Stepped.TOWARD);
        }
        ArrayNode ranges = plan.putArray("ranges");
        layout.ranges().forEach(range -> ranges.add(range(range, motion)));
        if (needs.later().contains(Needs.Later.DIVIDING)) {
            boolean switches = reel.choices().get(PairOptions.VIEW).switches();
            plan.put("divided", switches ? "switch" : Needs.word(reel.choices().get(PairOptions.MOVED_BY)));
        }
        if (needs.has(Needs.Beside.PAIRS) && reel.choices().get(PairOptions.VIEW) == PairView.FADE) {
            plan.put("fades", true);
        }
        if (needs.later().contains(Needs.Later.SWEEP)) {
            sweeps(plan.putObject("sweeps"));
        }
        plan.putObject("say")
                .put("pause", spoken.say(Phrase.PAUSE))
                .put("play", spoken.say(Phrase.PLAY))
                .put("position", spoken.say(Phrase.POSITION));
        return plan.toString();
    }

    private void sweeps(ObjectNode sweeps) {
        for (Slide slide : reel.slides()) {
            Sweep sweep = Playing.sweep(reel, slide);
            if (sweep != null) {
                sweeps.putObject(slide.id().value())
                        .put("middle", sweep.middle())
                        .put("reach", sweep.reach())
                        .put("phase", sweep.phase())
                        .put("period", sweep.period())
                        .put("once", sweep.once())
                        .put("turns", sweep.turns());
            }
        }
    }

    private void timing(ObjectNode timing) {
        Choices choices = reel.choices();
        CourseKind course = choices.get(MotionOptions.COURSE);
        boolean turns = course == CourseKind.TO_AND_FRO; // it ends where it began
        timing.put("way", course == CourseKind.BACKWARD ? -1 : 1)
                .put("turns", turns)
                .put("laps", choices.get(MotionOptions.LAPS))
                .put("stays", choices.get(MotionOptions.END) == EndKind.STAYS && !turns ? 1 : 0)
                .put("delay", choices.get(MotionOptions.DELAY))
                .put("rest", choices.get(MotionOptions.REST))
                .put("pointed", choices.get(MotionOptions.POINTED));
    }

    private ObjectNode range(Range range, Motion motion) {
        ObjectNode node = Json.MAPPER.createObjectNode();
        node.put("setUp", range.setUp().word());
        if (needs.has(Needs.Beside.PAIRS) && PairBoxes.isDown(reel.choices(), range.setUp())) {
            node.put("down", true);
        }
        if (motion.stops()) {
            node.put("keys", reel.choices().get(SteeringOptions.KEYS, range.setUp()));
            if (needs.later().contains(Needs.Later.WHEEL)) {
                node.put("wheel", reel.choices().get(SteeringOptions.WHEEL, range.setUp()));
            }
            node.put("swipe", reel.choices().get(SteeringOptions.SWIPE, range.setUp()));
        }
        ArrayNode stops = node.putArray("stops");
        for (Stop stop : range.stops()) {
            ArrayNode slides = stops.addArray();
            stop.slides().forEach(n -> slides.add(n - 1));
        }
        boolean even = true;
        ArrayNode steps = Json.MAPPER.createArrayNode();
        for (Stop stop : range.stops()) {
            even &= stop.steps() == steps.size();
            steps.add(stop.steps());
        }
        if (!even) {
            node.set("steps", steps);
        }
        if (motion instanceof Motion.ByPosition by && by.seams().containsKey(range.setUp())) {
            Seam seam = by.seams().get(range.setUp());
            node.put("seam", seam.after());
            if (seam.middle()) {
                node.putObject("middle")
                        .put("paler", seam.paler())
                        .put("smaller", seam.smaller())
                        .put("before", seam.before());
            }
        }
        if (motion instanceof Motion.ByDistance by) {
            node.put("round", by.isRound(range.setUp(), reel.slides().size()));
            ArrayNode stances = node.putArray("stances");
            for (Stance stance : by.stances().getOrDefault(range.setUp(), List.of())) {
                stances.addArray()
                        .add(stance.shift())
                        .add(stance.back())
                        .add(stance.turn())
                        .add(stance.scale())
                        .add(stance.opacity());
            }
        }
        if (motion instanceof Motion.ByTime band) {
            double lap = range.step().at(0);
            node.put("lapLength", lap);
            node.put("lapTime", band.lapTime(lap));
        } else if (motion.stops() && !reel.slides().isEmpty()) {
            Schedule schedule = Schedule.of(reel, motion, range.stops());
            node.put("lap", schedule.lap());
            ArrayNode moments = node.putArray("moments");
            for (Schedule.Leg leg : schedule.legs()) {
                moments.addArray().add(leg.start()).add(leg.stop()).add(leg.stop());
                if (leg.change() > 0) {
                    ArrayNode change = moments.addArray()
                            .add(leg.start() + leg.hold())
                            .add(leg.stop())
                            .add(leg.next());
                    if (!leg.forward()) {
                        change.add(false);
                    }
                }
            }
        }
        return node;
    }
}
