/**
 * What is asked anew after a deed of a line-up or of ideas. Whatever changes who wears what changes what everybody gets; choices
 * and votes are told by themselves.
 */
const CHANGES_LOOKS = { invalidatesTags: ['figures' as const, 'history' as const, 'promises' as const] };
const CHANGES_IDEAS = { invalidatesTags: ['ideas' as const, 'history' as const, 'bin' as const] };

export const lineUpRules = {
  savePlan: CHANGES_LOOKS,
  changeUniform: CHANGES_LOOKS,
  enrolFigures: CHANGES_LOOKS,
  setFree: CHANGES_LOOKS,
  varyCopies: CHANGES_LOOKS,
  listChoices: { providesTags: ['choices' as const] },
  choosePair: { invalidatesTags: ['choices' as const, 'history' as const] },
  importChoices: { invalidatesTags: ['choices' as const, 'history' as const] },
  readIdeas: {
    keepUnusedDataFor: 0,
    providesTags: ['ideas' as const, 'figures' as const, 'wardrobe' as const, 'promises' as const, 'market' as const, 'watches' as const],
  },
  addIdea: CHANGES_IDEAS,
  changeIdea: CHANGES_IDEAS,
  putIdeaAway: CHANGES_IDEAS,
  promoteIdea: { invalidatesTags: ['ideas' as const, 'figures' as const, 'history' as const, 'promises' as const] },
  importPoll: { invalidatesTags: ['ideas' as const, 'history' as const] },
  addOwed: CHANGES_IDEAS,
  changeOwed: CHANGES_IDEAS,
  putOwedAway: CHANGES_IDEAS,
};
