import type { IdeaDto, NewIdeaDto } from '@/api';

/** What of an idea is written, out of all that is told of it. */
export const plainIdea = ({ kind, title, words, who, heardAt, parts, votes, state, reason }: IdeaDto): NewIdeaDto => ({
  ...{ kind, title, words, who, heardAt, parts: [...parts], votes, state, reason },
});
