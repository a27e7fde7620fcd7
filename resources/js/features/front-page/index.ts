export { FrontPage } from './FrontPage';
