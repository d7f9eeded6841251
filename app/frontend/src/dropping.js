// What every place that takes files shares: the look while something is held over it, and the files themselves.

/** What systems put into folders by themselves, beside what starts with a dot. */
const OF_SYSTEMS = ['thumbs.db', 'ehthumbs.db', 'desktop.ini', '__macosx'];
const isOfSomebody = ({ name }) => !name.startsWith('.') && !OF_SYSTEMS.includes(name.toLowerCase());

/** The files of a dropped folder with its name, then those of each folder inside it. */
async function inside(folder, name = folder.name) {
  const reader = folder.createReader();
  const files = [];
  const deeper = [];
  for (;;) {
    const entries = await new Promise((done, failed) => reader.readEntries(done, failed)); // gives them in portions
    if (!entries.length) break;
    for (const entry of entries.filter(isOfSomebody)) {
      if (entry.isDirectory) deeper.push(...(await inside(entry, `${name}, ${entry.name}`)));
      else files.push(await new Promise((done, failed) => entry.file(done, failed)));
    }
  }
  return files.length || !deeper.length ? [{ files, folder: name }, ...deeper] : deeper;
}

/** What was dropped: loose files together, and those of each folder with its name. */
export async function dropped(event) {
  const entries = [...event.dataTransfer.items].map((item) => item.webkitGetAsEntry?.()).filter(Boolean);
  const folders = entries.filter(({ isDirectory }) => isDirectory);
  const loose = [...event.dataTransfer.files].filter((file) => isOfSomebody(file) && !folders.some(({ name }) => name === file.name));
  const found = (await Promise.all(folders.map((folder) => inside(folder)))).flat();
  return loose.length ? [{ files: loose }, ...found] : found;
}

export const dropping = () => ({
  held: false,
  get dropClass() {
    return this.held ? 'held' : '';
  },
  over(event) {
    this.held = [...event.dataTransfer.types].includes('Files');
  },
  away(event) {
    if (!event.currentTarget.contains(event.relatedTarget)) this.held = false;
  },
  async drop(event) {
    this.held = false;
    for (const { files, folder } of await dropped(event)) this.take(files, folder);
  },
  chooseFiles(event) {
    this.take([...event.target.files]);
    event.target.value = '';
  },
});
