import { Select } from '@mantine/core';
import { Formula } from '../chemistry/Formula';
import { formsOf } from './portionDraft';

/** Which form of a solid is weighed, hydrate or dry; nothing where there is one form only. */
export function FormSelect({
  name,
  form,
  onChange,
}: {
  name: string;
  form: string | undefined;
  onChange: (form: string) => void;
}) {
  const forms = formsOf(name);
  if (forms.length < 2) return null;
  return (
    <Select
      label="Form on the shelf"
      value={form ?? null}
      data={forms.map((one) => ({ value: one, label: one }))}
      renderOption={({ option }) => <Formula text={option.value} />}
      onChange={(one) => one && onChange(one)}
    />
  );
}
