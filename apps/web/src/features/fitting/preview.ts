import { applyEdit, type Catalogue, EditRefused, type Look, type LookEdit, type Variant } from '@outfit/core';
import type { Lit } from '@outfit/drawing';

/**
 * What is looked at and not done: one edit of the look, with a variant that the catalogue need not have; or one colour of a part, lit so
 * that it is seen which it is.
 */
export type Preview = { readonly edit: LookEdit; readonly variant?: Variant } | { readonly lit: Lit };

/** The look with what is looked at done to it, and a catalogue that knows all its parts. */
export function previewOf(
  look: Look,
  preview: Preview | null,
  catalogue: Catalogue,
): { readonly look: Look; readonly catalogue: Catalogue } {
  if (!preview || 'lit' in preview) return { look, catalogue };
  const wider = preview.variant ? catalogue.withVariant(preview.variant) : catalogue;
  try {
    return { look: applyEdit(look, preview.edit, wider), catalogue: wider };
  } catch (error) {
    // The look has changed under it, as by Ctrl Z: what was looked at cannot be done to it any more.
    if (error instanceof EditRefused) return { look, catalogue };
    throw error;
  }
}
