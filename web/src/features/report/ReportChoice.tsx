import { Group, Select } from '@mantine/core';
import { Segments } from '../../shared/parts/Segments';
import type { LabDay } from '@stoichos/core/labday/day';
import type { ReportDocument, ReportScope } from '@stoichos/core/report/dayReport';
import '../../shared/document/document.css';
import { TakeAway } from '../../shared/document/TakeAway';
import type { SetURLSearchParams } from 'react-router';

interface ReportChoiceProps {
  readonly about: URLSearchParams;
  readonly day: LabDay;
  readonly scopes: readonly ScopeChoice[];
  readonly chosen: ScopeChoice | undefined;
  readonly version: 'instructor' | 'class';
  readonly setAbout: SetURLSearchParams;
  readonly document: ReportDocument | undefined;
}

/** Which report, for whom. */
export function ReportChoice({
  about,
  day,
  scopes,
  chosen,
  version,
  setAbout,
  document,
}: ReportChoiceProps) {
  const change = (name: 'about' | 'for', value: string) => {
    const next = new URLSearchParams(about);
    next.set(name, value);
    setAbout(next, { replace: true });
  };
  return (
    <Group className="no-print" mb="sm" align="flex-end" gap="md">
      <Select
        label="Report on"
        data={scopes.map(({ value, label }) => ({ value, label }))}
        value={chosen?.value ?? 'day'}
        onChange={(value) => value && change('about', value)}
        miw={260}
      />
      <Segments
        label="For whom"
        of={{ instructor: 'Instructor, with key', class: 'Class' }}
        value={version}
        onChange={(value) => change('for', value)}
      />
      {document && (
        <TakeAway
          document={document}
          name={`${day.date} ${document.title}${version === 'class' ? ', class' : ''}`}
        />
      )}
    </Group>
  );
}

export interface ScopeChoice {
  readonly value: string;
  readonly label: string;
  readonly scope: ReportScope;
}
