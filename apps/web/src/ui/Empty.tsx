import type { ReactNode } from 'react';

/** What an empty screen or panel says: what it is for, and what to do next. */
export function Empty({ title, children }: { readonly title: string; readonly children?: ReactNode }) {
  return (
    <div className="mx-auto max-w-md px-6 py-12 text-center">
      <h2 className="text-lg">{title}</h2>
      <div className="text-pencil mt-1 space-y-3">{children}</div>
    </div>
  );
}
