// Decodes HEIC with libheif, in a worker: loaded when the first such file comes to a browser that cannot read it by itself.
import libheif from 'libheif-js/libheif-wasm/libheif-bundle.mjs';

const LARGEST = 120e6; // pixels that the application takes in

onmessage = async ({ data }) => {
  try {
    const [image] = new (await libheif()).HeifDecoder().decode(new Uint8Array(data));
    const [width, height] = [image.get_width(), image.get_height()];
    if (width * height > LARGEST) throw new Error('too large');
    const pixels = new ImageData(width, height);
    await new Promise((done, failed) => image.display(pixels, (shown) => (shown ? done() : failed(new Error('unreadable')))));
    postMessage({ pixels }, [pixels.data.buffer]);
  } catch (failed) {
    postMessage({ failed: String(failed?.message ?? failed) });
  }
};
