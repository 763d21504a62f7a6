import { Button, Group } from '@mantine/core';
import { formatDegrees } from '@stoichos/core/common';
import { clarities, sights, vigours, warmths } from '@stoichos/core/seeing/observation';
import type { BenchRecord, RecordOf } from '@stoichos/core/labday/day';
import type { Observation } from '@stoichos/core/seeing/observation';
import { useState } from 'react';
import { NumberField } from '../parts/NumberField';
import { useSettings } from '../../data/settings/useSettings';
import { Fold } from '../parts/Fold';
import { Chip, Question } from '../parts/ChipRow';
import { ColourChips } from './ColourChips';
import { Precipitate, Solid } from './SolidRecord';
import type { PartProps } from './SolidRecord';
import { GasTests, FlameAndMagnet, SmellAndLayers } from './GasRecord';
import type { RecordPanelProps } from './GasRecord';

const clarityKeys = { clear: 'C', cloudy: 'L', opaque: 'O' } as const;

/** Everything that can be seen, one tap each. */
export function RecordPanel({ recorder, asked }: RecordPanelProps) {
  const { of, record } = recorder;
  const open = (...kinds: readonly Observation['kind'][]) =>
    kinds.some((kind) => asked.includes(kind) || of(kind) !== undefined);
  return (
    <>
      <AtAGlance of={of} record={record} />
      <Precipitate recorder={recorder} />
      <Liquid recorder={recorder} />
      <Warmth recorder={recorder} />
      <Fold title="Tests of the gas" open={open('gasTest')}>
        <GasTests recorder={recorder} asked={asked} />
      </Fold>
      <Fold title="A solid in the vessel" open={open('solid', 'dissolves', 'deposit')}>
        <Solid recorder={recorder} />
      </Fold>
      <Fold title="Flame and magnet" open={open('flame', 'magnet')}>
        <FlameAndMagnet recorder={recorder} />
      </Fold>
      <Fold title="Melting, glowing, burning…" open={open('sight')}>
        <Question title="What else is seen">
          {sights.map((word) => (
            <Chip
              key={word}
              chosen={recorder.all('sight').some(({ result }) => result === word)}
              onTap={() => record({ kind: 'sight', result: word })}
            >
              {word}
            </Chip>
          ))}
        </Question>
      </Fold>
      <Fold title="Smell and layers" open={open('smell', 'layer')}>
        <SmellAndLayers recorder={recorder} />
      </Fold>
    </>
  );
}

/** What is seen at once. */
function AtAGlance({
  of,
  record,
}: {
  readonly of: <K extends BenchRecord['kind']>(kind: K) => RecordOf<K> | undefined;
  readonly record: (record: BenchRecord) => void;
}) {
  const gas = of('gas');
  return (
    <Question title="At a glance">
      <Chip
        chosen={of('noChange') !== undefined}
        hotkey="N"
        onTap={() => record({ kind: 'noChange' })}
      >
        nothing happened
      </Chip>
      <Chip
        chosen={of('noPrecipitate') !== undefined}
        hotkey="P"
        onTap={() => record({ kind: 'noPrecipitate' })}
      >
        no precipitate
      </Chip>
      <Chip chosen={of('noGas') !== undefined} hotkey="B" onTap={() => record({ kind: 'noGas' })}>
        no bubbles
      </Chip>
      {clarities.map((clarity) => (
        <Chip
          key={clarity}
          chosen={of('clarity')?.to === clarity}
          hotkey={clarityKeys[clarity]}
          onTap={() => record({ kind: 'clarity', to: clarity })}
        >
          {clarity}
        </Chip>
      ))}
      <Chip
        chosen={gas !== undefined && !gas.vigour}
        hotkey="G"
        onTap={() => record({ kind: 'gas' })}
      >
        bubbles
      </Chip>
      <Chip
        chosen={of('nothingElse') !== undefined}
        hotkey="E"
        onTap={() => record({ kind: 'nothingElse' })}
      >
        nothing else changed
      </Chip>
      {gas &&
        vigours.map((vigour) => (
          <Chip
            key={vigour}
            chosen={gas.vigour === vigour}
            onTap={() => record({ kind: 'gas', vigour })}
          >
            {vigour}
          </Chip>
        ))}
    </Question>
  );
}

function Liquid({ recorder: { of, record } }: PartProps) {
  const colour = of('colour');
  const set = (part: Partial<Extract<BenchRecord, { kind: 'colour' }>>) =>
    record({ kind: 'colour', ...colour, ...part });
  return (
    <>
      <Question title="Liquid now">
        <ColourChips value={colour?.to} without={['white', 'cream']} onPick={(to) => set({ to })} />
      </Question>
      <Fold
        title={`Liquid before${colour?.from ? `: ${colour.from}` : ''}`}
        open={colour?.from !== undefined}
      >
        <Question title="Its colour before">
          <ColourChips
            value={colour?.from}
            without={['white', 'cream']}
            onPick={(from) => set({ from })}
          />
        </Question>
      </Fold>
    </>
  );
}

function Warmth({ recorder: { of, record } }: PartProps) {
  const { temperature: scale } = useSettings();
  const [text, setText] = useState<string | number>('');
  const warmth = of('temperature');
  const degrees = typeof text === 'number' ? text : undefined;
  const perDegree = scale === '°C' ? 1 : 1.8;
  return (
    <Question title="By touch, or by thermometer">
      {warmths.map((felt) => (
        <Chip
          key={felt}
          chosen={warmth?.felt === felt}
          onTap={() => record({ kind: 'temperature', felt })}
        >
          {felt}
        </Chip>
      ))}
      <Group gap="xs" wrap="nowrap">
        <NumberField
          aria-label={`Change by thermometer, ${scale}`}
          placeholder={`change, ${scale}`}
          w={140}
          value={text}
          onChange={setText}
          hideControls
        />
        <Button
          variant={warmth?.deltaC === undefined ? 'default' : 'filled'}
          disabled={degrees === undefined}
          onClick={() => {
            if (degrees === undefined) return;
            record({ kind: 'temperature', deltaC: degrees / perDegree });
            setText('');
          }}
        >
          {warmth?.deltaC === undefined ? 'Record' : formatDegrees(warmth.deltaC)}
        </Button>
      </Group>
    </Question>
  );
}
