// What is said at the foot of a page; it stays as long as it takes to read.
export const notices = () => ({
  words: '',
  say({ detail }) {
    this.words = detail;
    clearTimeout(this.resting);
    this.resting = setTimeout(() => (this.words = ''), 4000 + detail.length * 60);
  },
});
