export { TimesheetsPage } from './TimesheetsPage';
