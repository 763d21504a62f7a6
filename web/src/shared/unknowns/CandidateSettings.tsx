import { Group, Text, TextInput } from '@mantine/core';
import { Segments } from '../parts/Segments';
import { Chip } from '../parts/ChipRow';
import { Fold } from '../parts/Fold';
import { OrganicList, InorganicList } from './CandidateLists';
import type { CandidateSettingsProps } from './CandidateLists';
import { Limits } from './TestLimits';

/** What is set: what the unknown may be, which school, and what limits the tests. */
export function CandidateSettings({
  state,
  change,
  candidates,
  oneJar = false,
}: CandidateSettingsProps) {
  const { kind, classesOut } = state;
  return (
    <>
      <Segments
        fullWidth
        label="Kind of unknown"
        value={kind}
        of={{ organic: 'Organic', inorganic: 'Inorganic' }}
        onChange={(value) => change({ kind: value, classesOut: [] })}
      />
      {oneJar && (
        <TextInput
          mt="sm"
          label="Code on the jar"
          maxLength={40}
          value={state.label}
          onChange={(event) => change({ label: event.currentTarget.value })}
        />
      )}
      {kind === 'organic' ? (
        <OrganicList state={state} change={change} failure={candidates.failure?.message} />
      ) : (
        <InorganicList state={state} change={change} />
      )}
      {candidates.classes.length > 0 && (
        <>
          <Text size="sm" fw={500} mt="md">
            Not issued this term
          </Text>
          <Group gap={6} mt={4} role="group" aria-label="Classes not issued this term">
            {candidates.classes.map((one) => (
              <Chip
                key={one}
                chosen={classesOut.includes(one)}
                onTap={() =>
                  change({
                    classesOut: classesOut.includes(one)
                      ? classesOut.filter((each) => each !== one)
                      : [...classesOut, one],
                  })
                }
              >
                {one}
              </Chip>
            ))}
          </Group>
        </>
      )}
      <Fold title="School and limits">
        <Limits state={state} change={change} />
      </Fold>
    </>
  );
}
