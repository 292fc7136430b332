/** Named places on the mood wheel: valence (sad to glad) and arousal (still to stirred), both −1 to 1. */
const MOODS = {
  calm: { valence: 0.4, arousal: -0.5 },
  glad: { valence: 0.8, arousal: 0.3 },
  merry: { valence: 0.9, arousal: 0.7 },
  brave: { valence: 0.3, arousal: 0.6 },
  stern: { valence: -0.3, arousal: 0.1 },
  cross: { valence: -0.7, arousal: 0.6 },
  startled: { valence: -0.1, arousal: 0.9 },
  weary: { valence: -0.2, arousal: -0.7 },
  sad: { valence: -0.8, arousal: -0.4 },
} as const;

export type MoodName = keyof typeof MOODS;

export const MOOD_NAMES = Object.keys(MOODS) as MoodName[];

/** Is a text the name of a mood? */
export const isMood = (text: string): text is MoodName => text in MOODS;

/**
 * How well one mood stands for another, 0 to 1: 1 less their distance on the wheel of valence and arousal (the circumplex of affect,
 * Russell 1980), where each axis goes from -1 to 1; 0 from a distance of 1 on.
 *
 * @example moodAnswer('calm', 'calm') // 1
 */
export function moodAnswer(wanted: MoodName, shown: MoodName): number {
  const a = MOODS[wanted];
  const b = MOODS[shown];
  return Math.max(0, 1 - Math.hypot(a.valence - b.valence, a.arousal - b.arousal));
}
