import type { Raster } from '@outfit/core';
import { useEffect, useState } from 'react';

/** The pixels of a picture of our own; null until they are read. */
export function useRaster(url: string): Raster | null {
  const [raster, setRaster] = useState<Raster | null>(null);
  useEffect(() => {
    let current = true;
    const image = new Image();
    image.onload = () => {
      const canvas = document.createElement('canvas');
      canvas.width = image.naturalWidth;
      canvas.height = image.naturalHeight;
      const context = canvas.getContext('2d', { willReadFrequently: true });
      context?.drawImage(image, 0, 0);
      if (current && context) setRaster(context.getImageData(0, 0, canvas.width, canvas.height));
    };
    image.src = url;
    return () => {
      current = false;
    };
  }, [url]);
  return raster;
}
