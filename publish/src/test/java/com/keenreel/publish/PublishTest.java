package com.keenreel.publish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.arrangement.marquee.MarqueeOptions;
import com.keenreel.core.arrangement.row.RowOptions;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Colour;
import com.keenreel.core.option.FitKind;
import com.keenreel.core.option.LookOptions;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.ReelWidth;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.option.WordsPlace;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Effect;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.PictureTraits.Inked;
import com.keenreel.core.reel.PictureWords;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.reel.Tones;
import com.keenreel.core.reel.Words;
import com.keenreel.core.space.Facts;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class PublishTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static Reel reel(int slides) {
        List<Slide> all = new ArrayList<>();
        for (int i = 1; i <= slides; i++) {
            all.add(Slide.of(new SlideId("s" + i), new Carries.Picture(new PictureId("p" + i))));
        }
        return Reel.named("Days & <nights>").withSlides(all);
    }

    private static <T> Reel choose(Reel reel, com.keenreel.core.option.Option<T> option, SetUp setUp, T value) {
        return reel.withChoices(reel.choices().with(option, setUp, value));
    }

    private static Material material(Reel reel) {
        Map<PictureId, PictureFacts> facts = new HashMap<>();
        Map<PictureId, PictureFiles> files = new HashMap<>();
        for (PictureId picture : reel.pictures()) {
            facts.put(picture, new PictureFacts(picture, 1500, 1000, FocalPoint.CENTRE));
            files.put(
                    picture,
                    PictureFiles.of(List.of(
                            new PictureFiles.File(320, "/f/" + picture + "-320.webp"),
                            new PictureFiles.File(960, "/f/" + picture + "-960.webp"),
                            new PictureFiles.File(1440, "/f/" + picture + "-1440.webp"))));
        }
        PictureFiles first = PictureFiles.of(List.of(new PictureFiles.File(960, "/r/days/first-960.webp")));
        Map<PictureId, PictureWords> words = Map.of(new PictureId("p1"), new PictureWords("", "", "A bench", ""));
        return new Material(
                reel, new Facts(facts, words, (text, bold, size) -> text.length() * size / 2), files, first);
    }

    private static Document html(Reel reel) {
        return Jsoup.parse(FragmentWriter.write(material(reel), "v").html());
    }

    private static JsonNode plan(Reel reel) {
        return JSON.readTree(FragmentWriter.write(material(reel), "v").plan());
    }

    @Test
    void everySlideAndWordIsInTheMarkupAndEscaped() {
        Reel reel = reel(3);
        reel = reel.withSlides(List.of(
                reel.slides()
                        .get(0)
                        .withWords(new Words("<i>Title</i>", "a & b", "Go", "https://fennock.example/?a=1&b=2", null)),
                reel.slides().get(1).withWords(new Words("Only a link", null, "", "/dates", "")),
                reel.slides().get(2)));
        Document html = html(reel);
        assertThat(html.select("section.reel.single").attr("aria-label")).isEqualTo("Days & <nights>");
        assertThat(html.select(".slide")).hasSize(3);
        assertThat(html.select(".slide-1 .title").text()).isEqualTo("<i>Title</i>");
        assertThat(html.select(".slide-1 .title").first().children()).isEmpty();
        assertThat(html.select(".slide-1 a.button").attr("href")).isEqualTo("https://fennock.example/?a=1&b=2");
        assertThat(html.select(".slide-1 a.whole")).isEmpty();
        assertThat(html.select(".slide-2 a.whole").attr("aria-label")).isEqualTo("Only a link");
        assertThat(html.select(".picture-1").attr("alt")).isEqualTo("A bench");
        assertThat(html.select(".picture-2").attr("alt")).isEmpty();
        assertThat(html.select("[style], script, style")).isEmpty();

        Document anywhere = html(choose(reel, SteeringOptions.ANYWHERE, null, true));
        assertThat(anywhere.select(".slide-1 a"))
                .as("one link, with the button's name")
                .hasSize(1);
        assertThat(anywhere.select(".slide-1 a.whole").attr("href")).isEqualTo("https://fennock.example/?a=1&b=2");
        assertThat(anywhere.select(".slide-1 a.whole").attr("aria-label")).isEqualTo("Go");
        assertThat(anywhere.select(".slide-1 span.button").text()).isEqualTo("Go");
    }

    @Test
    void dotsThatHaveNoRoomAnywhereAreNotInTheMarkup() {
        assertThat(html(reel(3)).select(".dot")).hasSize(3);
        assertThat(html(reel(200)).select(".dot")).isEmpty();
    }

    @Test
    void aPressOpensTheLargerViewWhereItFollowsNoLink() {
        Reel reel = choose(reel(3), SteeringOptions.LARGER, null, true);
        Slide first = reel.slides().get(0);
        Slide second = reel.slides().get(1);
        reel = reel.withSlides(List.of(
                first.withWords(new Words(null, null, "Go", "/dates", null)),
                second.withWords(new Words(null, null, "", "/dates", null)),
                reel.slides().get(2).withLarger(false)));
        Document html = html(reel);
        assertThat(html.select("a.larger")).hasSize(1);
        assertThat(html.select(".slide-1 a.larger").attr("aria-label")).isEqualTo("Larger view: A bench");
        assertThat(html.select(".slide-1 a.larger").attr("href"))
                .as("without script it leads to the widest file")
                .endsWith("/r/days/first-960.webp");
        assertThat(html.select(".slide-1 a.button")).hasSize(1);
        assertThat(html.select("dialog [data-do]")).hasSize(7);
        assertThat(FragmentWriter.write(material(reel), "v").css()).contains("zoom-in");

        Reel anywhere = choose(reel, SteeringOptions.ANYWHERE, null, true);
        assertThat(html(anywhere).select("a.larger, dialog")).isEmpty();
        assertThat(FragmentWriter.write(material(anywhere), "v").css()).doesNotContain("zoom-in");

        Reel own = reel(3);
        own = own.withSlides(List.of(
                own.slides().get(0),
                own.slides().get(1).withLarger(true),
                own.slides().get(2)));
        assertThat(html(own).select(".slide-2 a.larger")).hasSize(1);
        assertThat(html(choose(own, Arrangements.OPTION, null, Arrangements.of("marquee")))
                        .select("a.larger, dialog"))
                .isEmpty();
    }

    @Test
    void aSetUpShowsAnotherPictureAndTheOthersDoNot() {
        Reel reel = reel(3);
        PictureId other = reel.slides().get(2).carries().pictures().get(0);
        Slide slide = reel.slides().get(1);
        reel = reel.withSlides(List.of(
                reel.slides().get(0),
                slide.withInstead(slide.instead().with(SetUp.PHONE, other)),
                reel.slides().get(2)));
        Fragment fragment = FragmentWriter.write(material(reel), "v");
        Document html = org.jsoup.Jsoup.parse(fragment.html());
        assertThat(html.select(".crop-2 > img")).hasSize(2);
        assertThat(html.select("[data-box=picture-2]")).hasSize(2);
        assertThat(html.select(".picture-2-phone").attr("loading")).isEqualTo("lazy");
        String phone = fragment.css().substring(fragment.css().indexOf("(width < 37.5em)"));
        assertThat(phone.substring(0, phone.indexOf("@container"))).contains(".picture-2{display:none}");
        assertThat(phone.substring(phone.indexOf("@container"))).contains(".picture-2-phone{display:none}");
    }

    @Test
    void theFirstPictureIsAskedForAtOnceAndAtItsStableAddressTheOthersWhenNeeded() {
        Document html = html(reel(3));
        assertThat(html.select(".picture-1").attr("src")).endsWith("/r/days/first-960.webp");
        assertThat(html.select(".picture-1").hasAttr("loading")).isFalse();
        assertThat(html.select(".picture-2").attr("loading")).isEqualTo("lazy");
        assertThat(html.select(".picture-2").attr("sizes")).startsWith("auto, ");
        assertThat(html.select(".picture-2").attr("srcset")).contains("p2-320.webp 320w", "p2-1440.webp 1440w");
    }

    @Test
    void addressesStartWhereTheyAreServedFrom() {
        Fragment fragment = FragmentWriter.write(material(reel(2)), "v");
        assertThat(fragment.json("https://reels.fennock.example"))
                .contains("https://reels.fennock.example/f/p2-320.webp")
                .doesNotContain(Base.MARK);
        assertThat(JSON.readTree(fragment.json("")).path("player").asString())
                .startsWith("/f/")
                .endsWith(".js");
        assertThat(JSON.readTree(fragment.json("https://a.example"))
                        .path("type")
                        .path(0)
                        .path("address")
                        .asString())
                .startsWith("https://a.example/f/");
        assertThat(JSON.readTree(Fragment.NOTHING.json("")).path("player").asString())
                .isEmpty();
    }

    @Test
    void whatIsTheSameInEverySetUpIsPrintedOnce() {
        String same = FragmentWriter.write(material(reel(2)), "v").css();
        assertThat(same.split("@container", -1))
                .as("only which range it is, and what is around words, differ")
                .hasSizeLessThanOrEqualTo(5);
        assertThat(same).contains(".frame{left:0px;top:0px;width:100cqi;height:56.25cqi;--step:100cqi;");
        String differs = FragmentWriter.write(
                        material(choose(reel(2), ShapeOptions.RATIO, SetUp.PHONE, new Ratio(4, 5))), "v")
                .css();
        assertThat(differs)
                .contains(
                        "@container reel (width < 37.5em){",
                        "@container reel (not (width < 37.5em)) and (width < 64em){",
                        "@container reel not (width < 64em){",
                        "height:125cqi");
    }

    @Test
    void aPartThatASetUpLeavesOutIsNotDisplayedThere() {
        String css = FragmentWriter.write(material(choose(reel(2), SteeringOptions.ARROWS, SetUp.PHONE, false)), "v")
                .css();
        String phone = css.substring(
                css.indexOf("@container reel (width <"), css.indexOf("@container reel (not (width < 37.5em"));
        assertThat(phone).containsPattern("\\.arrow-previous,\\.arrow-next[^{]*\\{display:none\\}");
    }

    @Test
    void theWholePlanIsCalculatedHere() {
        Reel reel = choose(choose(reel(3), MotionOptions.AUTOPLAY, null, true), MotionOptions.HOLD, null, 4000L);
        reel = reel.withSlides(List.of(
                reel.slides().get(0).withHold(6000L),
                reel.slides().get(1),
                reel.slides().get(2)));
        JsonNode plan = plan(reel);
        assertThat(plan.path("holds").toString()).isEqualTo("[6000,4000,4000]");
        assertThat(plan.path("ranges").path(0).path("lap").asLong()).isEqualTo(6000 + 4000 + 4000 + 3 * 800);
        assertThat(plan.path("ranges").path(0).path("moments").toString())
                .isEqualTo("[[0,0,0],[6000,0,1],[6800,1,1],[10800,1,2],[11600,2,2],[15600,2,0]]");
        assertThat(plan.path("changes").path(0).path("on").path(0).path("on").asString())
                .isEqualTo("incoming");
    }

    @Test
    void aRowHasItsStopsBySetUp() {
        Reel reel = choose(
                choose(reel(7), Arrangements.OPTION, null, Arrangements.of("row")), RowOptions.SHOWN, SetUp.PHONE, 1);
        JsonNode ranges = plan(reel).path("ranges");
        assertThat(ranges.path(0).path("stops").size()).isEqualTo(7);
        assertThat(ranges.path(2).path("stops").size()).isEqualTo(5);
        assertThat(ranges.path(2).path("stops").path(4).toString()).isEqualTo("[4,5,6]");
    }

    @Test
    void aBandHasAsManyCopiesAsTheWidestPageNeedsAndOnlyOneOfThemIsReal() {
        Reel reel = choose(reel(3), Arrangements.OPTION, null, Arrangements.of("marquee"));
        Document html = html(reel);
        // three items of 75 px and a gap of 24 make a lap of 297 px: ceil(2560 / 297) + 1
        assertThat(html.select(".copy")).hasSize(10);
        assertThat(html.select(".copy[inert]")).as("all of them can be pressed").isEmpty();
        assertThat(html.select(".copy:not([aria-hidden])")).hasSize(1);
        assertThat(html.select(".copy[aria-hidden] [data-box]")).isEmpty();
        assertThat(html.select(".copy[aria-hidden] img[alt]:not([alt=''])")).isEmpty();
        assertThat(html.select(".copy[aria-hidden] a:not([tabindex=-1])")).isEmpty();
        assertThat(plan(reel).path("ranges").path(0).path("lapTime").asDouble()).isEqualTo(297 / 60.0 * 1000);
        assertThat(plan(choose(reel, MarqueeOptions.WAY, null, com.keenreel.core.arrangement.marquee.Way.BACK))
                        .path("changes")
                        .path(0)
                        .path("on")
                        .path(0)
                        .path("to")
                        .path("x")
                        .asDouble())
                .isEqualTo(-1);
        assertThat(html(choose(reel, MarqueeOptions.WAY, null, com.keenreel.core.arrangement.marquee.Way.BACK))
                        .select(".copy")
                        .first()
                        .className())
                .contains("copy--1");
    }

    @Test
    void aPairCarriesBothPicturesItsNamesAndASlider() {
        Carries.Pair pair = new Carries.Pair(new PictureId("p1"), new PictureId("p2"), "Found", "Today", 0.37);
        Reel reel = Reel.named("Floors").withSlides(List.of(Slide.of(new SlideId("s1"), pair)));
        Document html = html(reel);
        assertThat(html.select(".picture-1-before, .picture-1-after")).hasSize(2);
        assertThat(html.select("[data-box=label-before]").text()).isEqualTo("Found");
        assertThat(html.select("[role=slider]").attr("aria-valuenow")).isEqualTo("37");
        assertThat(FragmentWriter.write(material(reel), "v").css())
                .contains(
                        "width:62px", "--edge:78px"); // 16 + 24 + 5 * 7.5 in whole px, so that nothing of it is cut off
        assertThat(FragmentWriter.write(material(reel), "v").css())
                .contains("[data-slide=\"s1\"]{--start:0.37;--at:0.37}");
    }

    @Test
    void aPictureIsComparedWithItselfShownOtherwise() {
        Carries.Pair pair = Carries.Pair.of(new PictureId("p1"), new PictureId("p1"))
                .withEffect(Carries.Side.BEFORE, new Effect(Effect.Kind.GREY, 80))
                .withEffect(Carries.Side.AFTER, new Effect(Effect.Kind.BLUR, 1.5));
        Reel reel = Reel.named("Floors").withSlides(List.of(Slide.of(new SlideId("s1"), pair)));
        String css = FragmentWriter.write(material(reel), "v").css();
        assertThat(css).contains("filter:grayscale(80%)");
        assertThat(css).as("the same at every width").containsPattern("filter:blur\\([\\d.]+cqi\\)");
        Document html = html(reel);
        assertThat(html.select(".picture-1-before").attr("srcset"))
                .isEqualTo(html.select(".picture-1-after").attr("srcset"));
        assertThat(html.select(".picture-1-before").attr("alt")).isEmpty(); // it says what it shows once
        assertThat(FragmentWriter.write(
                                material(reel.withSlides(List.of(Slide.of(new SlideId("s1"), pair.swapped())))), "v")
                        .css())
                .containsPattern("picture-1-before[^}]*filter:blur");
    }

    @Test
    void wordsBelowOnOneScreenAndOverOnAnotherShareTheirMarkup() {
        Reel reel = choose(reel(2), Options.WORDS_PLACE, SetUp.PHONE, WordsPlace.BELOW);
        reel = reel.withSlides(List.of(
                reel.slides().get(0).withWords(Words.NONE.with(Words.Field.TITLE, "Title")),
                reel.slides().get(1)));
        Document html = html(reel);
        assertThat(html.select(".words-1")).hasSize(1);
        assertThat(html.select(".words-2")).as("its lines are kept too").hasSize(1);
        assertThat(FragmentWriter.write(material(reel), "v").css())
                .contains("line-height:22px", "background:rgb(22 36 30/62%)");
    }

    @Test
    void theSnippetGatesEachSetUpsHeight() {
        Reel reel = choose(reel(2), ShapeOptions.RATIO, null, new Ratio(12, 5));
        reel = choose(
                choose(reel, ShapeOptions.RATIO, SetUp.TABLET, new Ratio(16, 9)),
                ShapeOptions.RATIO,
                SetUp.PHONE,
                new Ratio(4, 5));
        Snippet snippet = new Snippet(material(reel), "https://reels.fennock.example", "days");
        assertThat(snippet.reserved())
                .isEqualTo(
                        "calc(min(max(0px,(599.992188px - 100%)*10000000),125%) + min(max(0px,(100% - 599.992188px)*10000000),"
                                + "max(0px,(1023.992188px - 100%)*10000000),56.25%) + min(max(0px,(100% - 1023.992188px)*10000000),41.666667%))");
        Document element = Jsoup.parse(snippet.element());
        assertThat(element.select("keen-reel").attr("src")).isEqualTo("https://reels.fennock.example/r/days");
        assertThat(element.select("keen-reel > a > img").attr("src"))
                .isEqualTo("https://reels.fennock.example/r/days/first-960.webp");
        assertThat(element.select("keen-reel img").attr("alt")).isEqualTo("A bench");
        assertThat(element.select("script[async]").attr("src")).isEqualTo("https://reels.fennock.example/reel.js");
        assertThat(Jsoup.parse(snippet.frame()).select("iframe").attr("title")).isEqualTo("Days & <nights>");
    }

    @Test
    void aReelThatNeverBecomesWideReservesForItsPhoneSetUpAlone() {
        Reel reel = choose(
                choose(reel(2), ShapeOptions.WIDTH, null, ReelWidth.read("most 560")),
                ShapeOptions.RATIO,
                null,
                new Ratio(2, 1));
        assertThat(new Snippet(material(reel), "", "days").reserved()).isEqualTo("min(50%, 280px)");
    }

    @Test
    void sizesFollowTheSlotThatTheSnippetIsMadeFor() {
        Reel reel = choose(reel(2), ShapeOptions.RATIO, null, new Ratio(3, 2));
        String full = Jsoup.parse(new Snippet(material(reel), "", "days").element())
                .select("img")
                .attr("sizes");
        assertThat(full).isEqualTo("100vw");
        Reel boxed = reel.withSlot(Slot.read("box 960"));
        String box = Jsoup.parse(new Snippet(material(boxed), "", "days").element())
                .select("img")
                .attr("sizes");
        assertThat(box).isEqualTo("(max-width: 999.98px) calc(100vw - 40px), 960px");
    }

    @Test
    void theAddressPageAllowsExactlyItsOwnStyles() {
        Fragment fragment = FragmentWriter.write(material(reel(2)), "v");
        AddressPage page = AddressPage.of(fragment, "days", material(reel(2).withName("Days </title><script>")));
        assertThat(page.policy())
                .contains("default-src 'none'", "script-src 'self'")
                .doesNotContain("unsafe");
        assertThat(page.policy().split("'sha256-", -1)).hasSize(3);
        assertThat(page.html())
                .contains("<title>Days &lt;/title&gt;&lt;script&gt;</title>", "shadowrootmode=\"open\"")
                .doesNotContain(Base.MARK, "port.js");
        assertThat(AddressPage.draft(fragment, "days", material(reel(2)), "/app/port.js")
                        .html())
                .contains("<script src=\"/app/port.js\" defer>");
        assertThat(AddressPage.nothing().html()).doesNotContain("keen-reel src");
    }

    @Test
    void theFingerprintTellsWhatVisitorsMeetFromWhatTheyDoNot() {
        Reel reel = reel(2);
        String now = Fingerprint.of(FragmentWriter.write(material(reel), "1"), "");
        assertThat(Fingerprint.of(FragmentWriter.write(material(reel), "2"), ""))
                .as("the version's name")
                .isEqualTo(now);
        assertThat(Fingerprint.of(FragmentWriter.write(material(reel.withSlot(Slot.read("box 700"))), "1"), ""))
                .as("the slot")
                .isEqualTo(now);
        assertThat(Fingerprint.of(
                        FragmentWriter.write(material(choose(reel, MotionOptions.HOLD, null, 6000L)), "1"), ""))
                .as("a hold")
                .isNotEqualTo(now);
    }

    @Test
    void whatIsSeenUntilAPictureComesIsShort() {
        Tones tones = new Tones(Colour.DARK, List.of(Colour.DARK, Colour.WHITE, Colour.WHITE, Colour.DARK));
        List<Slide> slides = new ArrayList<>();
        Map<PictureId, PictureFacts> facts = new HashMap<>();
        for (int i = 1; i <= 200; i++) {
            PictureId id = new PictureId("p" + i);
            slides.add(Slide.of(new SlideId("s" + i), new Carries.Picture(id)));
            boolean clear = i == 7;
            facts.put(id, new PictureFacts(id, 1500, 1000, FocalPoint.CENTRE, Inked.ALL, clear, tones));
        }
        Reel reel = Reel.named("Many").withSlides(slides);
        List<String> rules = Awaited.rules(reel, new Facts(facts, Map.of(), (text, bold, size) -> 0));
        assertThat(rules).hasSize(199).allMatch(rule -> rule.length() <= Awaited.MOST);
        assertThat(rules.get(0)).startsWith(".run img.picture-1{background:radial-gradient(at 0 0,#122,#0000)");
        assertThat(rules.get(6)).startsWith(".run img.picture-8{");

        Carries.Pair soft = Carries.Pair.of(new PictureId("p2"), new PictureId("p2"))
                .withEffect(Carries.Side.AFTER, new Effect(Effect.Kind.BLUR, 2));
        Facts known = new Facts(facts, Map.of(), (text, bold, size) -> 0);
        Reel compared = Reel.named("Soft").withSlides(List.of(Slide.of(new SlideId("s1"), soft)));
        assertThat(EffectRules.behind(compared, known))
                .as("what a blurred side lets through at its edges is of its own colours")
                .singleElement()
                .asString()
                .startsWith(".crop-1{background:radial-gradient(at 0 0,#122,#0000)");
        Reel whole = choose(compared, ShapeOptions.FIT, SetUp.PHONE, FitKind.WHOLE);
        assertThat(EffectRules.behind(whole, known)).isEmpty();
    }

    @Test
    void nothingIsPublishedOfAReelWithoutSlides() {
        assertThat(FragmentWriter.write(
                                new Material(
                                        Reel.named("Empty"),
                                        new Facts(Map.of(), Map.of(), (a, b, c) -> 0),
                                        Map.of(),
                                        PictureFiles.of(List.of(new PictureFiles.File(0, "/x.svg")))),
                                "v")
                        .player())
                .isEmpty();
        assertThatThrownBy(() -> PictureFiles.of(List.of())).isInstanceOf(IllegalArgumentException.class);
        assertThat(Choices.USUAL.all()).isEmpty();
    }

    /** A wall that draws one state of a reel after another. */
    private static final class OnWall {
        private final Drawn drawn = new Drawn();

        Drawing of(Reel reel) {
            Material material = material(reel);
            return FragmentWriter.draft(material, Layout.of(reel, material.facts()), drawn);
        }
    }

    private static Slide titled(Slide slide, String title) {
        return slide.withWords(slide.words().with(Words.Field.TITLE, title));
    }

    private static JsonNode change(Drawing former, Drawing next) {
        return JSON.readTree(next.since(former.version()).orElseThrow());
    }

    @Test
    void aWallIsToldTheOneSlideThatDiffers() {
        OnWall wall = new OnWall();
        List<Slide> slides = new ArrayList<>();
        reel(60).slides().forEach(slide -> slides.add(titled(slide, "Tiles")));
        Drawing former = wall.of(reel(60).withSlides(slides));
        slides.set(6, titled(slides.get(6), "A title"));
        Drawing titled = wall.of(reel(60).withSlides(slides));
        JsonNode change = change(former, titled);
        assertThat(change.path("from").asString()).isEqualTo(former.version());
        assertThat(change.path("slides")).hasSize(1);
        assertThat(change.path("slides").path(0).path(0).asInt()).isEqualTo(6);
        assertThat(change.path("slides").path(0).path(1).asString()).contains("slide-7", "A title");
        assertThat(change.has("plan")).isFalse();
        assertThat(change.toString().length())
                .isLessThan(titled.fragment().html().length() / 20);
    }

    @Test
    void aWallIsToldTheRulesThatDifferAndWhereTheyStand() {
        OnWall wall = new OnWall();
        Drawing former = wall.of(reel(3));
        Drawing round = wall.of(choose(reel(3), LookOptions.CORNERS, null, 9.0));
        JsonNode rules = change(former, round).path("rules");
        assertThat(rules).hasSize(1);
        assertThat(rules.path(0).path("rule").asString()).startsWith(".reel{").contains("--corners:9px");
        Drawing square = wall.of(choose(reel(3), ShapeOptions.RATIO, SetUp.PHONE, new Ratio(1, 1)));
        change(former, square).path("rules").forEach(rule -> {
            assertThat(rule.path("place")).hasSize(2); // in the block for phones
            assertThat(rule.path("count").asInt()).isPositive();
        });
    }

    @Test
    void theSameReelIsTheSameDrawingAndWhatIsTooDifferentIsTakenWhole() {
        OnWall wall = new OnWall();
        Drawing former = wall.of(reel(3));
        assertThat(wall.of(reel(3)).version()).isEqualTo(former.version());
        assertThat(new OnWall().of(reel(3)).version()).isEqualTo(former.version()); // after a start too
        assertThat(wall.of(reel(4)).since(former.version())).isEmpty();
        assertThat(former.since("never shown")).isEmpty();
    }
}
