export { OwnFieldsPage } from './OwnFieldsPage';
