import Alpine from '@alpinejs/csp';
import { dropping, mix } from './dropping.js';
import { bring } from './uploads.js';

Alpine.data('pictures', () =>
  mix(dropping(), {
    total: 0,
    here: 0,
    refused: 0,
    get started() {
      return this.total > 0;
    },
    get done() {
      return this.started && this.here + this.refused === this.total;
    },
    get counted() {
      const rest = this.total - this.here - this.refused;
      return `Adding ${this.total}: ${this.here} here${rest ? `, ${rest} to come` : ''}${this.refused ? `, ${this.refused} refused` : ''}.`;
    },
    take(files) {
      this.total += files.length;
      bring(files, this.$refs.files, () => {
        this.here = this.$refs.files.querySelectorAll('.done').length;
        this.refused = this.$refs.files.querySelectorAll('.refused').length;
      });
    },
  }),
);
Alpine.start();
