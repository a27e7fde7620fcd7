export { NotSubmittedPage } from './NotSubmittedPage';
