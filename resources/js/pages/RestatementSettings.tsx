export { RestatementSettingsPage as default } from '@/features/office';
