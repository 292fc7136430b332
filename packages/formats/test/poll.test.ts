import { describe, expect, test } from '@jest/globals';
import { readPoll, UnreadableFile } from '../src/index.js';

const read = (text: string) => readPoll(new TextEncoder().encode(text));

describe('a poll as a file', () => {
  test('has a voter a row and a choice a column; x, yes, 1 and ticks are votes', () => {
    expect(read('name;Goose;Diver\nAnn;x;\nBo;✓;YES\nCy;0;no\n')).toEqual({
      choices: ['Goose', 'Diver'],
      ballots: [
        { voter: 'Ann', chosen: ['Goose'] },
        { voter: 'Bo', chosen: ['Goose', 'Diver'] },
        { voter: 'Cy', chosen: [] },
      ],
      problems: [],
      rowCount: 3,
    });
  });

  test('counts each person once, and tells rows it cannot read', () => {
    const { ballots, problems } = read('name,Goose\nAnn,x\nANN,\n,x\nBo,perhaps\n');
    expect(ballots).toEqual([{ voter: 'Ann', chosen: ['Goose'] }]);
    expect(problems.map(({ line, reason }) => [line, reason])).toEqual([
      [3, 'Voted in a row before; that one counts.'],
      [4, 'Nobody is named.'],
      [5, 'Neither a vote (x, yes, 1) nor none.'],
    ]);
  });

  test('wants a choice at least', () => {
    expect(() => read('name\nAnn\n')).toThrow(UnreadableFile);
  });
});
