package com.keenreel.app.publishing;

import com.keenreel.app.store.SettingStore;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.ResponseBody;

/**
 * Whether links to paths and places of one's own site are meant as they are typed: asked until somebody has said so, once for
 * the whole of this Keen Reel.
 */
@Controller
public class PathsMeant {
    private static final String SETTING = "paths-meant";

    private final SettingStore settings;

    PathsMeant(SettingStore settings) {
        this.settings = settings;
    }

    /** Whether somebody has said so. */
    public boolean isSaid() {
        return settings.get(SETTING).isPresent();
    }

    @PutMapping("/settings/paths-meant")
    @ResponseBody
    Map<String, Object> say() {
        settings.put(SETTING, "yes");
        return Map.of("said", true);
    }
}
