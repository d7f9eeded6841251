// Published type. Faces are added to the document under names made from their content, so that a page's own faces are
// never touched; `optional` means that words which are already shown never change their shape.
const asked = new Map();

/** @param faces [{ family, weight, address }] */
export function loadType(faces = []) {
  return Promise.all(
    faces.map(({ family, weight, address }) => {
      if (!asked.has(address)) {
        const face = new FontFace(family, `url("${address}")`, { weight, display: 'optional' });
        document.fonts.add(face);
        asked.set(address, face.load().catch(() => {}));
      }
      return asked.get(address);
    }),
  );
}
