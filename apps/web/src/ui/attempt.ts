import { sentenceOf } from './format';
import { tell } from './telling';

/** Waits for something that may fail, and says so in a sentence when it does. What came of it, or null. */
export async function attempt<T>(work: Promise<T>): Promise<T | null> {
  try {
    return await work;
  } catch (error) {
    tell.error(sentenceOf(error));
    return null;
  }
}
