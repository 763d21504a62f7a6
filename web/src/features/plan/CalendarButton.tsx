import { Button, Popover, Stack, Text, TextInput } from '@mantine/core';
import { IconCalendar } from '@tabler/icons-react';
import { useState } from 'react';

/** The class with its timetable for a calendar; it has to be told when it begins. */
export function CalendarButton({ dayId }: { dayId: string }) {
  const [begins, setBegins] = useState('18:00');
  return (
    <Popover position="bottom-end" trapFocus>
      <Popover.Target>
        <Button leftSection={<IconCalendar size={18} aria-hidden />}>Calendar</Button>
      </Popover.Target>
      <Popover.Dropdown>
        <Stack gap="sm">
          <Text size="sm">The class and every task, for a calendar (iCalendar).</Text>
          <TextInput
            type="time"
            label="The class begins at"
            value={begins}
            onChange={(event) => setBegins(event.currentTarget.value)}
          />
          <Button
            variant="filled"
            component="a"
            href={`/api/days/${dayId}/day.ics?begins=${encodeURIComponent(begins)}`}
            download
            disabled={begins === ''}
          >
            Save it
          </Button>
        </Stack>
      </Popover.Dropdown>
    </Popover>
  );
}
