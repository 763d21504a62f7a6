import { describe, expect, it } from 'vitest';
import { riskAssessment } from '../src/labday/prep/riskAssessment';
import { incompatibilityClasses } from '../src/safety/incompatibility';
import { protectionFor } from '../src/safety/protection';
import { dayOf, planned, anyId } from './support/day';

/** What an assessment of a school activity holds by common practice: hazard at the strength used, who, control, emergency, disposal. */
const assessed = (...of: Parameters<typeof dayOf>) => riskAssessment(dayOf(...of), 'stock');
const only = (id: string) => {
  const [activity] = assessed([id]).activities;
  if (!activity) throw new Error(`Nothing assessed of ${id}.`);
  return activity;
};

describe('the risk assessment of a day', () => {
  it('puts the unborn child before everything else that dilute lead nitrate does', () => {
    // CLP Annex VI, index 082-001-00-6: lead compounds are Repr. 1A whatever the strength above 0.1 %.
    const lead = planned(
      anyId(),
      { substance: 'Pb(NO3)2', concentrationM: 0.1, volumeMl: 5 },
      { substance: 'KI', concentrationM: 0.1, volumeMl: 5 },
    );
    const [activity] = assessed([], 2, { procedures: [lead] }).activities;
    expect(activity?.risks[0]).toBe(
      'Whoever handles Pb(NO3)2: harm to an unborn child or to fertility.',
    );
    expect(activity?.controls[0]).toContain('gloves');
    expect(activity?.disposal[0]).toMatch(/^Lead and cadmium waste/);
  });

  it('names hot glass and cools a burn for 20 minutes where a burner is used, though nothing in the vessel is classified', () => {
    const hydrate = only('crystal-water-by-mass');
    expect(hydrate.used.flatMap(({ hazards }) => hazards.statements)).toEqual([]);
    expect(hydrate.risks.join(' ')).toMatch(/burns from the flame and from hot glass/);
    expect(hydrate.emergency.join(' ')).toMatch(/cool under running water for at least 20 minutes/);
    expect(hydrate.controls.join(' ')).toMatch(/sleeves tied back/);
  });

  it('keeps a step in the hood there, and says what to do for whoever breathed it', () => {
    const concentrated = only('copper-blue-to-green');
    expect(concentrated.risks.join(' ')).toMatch(/breathes in gas or vapour/);
    expect(concentrated.controls.join(' ')).toMatch(/hood/);
    expect(concentrated.emergency.filter((line) => line.startsWith('Breathed in'))).toHaveLength(1);
  });

  it('says the gravest first, wherever it comes from, and nothing twice', () => {
    // Ammoniacal silver kills; 2 M nitric acid burns (so its irritation is not said again); ammonia of that strength harms an eye.
    const { risks } = only('three-halides');
    const at = (pattern: RegExp) => risks.findIndex((line) => pattern.test(line));
    expect(at(/explosive/)).toBeGreaterThanOrEqual(0);
    expect(at(/explosive/)).toBeLessThan(at(/irritation of the skin/));
    expect(risks.filter((line) => /HNO3.*irritation of the (skin|eyes)/.test(line))).toEqual([]);
    expect(new Set(risks).size).toBe(risks.length);
  });

  it('asks for a hood for fumes and for no dust of a solid', () => {
    const around = (substance: string, concentrationM?: number) =>
      protectionFor([{ substance, concentrationM }]).around;
    // H335, by the suppliers’ sheets: slaked lime as dust, concentrated hydrochloric acid as fume.
    expect(around('Ca(OH)2')).toEqual(['good ventilation, and no dust raised']);
    expect(around('HCl', 10)).toEqual(['a hood']);
  });

  it('does not take a dissolved nitrate for what feeds a fire', () => {
    const { risks } = only('copper-round-trip');
    expect(risks.filter((line) => /burn fiercely/.test(line))).toEqual([]);
    expect(incompatibilityClasses('KNO3')).toContain('oxidiser');
    expect(incompatibilityClasses('KMnO4', 0.02)).toContain('oxidiser');
  });

  it('has nothing to say of burns where nothing is hot', () => {
    const drops = assessed([], 2, {
      procedures: [
        planned(
          anyId(),
          { substance: 'NaCl', concentrationM: 0.1, volumeMl: 5 },
          { substance: 'KNO3', concentrationM: 0.1, volumeMl: 5 },
        ),
      ],
    });
    expect(drops.activities[0]?.risks).toEqual([]);
    expect(drops.activities[0]?.emergency).toEqual([]);
  });

  it('says who stands in danger: the class, or whoever shows it', () => {
    const [shown] = assessed([], 2, {
      procedures: dayOf(['copper-blue-to-green']).procedures.map((one) => ({
        ...one,
        manner: 'demonstration' as const,
      })),
    }).activities;
    expect(shown?.who).toBe('Shown by one person to the class');
    expect(only('copper-blue-to-green').who).toBe('2 benches of 3');
  });

  it('is a draft that local rules, the supplier’s sheet and whoever signs decide', () => {
    expect(assessed([]).says).toMatch(
      /local rules, the supplier’s safety data sheets and whoever signs decide/,
    );
  });
});
