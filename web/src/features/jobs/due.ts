import { day } from '../../app/dates';
import * as labels from './labels';

const DAY_MS = 24 * 60 * 60 * 1000;

/** Days from today to a day as 2026-12-05; below zero when it is over. */
export function daysUntil(due: string, now: Date): number {
  const [year = 0, month = 1, date = 1] = due.split('-').map(Number);
  const today = Date.UTC(now.getFullYear(), now.getMonth(), now.getDate());
  return Math.round((Date.UTC(year, month - 1, date) - today) / DAY_MS);
}

/** When a job is due, in words. */
export function dueWords(due: string, now: Date): string {
  const days = daysUntil(due, now);
  const [year = 0, month = 1, date = 1] = due.split('-').map(Number);
  const on = day(new Date(year, month - 1, date), year !== now.getFullYear());
  if (days < 0) return labels.wasDue(on);
  return days === 0 ? labels.dueToday : days === 1 ? labels.dueTomorrow : labels.dueOn(on);
}
