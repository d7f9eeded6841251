// Published type. Faces are added to the document under names made from their content, so that a page's own faces are
// never touched. Words are shown when their faces are there, so that nothing that is shown changes its shape.
const added = new Set();

/** @param faces [{ family, weight, address }]; without an address the page itself has declared the face */
export const loadType = (faces = []) =>
  Promise.all(
    faces.map(({ family, weight, address }) => {
      if (address && !added.has(address)) document.fonts.add(new FontFace(family, `url("${address}")`, { weight }));
      added.add(address);
      return document.fonts.load(`${weight} 16px "${family}"`).catch(() => {});
    }),
  );
