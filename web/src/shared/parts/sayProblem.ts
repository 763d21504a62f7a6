import { notifications } from '@mantine/notifications';
import { explainError } from '../../data/api/explainError';

/** Says in words what could not be done, and what to do about it. */
export function sayProblem(error: unknown, title: string): void {
  const { message, remedy } = explainError(error);
  notifications.show({ color: 'red', title, message: `${message} ${remedy}` });
}
