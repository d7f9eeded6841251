package com.keenreel.app.publishing;

import com.keenreel.app.access.EditorKey;
import com.keenreel.app.access.PublicAddress;
import com.keenreel.app.store.SettingStore;
import com.keenreel.core.edit.Refusal;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseBody;
import tools.jackson.databind.JsonNode;

/** Saying by which address visitors reach published reels. */
@Controller
class PublicAddressController {
    private static final String SETTING = "public-address";

    private final PublicAddress address;
    private final SettingStore settings;
    private final Ageing ageing;
    private final EditorKey key;

    PublicAddressController(PublicAddress address, SettingStore settings, Ageing ageing, EditorKey key) {
        this.key = key;
        this.ageing = ageing;
        this.address = address;
        this.settings = settings;
        settings.get(SETTING).ifPresent(address::use);
    }

    /** For how long earlier publications are kept: {@code {days}}, 0 for good. */
    @PutMapping("/settings/earlier-publications")
    @ResponseBody
    Map<String, Object> keepEarlier(@RequestBody JsonNode request) {
        ageing.keep(request.path("days").asInt(-1));
        return Map.of("days", ageing.days());
    }

    /** Sets it: {@code {origin}}; empty for the loopback address. */
    @PutMapping("/settings/public-address")
    @ResponseBody
    Map<String, Object> put(@RequestBody JsonNode request, HttpServletResponse response) {
        if (address.isFixed()) {
            throw new Refusal("The public address was given when Keen Reel was started, with --public-address.");
        }
        String said = request.path("origin").asString("").strip();
        String origin = said.isEmpty() ? "" : PublicAddress.check(said);
        settings.put(SETTING, origin);
        address.use(origin);
        response.addHeader("Set-Cookie", key.cookie()); // whoever says it edits on
        return Map.of("origin", address.origin(), "loopback", address.isLoopback());
    }
}
