// Scripts that lie beside the player's own and are asked for when they are needed.
const { src } = document.currentScript;
const loading = {}; // one for all reels that this player carries out

/** What that script shows, once it is there. */
export const load = (name) =>
  (loading[name] ??= new Promise((loaded, failed) => {
    const script = document.createElement('script');
    script.src = new URL(name, src);
    script.onload = () => loaded(script.show);
    script.onerror = () => (loading[name] = failed()); // which is nothing: it may be reached later
    document.head.append(script);
  }));

/** Does something with it; where it cannot be had the rest goes on. */
export const use = (name, how) => load(name).then(how, () => {});
