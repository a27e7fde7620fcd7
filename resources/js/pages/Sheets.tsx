export { SheetsPage as default } from '@/features/sheets';
