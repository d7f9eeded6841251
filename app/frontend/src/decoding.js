// Files that the application does not read itself, AVIF and HEIC: this browser decodes them; the original is kept.
const BRANDS = /^(hei[cxms]|hev[cxms]|mif[12]|msf1|avi[fs])$/;
const QUALITY = 0.95;
const SLOW = 120000; // ms after which a file counts as unreadable

let decoder; // the worker that decodes HEIC, once there was one

/** Whether a file has to be decoded before it is sent; its name is not believed. */
export async function isForeign(file) {
  const head = String.fromCharCode(...new Uint8Array(await file.slice(0, 12).arrayBuffer()));
  return head.slice(4, 8) === 'ftyp' && BRANDS.test(head.slice(8, 12));
}

/** One file after another: each needs much memory. */
let before = Promise.resolve();

/**
 * Decodes a file.
 *
 * @returns { blob, colours }: "own" where the numbers of its colours are still those of its own profile
 */
export function decoded(file) {
  const mine = before.then(async () => {
    const bitmap = await createImageBitmap(file).catch(() => null);
    return bitmap ? { blob: await written(bitmap, bitmap.width, bitmap.height), colours: 'sRGB' } : { blob: await byLibrary(file), colours: 'own' };
  });
  before = mine.catch(() => {});
  return mine;
}

const unreadable = (why) => Object.assign(new Error(why), { problem: `This picture cannot be read here (${why}). Open it where it came from, save it as JPEG, and bring that.` });

async function byLibrary(file) {
  decoder ??= new Worker('/app/heic.js');
  const data = await file.arrayBuffer();
  const { pixels, failed } = await new Promise((done) => {
    const slow = setTimeout(() => done({ failed: 'it took too long' }), SLOW);
    decoder.onmessage = (event) => (clearTimeout(slow), done(event.data));
    decoder.onerror = () => (clearTimeout(slow), done({ failed: 'the decoder did not start' }));
    decoder.postMessage(data, [data]);
  });
  if (!failed) return written(pixels, pixels.width, pixels.height);
  decoder.terminate();
  decoder = undefined;
  throw unreadable(failed);
}

/** A picture as a file that the application reads: JPEG, or PNG where anything is transparent. */
async function written(picture, width, height) {
  const canvas = new OffscreenCanvas(width, height);
  const pen = canvas.getContext('2d');
  if (picture instanceof ImageData) pen.putImageData(picture, 0, 0);
  else pen.drawImage(picture, 0, 0);
  const { data } = pen.getImageData(0, 0, width, height);
  let clear = false;
  for (let i = 3; i < data.length && !clear; i += 4) clear = data[i] < 255;
  picture.close?.();
  return canvas.convertToBlob(clear ? { type: 'image/png' } : { type: 'image/jpeg', quality: QUALITY });
}
