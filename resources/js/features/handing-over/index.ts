export { HandingOverPage } from './HandingOverPage';
