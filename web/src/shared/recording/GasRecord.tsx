import { testOutcomes } from '@stoichos/core/seeing/benchTests';
import { smells } from '@stoichos/core/seeing/observation';
import { testLabels } from '@stoichos/core/seeing/rack';
import type { Observation } from '@stoichos/core/seeing/observation';
import { useState } from 'react';
import { Chip, Question } from '../parts/ChipRow';
import { ColourChips } from './ColourChips';
import type { Recorder } from './useRecorder';
import type { PartProps } from './SolidRecord';

export interface RecordPanelProps {
  readonly recorder: Recorder;
  /** Kinds of observation that are asked about here, so that their questions stand open. */
  readonly asked: readonly Observation['kind'][];
}

export function GasTests({ recorder, asked }: RecordPanelProps) {
  const done = recorder.all('gasTest');
  const [chosen, setChosen] = useState<string | undefined>(
    asked.includes('gasTest') ? Object.keys(testOutcomes)[0] : undefined,
  );
  return (
    <>
      <Question title="Which test">
        {Object.keys(testOutcomes).map((test) => (
          <Chip key={test} chosen={chosen === test} onTap={() => setChosen(test)}>
            {testLabels[test] ?? test}
            {done.some((one) => one.test === test) ? ' ✓' : ''}
          </Chip>
        ))}
      </Question>
      {chosen && (
        <Question title={`${testLabels[chosen] ?? chosen}: outcome`}>
          {testOutcomes[chosen]?.map((result) => (
            <Chip
              key={result}
              chosen={done.some((one) => one.test === chosen && one.result === result)}
              onTap={() => recorder.record({ kind: 'gasTest', test: chosen, result })}
            >
              {result}
            </Chip>
          ))}
        </Question>
      )}
    </>
  );
}

export function FlameAndMagnet({ recorder: { of, record } }: PartProps) {
  const flame = of('flame');
  const magnet = of('magnet');
  return (
    <>
      <Question title="Flame">
        <Chip
          chosen={flame !== undefined && flame.colour === undefined}
          onTap={() => record({ kind: 'flame', result: 'no colour of its own' })}
        >
          no colour of its own
        </Chip>
        <ColourChips
          value={flame?.colour}
          without={['colourless', 'black', 'grey', 'brown', 'cream']}
          onPick={(colour) => record({ kind: 'flame', result: colour, colour })}
        />
      </Question>
      <Question title="Magnet">
        <Chip
          chosen={magnet?.attracts === true}
          onTap={() => record({ kind: 'magnet', attracts: true, result: 'draws something' })}
        >
          draws something
        </Chip>
        <Chip
          chosen={magnet?.attracts === false}
          onTap={() => record({ kind: 'magnet', attracts: false, result: 'draws nothing' })}
        >
          draws nothing
        </Chip>
      </Question>
    </>
  );
}

export function SmellAndLayers({ recorder: { of, record } }: PartProps) {
  const layer = of('layer');
  return (
    <>
      <Question title="Smell, fanned towards you; never sniffed">
        {smells.map((smell) => (
          <Chip
            key={smell}
            chosen={of('smell')?.smell === smell}
            onTap={() => record({ kind: 'smell', smell })}
          >
            {smell}
          </Chip>
        ))}
      </Question>
      <Question title="A second liquid">
        {(['above', 'below'] as const).map((position) => (
          <Chip
            key={position}
            chosen={layer?.position === position}
            onTap={() => record({ kind: 'layer', ...layer, position })}
          >
            {position}
          </Chip>
        ))}
        {layer && (
          <ColourChips value={layer.colour} onPick={(colour) => record({ ...layer, colour })} />
        )}
      </Question>
    </>
  );
}
