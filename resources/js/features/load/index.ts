export { LoadPage } from './LoadPage';
