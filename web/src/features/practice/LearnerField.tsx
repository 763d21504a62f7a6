import { TextInput } from '@mantine/core';

/** Whose progress is kept; no account, and nothing leaves this browser. */
export function LearnerField({
  name,
  onChange,
}: {
  name: string;
  onChange: (name: string) => void;
}) {
  return (
    <TextInput
      mt="sm"
      label="Learner"
      description="Progress is kept in this browser, under this name"
      maxLength={40}
      value={name}
      onChange={(event) => onChange(event.currentTarget.value)}
    />
  );
}
