export { OrganisationPage as default } from '@/features/organisation';
