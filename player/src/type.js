// Published type. Faces are added to the document under names made from their content, so that a page's own faces are
// never touched. Words are shown when their faces are there, so that nothing that is shown changes its shape.
const asked = new Map();

/** @param faces [{ family, weight, address }]; without an address the page itself has declared the face */
export function loadType(faces = []) {
  return Promise.all(
    faces.map(({ family, weight, address }) => {
      if (!address) return document.fonts.load(`${weight} 16px "${family}"`).catch(() => {});
      if (!asked.has(address)) {
        const face = new FontFace(family, `url("${address}")`, { weight });
        document.fonts.add(face);
        asked.set(address, face.load().catch(() => {}));
      }
      return asked.get(address);
    }),
  );
}
