export { MonthPage } from './MonthPage';
