import { Button, Group } from '@mantine/core';
import { fromCelsius } from '@stoichos/core/measuring';
import { colourWords } from '@stoichos/core/seeing/appearance';
import { testOutcomes } from '@stoichos/core/seeing/benchTests';
import {
  clarities,
  settlings,
  smells,
  solidAmounts,
  textures,
  vigours,
  warmths,
} from '@stoichos/core/seeing/observation';
import { sightWords } from '@stoichos/core/seeing/judgement';
import { testLabels } from '@stoichos/core/seeing/rack';
import type { BenchRecord } from '@stoichos/core/labday';
import type { Observation } from '@stoichos/core/seeing/observation';
import { useState } from 'react';
import { NumberField } from '../parts/NumberField';
import { useSettings } from '../../data/settings/useSettings';
import { Fold } from '../parts/Fold';
import { Chip, Question } from '../parts/ChipRow';
import { ColourChips } from './ColourChips';
import type { Recorder } from './useRecorder';

const clarityKeys = { clear: 'C', cloudy: 'L', opaque: 'O' } as const;

interface RecordPanelProps {
  readonly recorder: Recorder;
  /** Kinds of observation that are asked about here, so that their questions stand open. */
  readonly asked: readonly Observation['kind'][];
}

/** Everything that can be seen, one tap each. */
export function RecordPanel({ recorder, asked }: RecordPanelProps) {
  const { of, record } = recorder;
  const gas = of('gas');
  const open = (...kinds: readonly Observation['kind'][]) =>
    kinds.some((kind) => asked.includes(kind) || of(kind) !== undefined);
  return (
    <>
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
          {Object.keys(sightWords).map((word) => (
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

interface PartProps {
  readonly recorder: Recorder;
}

function Precipitate({ recorder: { of, record } }: PartProps) {
  const precipitate = of('precipitate');
  return (
    <>
      <Question title="Precipitate">
        <ColourChips
          value={precipitate?.colour}
          without={['colourless']}
          onPick={(picked) => record({ kind: 'precipitate', ...precipitate, colour: picked })}
        />
      </Question>
      {precipitate && (
        <>
          <Question title="Its texture">
            {textures.map((texture) => (
              <Chip
                key={texture}
                chosen={precipitate.texture === texture}
                onTap={() => record({ ...precipitate, texture })}
              >
                {texture}
              </Chip>
            ))}
          </Question>
          <Question title="How much, and how it settles">
            {solidAmounts.map((amount) => (
              <Chip
                key={amount}
                chosen={precipitate.amount === amount}
                onTap={() => record({ ...precipitate, amount })}
              >
                {amount}
              </Chip>
            ))}
            {settlings.map((settling) => (
              <Chip
                key={settling}
                chosen={precipitate.settling === settling}
                onTap={() => record({ ...precipitate, settling })}
              >
                {settling}
              </Chip>
            ))}
          </Question>
        </>
      )}
    </>
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
          size="md"
          w={140}
          value={text}
          onChange={setText}
          hideControls
        />
        <Button
          size="md"
          variant={warmth?.deltaC === undefined ? 'default' : 'filled'}
          disabled={degrees === undefined}
          onClick={() => {
            if (degrees === undefined) return;
            record({ kind: 'temperature', deltaC: degrees / perDegree });
            setText('');
          }}
        >
          {warmth?.deltaC === undefined
            ? 'Record'
            : `${(fromCelsius(warmth.deltaC, scale) - fromCelsius(0, scale)).toFixed(1)} ${scale}`}
        </Button>
      </Group>
    </Question>
  );
}

function GasTests({ recorder, asked }: RecordPanelProps) {
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

function Solid({ recorder: { of, record } }: PartProps) {
  const solid = of('solid');
  const deposit = of('deposit');
  const dissolves = of('dissolves');
  return (
    <>
      <Question title="What becomes of it">
        <Chip
          chosen={dissolves !== undefined && dissolves.complete !== false}
          onTap={() => record({ kind: 'dissolves', complete: true })}
        >
          dissolves
        </Chip>
        <Chip
          chosen={dissolves?.complete === false}
          onTap={() => record({ kind: 'dissolves', complete: false })}
        >
          dissolves in part
        </Chip>
        <Chip chosen={solid !== undefined && !solid.colour} onTap={() => record({ kind: 'solid' })}>
          stays
        </Chip>
      </Question>
      <Question title="Colour of the solid now">
        <ColourChips
          value={solid?.colour}
          without={['colourless']}
          onPick={(colour) => record({ kind: 'solid', ...solid, colour })}
        />
      </Question>
      <Question title="Metal that came out">
        <ColourChips
          value={deposit?.colour}
          without={colourWords.filter((word) => !metalColours.includes(word))}
          onPick={(colour) => record({ kind: 'deposit', colour })}
        />
      </Question>
    </>
  );
}

/** Colours in which metals come out of solutions. */
const metalColours: readonly string[] = ['white', 'grey', 'black', 'brown', 'red-brown', 'pink'];

function FlameAndMagnet({ recorder: { of, record } }: PartProps) {
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

function SmellAndLayers({ recorder: { of, record } }: PartProps) {
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
