import tests from '../../shared/unknowns/Unknowns.module.css';
import { proseTold } from '@stoichos/core/common';
import { Box, Button, Checkbox, Group, Stack, Text } from '@mantine/core';
import {
  gasName,
  judgeCircuitTest,
  testReagents,
  testReagentsSource,
} from '@stoichos/core/studies/gas';
import type { CircuitTest } from '@stoichos/core/studies/gas';
import { Link } from 'react-router';
import { Chip } from '../../shared/parts/ChipRow';
import { Formula } from '../../shared/chemistry/Formula';
import { Vessel } from '../../shared/glassware/Vessel';
import { Mark } from '../../shared/parts/Mark';
import study from '../../shared/study/Study.module.css';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { useAnswer } from '../../data/worker/useAnswer';
import { GasPicker } from './GasPicker';
import classes from './Gases.module.css';
import { GasFrame } from './GasFrame';
import { useGas, useGasAddress } from './useGas';
import { UnsaturationPanel } from './UnsaturationPanel';
import { Cited } from '../../shared/parts/Cited';

/** What a gas does, test by test, expected beside seen. */
export function PropertiesPage() {
  useGasAddress();
  const { state, change } = useGas();
  const { gas, reagents } = state;
  const { value, of, failure } = useAnswer('gasCircuit', [gas, reagents]);
  // Of another gas until this one is calculated.
  const tests = of?.[0] === gas ? value : undefined;
  const seen = state.seen[gas] ?? {};
  const record = (id: string, outcome: string) => {
    const { [id]: before, ...others } = seen;
    change({
      seen: { ...state.seen, [gas]: before === outcome ? others : { ...seen, [id]: outcome } },
    });
  };
  const judged = (tests ?? []).filter(({ id }) => seen[id] !== undefined);
  const agreeing = judged.filter((one) => judgeCircuitTest(one, seen[one.id] ?? '') === 'agrees');
  return (
    <GasFrame
      settings={{
        label: 'What is set',
        children: <PropertySettings judged={judged.length > 0} />,
      }}
      answer={{
        label: 'Tests, expected beside seen',
        children: (
          <>
            <TaskFailure failure={failure} />
            <Text
              role="status"
              className={judged.length === 0 ? 'quiet no-print' : 'quiet'}
              data-testid="circuit-summary"
            >
              {judged.length === 0
                ? `Tap what you see of ${gasName(gas)}; it is set beside what is expected.`
                : `${judged.length} of ${tests?.length ?? 0} recorded, ${agreeing.length} as expected.`}
            </Text>
            {(tests ?? []).map((test) => (
              <TestRow
                key={test.id}
                test={test}
                seen={seen[test.id]}
                onSee={(outcome) => record(test.id, outcome)}
              />
            ))}
          </>
        ),
      }}
      reasons={{
        label: 'Equations, unsaturation, sources',
        children: <PropertyReasons tests={tests ?? []} />,
      }}
    />
  );
}

/** The equations, whether it is unsaturated, and the sources. */
function PropertyReasons({ tests }: { readonly tests: readonly CircuitTest[] }) {
  return (
    <>
      <Text fw={600}>What goes on</Text>
      {tests
        .filter(({ equations }) => equations.length > 0)
        .map(({ id, name, equations }) => (
          <Box key={id} mt="xs">
            <Text size="sm" className="quiet">
              {name}
            </Text>
            {equations.slice(0, 2).map((equation) => (
              <Text key={equation} size="sm">
                <Formula text={equation} wrap />
              </Text>
            ))}
          </Box>
        ))}
      <UnsaturationPanel />
      <div className={study.block}>
        <Text size="sm">
          What is recorded here stays in this browser. Under{' '}
          <Link to="/gases/make">Make and collect</Link> the same tests go into a lab day.
        </Text>
        <Text size="sm" className="quiet">
          <Cited source={testReagentsSource} />
        </Text>
      </div>
    </>
  );
}

/** The gas, and what it is passed through. */
function PropertySettings({ judged }: { readonly judged: boolean }) {
  const { state, change } = useGas();
  return (
    <>
      <GasPicker />
      <Checkbox.Group
        label="Passed through"
        mt="md"
        value={state.reagents}
        onChange={(next) =>
          change({
            reagents: testReagents.map(({ id }) => id).filter((id) => next.includes(id)),
          })
        }
      >
        <Stack gap={4} mt={4}>
          {testReagents.map(({ id, name }) => (
            <Checkbox
              key={id}
              value={id}
              label={name}
              styles={{ body: { minHeight: 36, alignItems: 'center' } }}
            />
          ))}
        </Stack>
      </Checkbox.Group>
      <Button
        mt="md"
        disabled={!judged}
        onClick={() => change({ seen: { ...state.seen, [state.gas]: {} } })}
      >
        Begin again
      </Button>
    </>
  );
}

interface TestRowProps {
  readonly test: CircuitTest;
  readonly seen: string | undefined;
  readonly onSee: (outcome: string) => void;
}

function TestRow({ test, seen, onSee }: TestRowProps) {
  const verdict = seen === undefined ? undefined : judgeCircuitTest(test, seen);
  return (
    <section className={tests.test} aria-label={test.name}>
      <div className={tests.testHead}>
        <Text fw={600}>{test.name}</Text>
        {verdict === 'agrees' && <Mark of="agrees" />}
        {verdict === 'differs' && <Mark of="differs" />}
        {test.notPredicted !== undefined && <Mark of="notPredicted" />}
      </div>
      <div className={test.before ? classes.testBody : undefined}>
        {test.before && (
          <div className={classes.pairOfTubes}>
            <Vessel container="testTube" view={test.before} label="Before" height={92} />
            {test.after && (
              <Vessel container="testTube" view={test.after} label="Expected after" height={92} />
            )}
          </div>
        )}
        <div>
          <Text size="sm">{proseTold(test.how)}</Text>
          <Text size="sm" data-testid={`expected-${test.id}`}>
            <span className="quiet">Expected:</span>{' '}
            {test.notPredicted !== undefined ? (
              <Formula text={`not predicted: ${test.notPredicted}`} wrap />
            ) : (
              test.expected
            )}
          </Text>
          {test.caution && (
            <Text size="sm" fw={600}>
              {test.caution}
            </Text>
          )}
          <Group gap={6} mt={6} className="no-print" role="group" aria-label={`Seen: ${test.name}`}>
            {test.choices.map((choice) => (
              <Chip key={choice} chosen={seen === choice} onTap={() => onSee(choice)}>
                {choice}
              </Chip>
            ))}
          </Group>
          <Text size="sm" className={study.paper ?? ''}>
            <span className="quiet">Seen:</span> {seen ?? '………………………………………'}
          </Text>
        </div>
      </div>
    </section>
  );
}
