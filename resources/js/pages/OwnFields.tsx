export { OwnFieldsPage as default } from '@/features/own-fields';
