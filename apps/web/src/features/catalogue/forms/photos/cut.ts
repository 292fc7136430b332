/** A piece of a picture: turned by quarter turns and more, then cut; lengths in pixels of the turned picture. */
export interface Cut {
  readonly turnedDeg: number;
  readonly area: { readonly x: number; readonly y: number; readonly width: number; readonly height: number } | null;
}

export const UNCUT: Cut = { turnedDeg: 0, area: null };

const load = (url: string): Promise<HTMLImageElement> =>
  new Promise((resolve, reject) => {
    const image = new Image();
    image.onload = () => resolve(image);
    image.onerror = () => reject(new Error('The picture could not be read again. Reload the page and try once more.'));
    image.src = url;
  });

/** The piece as a picture of its own. */
export async function cutOut(url: string, { turnedDeg, area }: Cut): Promise<Blob> {
  const image = await load(url);
  const angle = (turnedDeg * Math.PI) / 180;
  const [sin, cos] = [Math.abs(Math.sin(angle)), Math.abs(Math.cos(angle))];
  const [width, height] = [image.naturalWidth * cos + image.naturalHeight * sin, image.naturalWidth * sin + image.naturalHeight * cos];
  const turned = document.createElement('canvas');
  turned.width = Math.round(width);
  turned.height = Math.round(height);
  const context = turned.getContext('2d');
  context?.translate(turned.width / 2, turned.height / 2);
  context?.rotate(angle);
  context?.drawImage(image, -image.naturalWidth / 2, -image.naturalHeight / 2);
  const piece = document.createElement('canvas');
  const cut = area ?? { x: 0, y: 0, width: turned.width, height: turned.height };
  piece.width = Math.max(1, Math.round(cut.width));
  piece.height = Math.max(1, Math.round(cut.height));
  piece.getContext('2d')?.drawImage(turned, -cut.x, -cut.y);
  return new Promise((resolve, reject) =>
    piece.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('The picture could not be cut.'))), 'image/png'),
  );
}
