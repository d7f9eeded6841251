package com.keenreel.player;

import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.edit.Edit;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Measured;
import com.keenreel.core.space.MeasuredType;
import com.keenreel.core.space.Moment;
import com.keenreel.publish.FragmentWriter;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A reel that a {@link ReelSite} keeps in memory. */
public final class StaticReel extends TestReel<StaticReel> {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** The height of a window where a test says nothing of it, px. */
    private static final double WINDOW = 800;

    /** More than a window on a page. */
    private static final String SPACE = "<div style=\"height:1500px\"></div>";

    private final ReelSite site;
    private final String slug;
    private Reel reel;
    private int publications;

    StaticReel(ReelSite site, String slug, Reel reel) {
        super(reel.name());
        this.site = site;
        this.slug = slug;
        this.reel = reel;
    }

    /** The reel as it is now. */
    public Reel reel() {
        return reel;
    }

    /** Its name in its address. */
    public String slug() {
        return slug;
    }

    @Override
    public List<String> slides() {
        return reel.slides().stream().map(slide -> slide.id().value()).toList();
    }

    @Override
    public StaticReel edit(Edit edit) {
        reel = edit.meant().applyTo(reel);
        return this;
    }

    /** Makes its present state live, and returns its address. */
    public String publish() {
        site.publish(this, "v" + ++publications);
        return site.origin() + "/r/" + slug;
    }

    @Override
    public Page live() {
        return site.running(publish());
    }

    /** Opens its draft page, which has a clock that can be held; once the player runs there. */
    public Page draft() {
        return site.running(site.draft(this));
    }

    /** Makes it live, and returns the code of the element. */
    public String element() {
        publish();
        return site.snippet(this).element();
    }

    /** Makes it live, and returns the code of the element without attributes of style. */
    public String plainElement() {
        publish();
        return site.snippet(this).plainElement();
    }

    /** Makes it live, and returns the code of the frame. */
    public String frame() {
        publish();
        return site.snippet(this).frame();
    }

    /** The fragment as JSON, as a page shows it that hands it to the element itself. */
    public String fragment() {
        return FragmentWriter.write(site.material(reel, null), "shown").json(site.origin());
    }

    /** Makes it live on a page below the first window and above another one, and returns its address. */
    public String below() {
        return site.page("/below/" + slug, Pages.html("", "<body>" + SPACE + element() + SPACE + "</body>"), Map.of());
    }

    private record Predicted(double width, List<Measured> boxes, List<MeasuredType> type) {}

    private Layout layout() {
        return Layout.of(reel, site.facts(reel));
    }

    private static JsonNode predicted(Layout layout, double width, Moment moment) {
        return JSON.valueToTree(new Predicted(width, layout.laidOut(width, moment), layout.typeAt(width)));
    }

    @Override
    public JsonNode layout(double width) {
        return predicted(layout(), width, Moment.first(WINDOW));
    }

    /** The same in a page that is scrolled so far past the host's upper edge, px. */
    public JsonNode layout(double width, double view, double scrolled) {
        return predicted(layout(), width, new Moment(view, 0, scrolled));
    }

    @Override
    public List<JsonNode> layouts(List<Double> widths) {
        Layout layout = layout();
        return widths.stream()
                .map(width -> predicted(layout, width, Moment.first(WINDOW)))
                .toList();
    }
}
