export { SheetsPage } from './SheetsPage';
