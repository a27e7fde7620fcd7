export { TimesheetsPage as default } from '@/features/timesheets';
