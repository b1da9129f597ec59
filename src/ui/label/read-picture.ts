/** Maximum edge of a picture searched for a code, px: enough for the finest code, and fast. */
const MOST_PX = 1600;

/** A picture's pixels, scaled down if larger than needed. */
const pixelsOf = async (file: File): Promise<ImageData> => {
  const picture = await createImageBitmap(file);
  const scale = Math.min(1, MOST_PX / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(picture.width * scale);
  canvas.height = Math.round(picture.height * scale);
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  context.drawImage(picture, 0, 0, canvas.width, canvas.height);
  return context.getImageData(0, 0, canvas.width, canvas.height);
};

/** Text of the QR code in a picture, read on the device; null if none, or if the file is not a picture. */
export const codeInPicture = async (file: File): Promise<string | null> => {
  try {
    const { data, width, height } = await pixelsOf(file);
    const { default: read } = await import('jsqr');
    return read(data, width, height)?.data ?? null;
  } catch {
    return null;
  }
};
