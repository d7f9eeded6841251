// Videos that are brought: they are kept as they are; this browser says what they show, for the picture that stands for them.
import { isForeign } from './decoding.js';

const { HAVE_CURRENT_DATA } = HTMLMediaElement;
const SLOW = 15000; // ms after which a browser counts as showing nothing
const WIDEST = 1920;
const QUALITY = 0.92;

/** Whether a file is a video, or something like one: its bytes are believed, then what the system calls it. */
export async function isVideo(file) {
  const head = String.fromCharCode(...new Uint8Array(await file.slice(0, 12).arrayBuffer()));
  if (head.slice(4, 8) === 'ftyp') return !(await isForeign(file)); // a picture in the same container
  return head.startsWith('\x1aE\xdf\xa3') || file.type.startsWith('video/');
}

/** As wide and high as a picture that stands for a video of that size. */
function drawn({ width, height }) {
  const scale = Math.min(1, WIDEST / width);
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(width * scale));
  canvas.height = Math.max(1, Math.round(height * scale));
  return canvas;
}

const written = (canvas) => new Promise((done) => canvas.toBlob(done, 'image/jpeg', QUALITY));

/** What covers a picture of that size, as a file: a frame of a video, or another picture, around its middle. */
export function covering(shown, from, size) {
  const canvas = drawn(size);
  const scale = Math.max(canvas.width / from.width, canvas.height / from.height);
  const [width, height] = [from.width * scale, from.height * scale];
  canvas.getContext('2d').drawImage(shown, (canvas.width - width) / 2, (canvas.height - height) / 2, width, height);
  return written(canvas);
}

/** The frame that a video shows now, once it shows one. */
export async function frame(video) {
  if (video.readyState < HAVE_CURRENT_DATA) {
    const unseen = Object.assign(new Error('unseen'), { problem: 'This browser shows nothing of it. Take a picture that stands for it.' });
    await new Promise((done, failed) => {
      if (video.error) failed(unseen);
      Object.assign(video, { onloadeddata: done, onerror: () => failed(unseen), preload: 'auto' });
    });
  }
  const size = { width: video.videoWidth, height: video.videoHeight };
  return covering(video, size, size);
}

/** The first frame of a file; nothing where this browser shows none. */
function first(file) {
  const video = Object.assign(document.createElement('video'), { muted: true, playsInline: true, preload: 'auto', src: URL.createObjectURL(file) });
  return new Promise((done) => {
    setTimeout(done, SLOW);
    video.onerror = () => done();
    video.onloadeddata = () => done(video.videoWidth ? frame(video) : undefined);
  }).finally(() => {
    URL.revokeObjectURL(video.src);
    video.removeAttribute('src');
    video.load();
  });
}

/**
 * The picture that stands for a file.
 *
 * @param size { width, height } of the video, px
 * @returns { blob, plain }: "yes" where it shows nothing but a colour
 */
export async function poster(file, size) {
  const blob = await first(file);
  if (blob) return { blob, plain: 'no' };
  const canvas = drawn(size);
  const pen = canvas.getContext('2d');
  pen.fillStyle = '#59645e';
  pen.fillRect(0, 0, canvas.width, canvas.height);
  return { blob: await written(canvas), plain: 'yes' };
}
