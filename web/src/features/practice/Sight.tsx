import { Group, Text } from '@mantine/core';
import { colourPhrases } from '@stoichos/core/seeing/appearance';
import { drawRecord } from '@stoichos/core/seeing/observation';
import { observationsOf, testLabel } from '@stoichos/core/studies/identify';
import type { Model } from '@stoichos/core/studies/identify';
import type { Drawn } from '@stoichos/core/studies/practice';
import { Vessel } from '../../shared/glassware/Vessel';
import classes from './Practice.module.css';

const flawWords = {
  faint: 'It is faint; hold it against the right background.',
  late: 'It comes late, only after some minutes.',
  contaminated: undefined,
  overlooked: undefined,
} as const;

/** What is to be seen: drawn where it stands in a tube, in words where it is read on paper or in a flame. */
export function Sight({
  kind,
  model,
  truth,
  seen: { test, outcome, flaw, blank },
}: {
  kind: 'organic' | 'inorganic';
  model: Model;
  truth: string;
  seen: Drawn & { readonly test: string };
}) {
  const shownIn = (name: string): string | undefined =>
    model.tests.find((one) => one.name === name)?.shown[model.candidates.indexOf(truth)];
  const own = kind === 'inorganic' ? asPhrase(shownIn('solutionColour')) : undefined;
  const look = observationsOf(kind, test, outcome, {
    ...(own && { liquid: own }),
    ...(flaw === 'faint' && { dim: 'faint' as const }),
  });
  const blankLook =
    blank === 'same'
      ? look
      : observationsOf(kind, test, kind === 'organic' ? 'negative' : 'no change');
  const label = testLabel(kind, test);
  return (
    <>
      <Text role="status" size="lg">
        {label}
        {!look && (
          <>
            : <strong>{outcome}</strong>
          </>
        )}
        . {flaw && flawWords[flaw]}
      </Text>
      {look && (
        <Group gap="xl" mt="xs" align="end">
          <figure className={classes.tube}>
            <Vessel
              container="testTube"
              view={drawRecord(look, 0.45)}
              label={`The sample in ${label}`}
              height={170}
            />
            <figcaption>sample</figcaption>
          </figure>
          {blank && blankLook && (
            <figure className={classes.tube}>
              <Vessel
                container="testTube"
                view={drawRecord(blankLook, 0.45)}
                label={`The blank in ${label}`}
                height={170}
              />
              <figcaption>blank</figcaption>
            </figure>
          )}
        </Group>
      )}
      {!look && blank && (
        <Text size="sm">
          {blank === 'same' ? 'The blank shows the same.' : 'The blank stays as it should.'}
        </Text>
      )}
    </>
  );
}

const asPhrase = (text: string | undefined) => colourPhrases.find((phrase) => phrase === text);
