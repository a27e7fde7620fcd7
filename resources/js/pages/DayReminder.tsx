export { DayReminderPage as default } from '@/features/day-reminder';
