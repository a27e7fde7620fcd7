export { ReportedPage } from './ReportedPage';
