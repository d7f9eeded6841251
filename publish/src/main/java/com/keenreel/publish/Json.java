package com.keenreel.publish;

import java.util.List;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.util.RawValue;

/** The one mapper of this package. */
final class Json {
    static final JsonMapper MAPPER = JsonMapper.builder().build();

    private Json() {}

    static RawValue raw(String json) {
        return new RawValue(json);
    }

    static ArrayNode faces(List<Fragment.Face> faces) {
        ArrayNode array = MAPPER.createArrayNode();
        faces.forEach(face -> array.addObject()
                .put("family", face.family())
                .put("weight", String.valueOf(face.weight()))
                .put("address", Base.MARK + face.address()));
        return array;
    }
}
