import { describe, expect, it } from 'vitest';
import { areas } from './textbook/cases';
import { judgeCase } from './textbook/judgeCase';
import { readCases } from './textbook/readCase';
import { stillWrong } from './textbook/stillWrong';

const cases = Object.entries(areas).flatMap(([area, table]) => readCases(area, table));
const judged = cases.map((one) => ({ ...one, verdict: judgeCase(one) }));
const share = (outcome: string): number =>
  judged.filter(({ verdict }) => verdict.outcome === outcome).length / judged.length;

describe('what textbooks of qualitative analysis say is seen', () => {
  it('is told in many areas, each case once', () => {
    expect(cases.length).toBeGreaterThanOrEqual(600);
    expect(new Set(cases.map(({ line }) => line)).size).toBe(cases.length);
  });
  it('is predicted', () => expect(share('right')).toBeGreaterThanOrEqual(0.94));
  it('is told otherwise only in cases that are known', () => {
    const wrong = judged.flatMap(({ line, verdict }) =>
      verdict.outcome === 'wrong' ? [{ line, ...verdict }] : [],
    );
    expect(wrong.filter(({ line }) => !stillWrong.includes(line))).toEqual([]);
    // One that is mended is struck off.
    expect(stillWrong.filter((line) => !wrong.some((one) => one.line === line))).toEqual([]);
  });
  it('is not predicted only with a reason', () => {
    for (const { verdict } of judged)
      if (verdict.outcome === 'notPredicted') expect(verdict.reasons.join()).not.toBe('');
  });
});
