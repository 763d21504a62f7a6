import { useLocalStorage } from '@mantine/hooks';
import { containerKinds } from '@stoichos/core/vessel';
import type { LabDay, PlannedTest } from '@stoichos/core/labday';
import type { ContainerKind } from '@stoichos/core/vessel';
import { useSearchParams } from 'react-router';
import * as z from 'zod';

const portionDraft = z.object({
  substance: z.string(),
  concentrationM: z.union([z.number(), z.literal('')]),
  volumeMl: z.union([z.number(), z.literal('')]),
});
const draftSchema = z.object({
  id: z.string(),
  a: portionDraft,
  b: portionDraft,
  container: z.enum(containerKinds as [ContainerKind, ...ContainerKind[]]),
});

/** A test being typed: numbers may still be empty. */
export type TestDraft = z.infer<typeof draftSchema>;
export type PortionDraft = TestDraft['a'];

const emptyPortion: PortionDraft = { substance: '', concentrationM: 0.1, volumeMl: 3 };

function emptyDraft(first = ''): TestDraft {
  return {
    id: crypto.randomUUID(),
    a: { ...emptyPortion, substance: first },
    b: emptyPortion,
    container: 'testTube',
  };
}

/** The test in the editor. What is typed survives a reload; choosing another test leaves the plan as it is. */
export interface TestDraftState {
  readonly values: TestDraft;
  readonly isNew: boolean;
  readonly isChanged: boolean;
  /** Opens a planned test, or an empty new one. */
  readonly choose: (testId: string | undefined) => void;
  readonly change: (part: Partial<TestDraft>) => void;
  /** After saving: the draft is the planned test now. What was typed while it was on its way stays, as a change to it. */
  readonly settle: (saved: PlannedTest) => void;
}

/** Keeps one draft for each lab day in the browser's storage. */
export function useTestDraft(day: LabDay): TestDraftState {
  const [parameters, setParameters] = useSearchParams();
  const asked = parameters.get('a');
  const [stored, setStored] = useLocalStorage<TestDraft | null>({
    key: `stoichos-draft-${day.id}`,
    defaultValue: null,
    getInitialValueInEffect: false,
    deserialize: (text) => {
      const parsed = draftSchema.safeParse(JSON.parse(text ?? 'null'));
      return parsed.success ? parsed.data : null;
    },
  });
  const testId = parameters.get('test');
  const planned =
    day.tests.find(({ id }) => id === testId) ??
    (testId === null && asked === null ? day.tests[0] : undefined);
  const isOwn =
    stored !== null && (planned ? stored.id === planned.id : !isPlanned(day, stored.id));
  const values = isOwn ? stored : (planned ?? fallback(day.id, asked ?? ''));
  return {
    values,
    isNew: !planned,
    isChanged: isOwn && planned !== undefined && !sameTest(stored, planned),
    choose: (id) => {
      if (id === undefined && !(stored && !isPlanned(day, stored.id))) setStored(emptyDraft());
      setParameters({ test: id ?? 'new' }, { replace: true });
    },
    change: (part) => setStored({ ...values, ...part }),
    settle: (saved) => {
      setStored((now) => (now && !sameTest(now, saved) ? { ...now, id: saved.id } : null));
      setParameters({ test: saved.id }, { replace: true });
    },
  };
}

const isPlanned = (day: LabDay, id: string): boolean => day.tests.some((test) => test.id === id);

const sameTest = (draft: TestDraft, test: PlannedTest): boolean =>
  JSON.stringify([draft.a, draft.b, draft.container]) ===
  JSON.stringify([test.a, test.b, test.container]);

const fallbacks = new Map<string, TestDraft>();
/** An empty draft that stays the same until something is typed into it. */
function fallback(dayId: string, first: string): TestDraft {
  const key = `${dayId} ${first}`;
  const known = fallbacks.get(key) ?? emptyDraft(first);
  fallbacks.set(key, known);
  return known;
}
