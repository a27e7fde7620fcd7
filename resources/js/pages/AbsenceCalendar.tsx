export { AbsenceCalendarPage as default } from '@/features/leave';
