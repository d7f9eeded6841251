package com.keenreel.app.bench;

import com.keenreel.app.store.EditStore;
import com.keenreel.app.store.Ids;
import com.keenreel.app.store.PictureStore;
import com.keenreel.app.store.ReelStore;
import com.keenreel.app.store.StoredReel;
import com.keenreel.core.edit.Ordering;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.reel.Member;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SetOrder;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseBody;
import tools.jackson.databind.JsonNode;

/** What changes much of a reel in one step of its history, beside single edits; all take who asks as edits do. */
@Controller
@RequestMapping("/reels/{id}")
class StepsController {
    private final ReelStore reels;
    private final EditStore edits;
    private final PictureStore pictures;
    private final Redrawn.Maker answers;

    StepsController(ReelStore reels, EditStore edits, PictureStore pictures, Redrawn.Maker answers) {
        this.reels = reels;
        this.edits = edits;
        this.pictures = pictures;
        this.answers = answers;
    }

    private Redrawn step(String id, JsonNode request, String words, UnaryOperator<Reel> how) {
        Asked asked = Asked.of(request);
        return answers.whole(edits.step(id, asked.window(), asked.editId(), words, how), asked);
    }

    /** Brings the slides into an order: {@code {by}}. */
    @PostMapping("/arrangement")
    @ResponseBody
    Redrawn arrange(@PathVariable String id, @RequestBody JsonNode request) {
        SetOrder order = SetOrder.read(request.path("by").asString());
        String words = order == SetOrder.LAID_OUT_REVERSED ? "the last first" : order.words();
        return step(id, request, "slides " + words, reel -> {
            Map<PictureId, Member> members = new HashMap<>();
            pictures.all(reel.pictures())
                    .forEach(one -> members.put(one.id(), new Member(one.id(), one.name(), one.taken())));
            return Ordering.by(order, reel, members);
        });
    }

    /** Puts copies of slides into the running order: {@code {from: reel, slides: [id], before: id or null}}. */
    @PostMapping("/copies")
    @ResponseBody
    Redrawn copy(@PathVariable String id, @RequestBody JsonNode request) {
        StoredReel from = reels.find(request.path("from").asString());
        List<Slide> copies = new ArrayList<>();
        request.path("slides")
                .forEach(slide -> from.reel()
                        .slide(new SlideId(slide.asString()))
                        .ifPresent(one -> copies.add(one.as(new SlideId(Ids.fresh())))));
        if (copies.isEmpty()) {
            throw new Refusal("The slides that were copied are no longer there.");
        }
        SlideId before = request.hasNonNull("before")
                ? new SlideId(request.path("before").asString())
                : null;
        String words = (copies.size() == 1 ? "a slide" : copies.size() + " slides") + " copied"
                + (from.id().equals(id) ? "" : " from " + from.reel().name());
        return step(id, request, words, reel -> Ordering.with(reel, copies, before));
    }

    /** Another reel. */
    record Other(String id, String name) {}

    /** The reels whose set-up can be taken over, by name. */
    @GetMapping("/others")
    @ResponseBody
    List<Other> others(@PathVariable String id) {
        List<Other> others = new ArrayList<>();
        reels.names().forEach((other, name) -> {
            if (!other.equals(id)) {
                others.add(new Other(other, name));
            }
        });
        return others;
    }

    /** Takes over the whole set-up of another reel; slides, name and slot stay: {@code {from: reel}}. */
    @PostMapping("/set-up")
    @ResponseBody
    Redrawn takeOver(@PathVariable String id, @RequestBody JsonNode request) {
        Reel from = reels.find(request.path("from").asString()).reel();
        return step(id, request, "set up like " + from.name(), reel -> reel.withChoices(from.choices()));
    }
}
