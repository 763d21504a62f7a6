import { Button, Group, MultiSelect, Text } from '@mantine/core';
import { plainFormula } from '@stoichos/core/matter/formula';
import { analyticalGroupsSource, issuedCations } from '@stoichos/core/matter/substances';
import { mostParts } from '@stoichos/core/studies/identify';
import type { SchemeRun } from '@stoichos/core/studies/identify';
import * as z from 'zod';
import { Formula } from '../../shared/chemistry/Formula';
import { Swatch } from '../../shared/chemistry/Swatch';
import { PrintButton } from '../../shared/parts/PrintButton';
import { StudyFrame } from '../../shared/study/StudyFrame';
import { percent } from '../../shared/study/Likelihoods';
import { useKept } from '../../data/kept/useKept';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { useTask } from '../../data/worker/useTask';
import { UnknownsTabs } from './UnknownsTabs';
import classes from '../../shared/unknowns/Unknowns.module.css';
import { formatQuantity } from '@stoichos/core/common';
import { useInAddress } from '../../shared/study/useInAddress';
import { Cited } from '../../shared/parts/Cited';

const ionsSchema = z.array(z.string()).max(mostParts);
const inAddress = z.object({ ions: ionsSchema });
const usualIons = ['Cu^2+', 'Fe^3+', 'Zn^2+'];

/** A mixture of cations taken through the classical groups: what comes down where, and what goes on. */
export function SeparationPage() {
  const [ions, setIons] = useKept('stoichos.separation', ionsSchema, usualIons);
  useInAddress({
    name: 'mixture',
    schema: inAddress,
    initial: { ions: usualIons },
    value: { ions },
    onRead: (next) => setIons(next.ions),
  });
  const { start, value, share, failure, cancel } = useTask('scheme');
  return (
    <StudyFrame
      title="Unknowns"
      tools={<PrintButton />}
      settings={{
        label: 'The mixture',
        children: (
          <>
            <MultiSelect
              label="Cations in the mixture"
              description={`Up to ${mostParts}, each ${formatQuantity(0.05, 'mol/L')} in 10 mL`}
              data={issuedCations.map((ion) => ({ value: ion, label: plainFormula(ion) }))}
              value={ions}
              maxValues={mostParts}
              onChange={setIons}
            />
            <Button
              variant="filled"
              mt="sm"
              disabled={ions.length === 0}
              onClick={() => void start(ions.join(' + '))}
            >
              Separate
            </Button>
            <Text size="sm" mt="md">
              Each reagent would bring down the groups before it as well: the order is the
              separation. Filter and wash before going on, and test each filtrate with a drop more.
            </Text>
          </>
        ),
      }}
      answer={{
        label: 'The separation',
        children: (
          <>
            <UnknownsTabs />
            <TaskProgress what="Going through the groups" share={share} cancel={cancel} />
            <TaskFailure failure={failure} />
            {value ? (
              <Flow run={value} />
            ) : (
              share === undefined && (
                <Text mt="sm">Choose the cations, and see where each of them comes down.</Text>
              )
            )}
          </>
        ),
      }}
      reasons={{
        label: 'Why in this order',
        children: <WhySeparates />,
      }}
    />
  );
}

function WhySeparates() {
  return (
    <>
      <Text fw={600}>Why it separates</Text>
      <Text size="sm">
        Chlorides of few metals are insoluble. In strong acid hydrogen sulfide gives so little
        sulfide that only the least soluble sulfides come down; in ammonia it gives enough for the
        rest. Ammonium chloride holds the ammonia back, so that only the hydroxides of threefold
        metals fall, and not magnesium’s.
      </Text>
      <Text size="sm" mt="xs">
        What comes down, and how much of each ion, is computed by the engine step by step; a part
        stays behind in every filter.
      </Text>
      <Text size="sm" className="quiet" mt="xs">
        <Cited source={analyticalGroupsSource} />
      </Text>
    </>
  );
}

function Flow({ run: { stages, left, notPredicted } }: { run: SchemeRun }) {
  return (
    <div data-testid="separation">
      {stages.map(({ group, solids, shares, liquid }) => (
        <section key={group.label} className={classes.stage} aria-label={group.label}>
          <strong>{group.label}</strong>
          <div>
            <p>With {group.reagent}.</p>
            {group.caution && (
              <p>
                <strong>Caution.</strong> {group.caution}
              </p>
            )}
          </div>
          <div>
            <p>
              <strong>Down:</strong> {solids.length === 0 && 'nothing'}
              <span className={classes.down}>
                {solids.map(({ formula, colour }) => (
                  <span key={formula}>
                    <Swatch colour={colour} /> {colour} <Formula text={formula} />
                  </span>
                ))}
              </span>
            </p>
            {shares.length > 0 && (
              <p className="quiet">
                {shares.map(({ ion, share }, at) => (
                  <span key={ion}>
                    {at > 0 && ', '}
                    {percent(share)} of <Formula text={ion} />
                  </span>
                ))}
              </p>
            )}
            {solids.length > 0 && <p>{group.confirm}</p>}
            <p className="quiet">
              On goes a <Swatch colour={liquid} /> {liquid} filtrate.
            </p>
          </div>
        </section>
      ))}
      <section className={classes.stage} aria-label="Left">
        <strong>Left</strong>
        <div>
          {notPredicted !== undefined ? (
            <p role="alert">Not predicted from here on. {notPredicted}</p>
          ) : left.length === 0 ? (
            <p>Nothing that was put in.</p>
          ) : (
            <Group gap="xs">
              {left.map(({ ion }) => (
                <Formula key={ion} text={ion} />
              ))}
            </Group>
          )}
        </div>
        <div>
          <p>
            Sodium and potassium by the flame, magnesium by phosphate in ammonia; ammonium was
            sought in the original, with warm sodium hydroxide.
          </p>
        </div>
      </section>
    </div>
  );
}
