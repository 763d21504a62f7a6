import type { RackEvent } from '../../rack/rackShape';
import { instead } from './fault';
import type { Fault, Plan, Slip } from './fault';

const roomC = 25;
/** Share of the warmth that a flame held too far away, or too shortly, gives (common practice). */
const halfHeated = 0.4;
/** What a burner reaches that is not turned up, °C (common practice). */
const gentleC = 150;

/** Heating that was too short, too gentle, or left out. */
export const notEnoughHeat: Fault = {
  name: 'not enough heat',
  commonness: 0.65,
  slips: (plan) =>
    eventsOf(plan, 'heat').flatMap(([at, event]): Slip[] => {
      if (event.action.do !== 'heat') return [];
      const { toC } = event.action;
      const reached = toC === undefined ? gentleC : roomC + halfHeated * (toC - roomC);
      const slip = (done: Slip['done']): Slip => ({
        fault: 'it was not heated enough',
        check:
          'Heat it again, longer and at the hottest part of the flame, and see whether it goes on.',
        done,
      });
      return [
        slip(instead(plan, at, { vessel: event.vessel, action: { do: 'heat', toC: reached } })),
        slip(instead(plan, at)),
      ];
    }),
};

/** Temperatures a burner brings a tube to that was to be warmed only, °C (common practice). */
const hotC = [300, 600, 1000];

/** Heating at the hottest part of the flame, or for too long. */
export const tooMuchHeat: Fault = {
  name: 'too much heat',
  commonness: 0.5,
  slips: (plan) =>
    eventsOf(plan, 'heat').flatMap(([at, event]): Slip[] => {
      if (event.action.do !== 'heat') return [];
      const { toC = gentleC } = event.action;
      return hotC
        .filter((hotterC) => hotterC > toC)
        .map((hotterC) => ({
          fault: 'it was heated too strongly',
          check:
            'Repeat it in a small flame, moving the tube, and take it out as soon as it changes.',
          done: instead(plan, at, { vessel: event.vessel, action: { do: 'heat', toC: hotterC } }),
        }));
    }),
};

/** Share of the time that an impatient group waits (common practice). */
const impatient = 0.1;

/** A wait, or a stand in the light, that was cut short. */
export const notLongEnough: Fault = {
  name: 'not long enough',
  // Where a step has a wait, it is the first thing that is cut short.
  commonness: 0.92,
  slips: (plan) =>
    (['wait', 'light'] as const).flatMap((kind) =>
      eventsOf(plan, kind).flatMap(([at, event]): Slip[] => {
        const { action } = event;
        if (action.do !== 'wait' && action.do !== 'light') return [];
        return [
          {
            fault:
              action.do === 'light'
                ? 'it did not stand in the light long enough'
                : 'it was looked at too soon',
            check: 'Leave it for the whole time and look again.',
            done: instead(plan, at, {
              vessel: event.vessel,
              action: { ...action, minutes: action.minutes * impatient },
            }),
          },
        ];
      }),
    ),
};

type Acted = Extract<RackEvent, { vessel: string }>;

function eventsOf(plan: Plan, kind: Acted['action']['do']): (readonly [number, Acted])[] {
  return plan.events
    .slice(0, plan.to + 1)
    .flatMap((event, at) =>
      'vessel' in event && event.vessel === plan.vessel && event.action.do === kind
        ? [[at, event] as const]
        : [],
    );
}
