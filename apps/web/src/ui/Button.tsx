import type { ButtonHTMLAttributes } from 'react';

type Tone = 'act' | 'plain' | 'quiet';

const TONES: Record<Tone, string> = {
  act: 'bg-lagoon text-sheet border-lagoon hover:bg-[#12525c]',
  plain: 'bg-sheet text-ink border-rule hover:border-pencil',
  quiet: 'bg-transparent text-ink border-transparent hover:bg-paper',
};

interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  readonly tone?: Tone;
}

export function Button({ tone = 'plain', className = '', type = 'button', ...rest }: ButtonProps) {
  return (
    <button
      type={type}
      className={`inline-flex items-center gap-1.5 rounded-cut border px-2.5 py-1 text-[0.93rem] font-medium whitespace-nowrap disabled:opacity-50 ${TONES[tone]} ${className}`}
      {...rest}
    />
  );
}
