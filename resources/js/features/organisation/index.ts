export { OrganisationPage } from './OrganisationPage';
