/** What the palette's field asks for. */
export const ASKS = 'A figure, a part, a place';
export const FIELD = 'border-rule w-full border-b bg-transparent px-4 py-3 text-[1.07rem] outline-none';
