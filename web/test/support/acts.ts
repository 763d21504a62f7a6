import { fireEvent, screen, waitFor } from '@testing-library/react';
import type { within } from '@testing-library/react';
import { PointerEventsCheckLevel, userEvent } from '@testing-library/user-event';
import { expect } from 'vitest';

/** The chemistry may take a moment, longer on a laden machine. */
export const patience = { timeout: 20_000, interval: 250 };

type Name = string | RegExp;

// Whether something lies over what is tapped is a matter of layout, which only a browser has.
export const user = userEvent.setup({ pointerEventsCheck: PointerEventsCheckLevel.Never });

/** Taps a button, link, tab or whatever else has the role, once it can be tapped: a person waits for that, too. */
export async function tap(name: Name, role = 'button', where = screen as Where): Promise<void> {
  const found = await where.findByRole(role, { name }, patience);
  await waitFor(() => expect(found).toBeEnabled(), patience);
  // What was waited for may have been drawn anew.
  await user.click(await where.findByRole(role, { name }, patience));
}

/** Anything that can be looked through. */
export type Where = Pick<
  ReturnType<typeof within>,
  'findByRole' | 'findByLabelText' | 'findByText'
>;

/** Puts text into a field in place of what stands there. */
export async function fill(label: Name, text: string, where = screen as Where): Promise<void> {
  const field = await where.findByLabelText(label, { selector: 'input' });
  fireEvent.change(field, { target: { value: text } });
}

/** Chooses an option of a list. */
export async function choose(label: string, option: Name, where = screen as Where): Promise<void> {
  await user.click(await where.findByRole('combobox', { name: label }));
  await user.click(await screen.findByRole('option', { name: option }));
}

/** Finds something by what is typed, and takes the first that is offered, or the one of a name. */
export async function find(label: string, typed: string, option?: RegExp): Promise<void> {
  const field = await screen.findByRole('combobox', { name: label });
  await user.click(field);
  fireEvent.change(field, { target: { value: typed } });
  if (!option) await user.keyboard('{Enter}');
  else {
    const [first] = await screen.findAllByRole('option', { name: option });
    if (first) await user.click(first);
  }
}
