import { formatNumber } from '@stoichos/core/common';
import type { Reaction } from '@stoichos/core/vessel';
import { useSettings } from '../../data/settings/useSettings';
import { Formula } from './Formula';
import { Cited } from '../parts/Cited';

interface ReactionFactsProps {
  readonly reaction: Reaction;
  /** Leaves out spectators, electrons and reasons where there is little room. */
  readonly brief?: boolean;
}

/** One reaction as a list of facts: equations, spectators, electrons, type in the chosen school, and what decided it. */
export function ReactionFacts({ reaction, brief = false }: ReactionFactsProps) {
  const { reactionTypes } = useSettings();
  const { equation, netIonic, spectators, oxidationChanges, types, why } = reaction;
  return (
    <dl className="facts" data-testid="reaction">
      {equation !== netIonic && (
        <>
          <dt>Equation</dt>
          <dd data-testid="molecular">
            <Formula text={equation} wrap />
          </dd>
        </>
      )}
      <dt>{netIonic.includes('(aq)') ? 'Net ionic' : 'Equation'}</dt>
      <dd data-testid="net-ionic">
        <Formula text={netIonic} wrap />
      </dd>
      <dt>Type</dt>
      <dd>{types[reactionTypes].join(', ') || 'none of the five types fits'}</dd>
      {!brief && equation !== netIonic && (
        <>
          <dt>Spectators</dt>
          <dd>
            <Formula text={spectators.join(', ') || 'none'} />
          </dd>
        </>
      )}
      {!brief && oxidationChanges.length > 0 && (
        <>
          <dt>Electrons</dt>
          <dd>
            {oxidationChanges
              .map(({ element, from, to }) => `${element} ${signed(from)} → ${signed(to)}`)
              .join('; ')}
          </dd>
        </>
      )}
      {!brief && why.length > 0 && (
        <>
          <dt>Because</dt>
          <dd>
            {why.map(({ text, source }) => (
              <p key={text} className="reason">
                <Formula text={text} wrap />
                {source && (
                  <small className="quiet source">
                    <Cited source={source} />
                  </small>
                )}
              </p>
            ))}
          </dd>
        </>
      )}
    </dl>
  );
}

const signed = (number: number): string =>
  number > 0 ? `+${formatNumber(number)}` : formatNumber(number);
