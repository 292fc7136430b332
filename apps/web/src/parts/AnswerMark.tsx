import type { Answer } from '@outfit/core';
import { Circle, CircleCheck, CircleDashed, CircleDot } from 'lucide-react';

/** How far a wish is answered, by form as well as colour: ticked, part-met, missing, or not seen. */
export function AnswerMark({ answer }: { readonly answer: Answer | null }) {
  if (!answer) return <CircleDashed size={15} strokeWidth={1.75} className="text-pencil inline" aria-label="not counted" />;
  if (answer.s >= 0.95) return <CircleCheck size={15} strokeWidth={1.75} className="text-moss inline" aria-label="met" />;
  if (answer.s >= 0.05) return <CircleDot size={15} strokeWidth={1.75} className="text-saffron inline" aria-label="partly met" />;
  return <Circle size={15} strokeWidth={1.75} className="text-madder inline" aria-label="missing" />;
}
