// The guarded shell: defines <keen-reel> once, whatever else a page loads, fetches the reel and hands it to the player
// that its publication names. Small and stable; everything that can change between publications is in the player.
(() => {
  if (customElements.get('keen-reel')) return;
  const players = {};

  /** Loads a player once for the whole page; it announces itself under its own address. */
  function player(address) {
    return (players[address] ??= new Promise((loaded, failed) => {
      const script = document.createElement('script');
      script.src = address;
      script.onload = () => loaded(script.show);
      script.onerror = failed;
      document.head.append(script);
    }));
  }

  /**
   * Settles when the picture is on the screen, or soon: nothing that follows gets in its way. Where the browser does not
   * tell, or has something larger on the screen, or the picture is out of sight, there is nothing to wait for.
   */
  async function presented(picture) {
    const type = 'largest-contentful-paint';
    if (!picture || !PerformanceObserver.supportedEntryTypes.includes(type)) return;
    const { top, bottom, width, height } = picture.getBoundingClientRect();
    if (bottom <= 0 || top >= innerHeight) return;
    await new Promise((done) => {
      new PerformanceObserver((list, observer) => {
        if (list.getEntries().some(({ url, size }) => url === picture.currentSrc || size > width * height)) done(observer.disconnect());
      }).observe({ type, buffered: true });
      setTimeout(done, 300);
    });
  }

  class KeenReel extends HTMLElement {
    #source;
    #piece;

    /** Settles when what the page asked for is shown. */
    ready;

    connectedCallback() {
      this.#piece?.connected();
      const source = this.getAttribute('src');
      if (source === this.#source) return;
      this.#source = source;
      this.ready = this.#start(source).catch(() => this.#missing());
    }

    /**
     * A reel that cannot be had leaves the page as it was. Where its picture cannot be had either, at once or later, a
     * plain link is left and the height is given back.
     */
    #missing() {
      const [link, picture] = [this.querySelector(':scope > a'), this.querySelector('img')];
      if (!link) return;
      const give = () => {
        link.textContent = link.dataset.instead ?? (picture?.alt || link.textContent);
        [link, this].forEach((one) => one.removeAttribute('style'));
      };
      if (picture && !picture.complete) picture.addEventListener('error', give);
      else if (!picture?.naturalWidth) give();
    }

    disconnectedCallback() {
      queueMicrotask(() => this.isConnected || this.#piece?.disconnected());
    }

    async #start(source) {
      const inert = this.querySelector(':scope > template[shadowrootmode]');
      if (inert && !this.shadowRoot) {
        this.attachShadow({ mode: 'open' }).append(inert.content);
        inert.remove();
      }
      const written = this.shadowRoot?.querySelector('script[type="application/json"]');
      if (written) {
        await presented(this.shadowRoot.querySelector('img'));
        return this.show(JSON.parse(written.textContent));
      }
      // which page shows the reel is said without what follows its path
      const page = { referrer: location.origin + location.pathname, referrerPolicy: 'no-referrer-when-downgrade' };
      await presented(this.querySelector('img'));
      const answer = await fetch(`${source}/fragment`, page);
      return this.show(await answer.json());
    }

    /** Shows a fragment; called again, it takes the new one without losing the moment. */
    async show(fragment) {
      if (!fragment.player) {
        this.#piece?.disconnected();
        this.replaceChildren();
        this.shadowRoot?.replaceChildren();
        this.style.setProperty('padding', '0', 'important');
        return undefined;
      }
      const show = await player(new URL(fragment.player, new URL(this.#source, document.baseURI)).href);
      this.#piece = await show(this, fragment, this.#piece, presented);
      return this.#piece;
    }
  }

  customElements.define('keen-reel', KeenReel);
})();
