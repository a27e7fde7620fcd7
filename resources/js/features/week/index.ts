export { WeekPage } from './WeekPage';
