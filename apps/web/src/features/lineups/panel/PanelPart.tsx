import type { ReactNode } from 'react';

/** A part of the panel under a title of its own. */
export function PanelPart({ title, more, children }: { readonly title: string; readonly more?: ReactNode; readonly children: ReactNode }) {
  return (
    <section aria-label={title} className="space-y-1 text-[0.93rem]">
      <h2 className="flex items-baseline gap-2 text-[1.07rem]">
        {title}
        {more !== undefined && <span className="text-lagoon ml-auto font-sans text-[0.87rem] font-normal underline">{more}</span>}
      </h2>
      {children}
    </section>
  );
}
