export { DayReminderPage } from './DayReminderPage';
