import type { ReactNode } from 'react';

/** Something to choose: its value, its name, and what tells it from its likes. */
export interface Pick {
  readonly value: string;
  readonly text: string;
  readonly more?: string | undefined;
}

export interface PickerProps<P extends Pick> {
  readonly label: string;
  /** Null, or a value that is not among the options, while nothing is chosen. */
  readonly value: string | null;
  readonly options: readonly P[];
  readonly onChoose: (value: string, option: P) => void;
  /** What stands before a name, here and in the list. */
  readonly picture?: (option: P) => ReactNode;
  /** What is shown while nothing is chosen. */
  readonly placeholder?: string;
  /** What is chosen, where it need not be among the options. */
  readonly chosen?: Pick | null;
  /** The words typed, for whoever fills the options from elsewhere; they are filtered here otherwise. */
  readonly onWords?: (words: string) => void;
  readonly className?: string;
  readonly disabled?: boolean;
}
